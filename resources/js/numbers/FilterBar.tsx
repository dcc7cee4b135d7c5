import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Reel } from '../api/types';
import { Choice } from '../ui/Choice';
import type { Filter } from '../api/numberTypes';

type Props = { filter: Filter; onFilter: (f: Filter) => void };

/** Which snaps are counted. */
export function FilterBar({ filter, onFilter }: Props) {
    const reels = useQuery({
        queryKey: ['reels'],
        queryFn: () => api.get<{ reels: Reel[]; kinds: string[] }>('reels'),
    });
    const set = (field: string, value: string) => {
        const { [field]: _, ...rest } = filter;
        onFilter(value === '' ? rest : { ...rest, [field]: value });
    };
    const now = (field: string) => String(filter[field] ?? '');
    const opponents = [...new Set((reels.data?.reels ?? []).map((r) => r.opponent).filter(Boolean))];
    const title = (reels.data?.reels ?? []).find((r) => r.id === filter.reel_id)?.title ?? '';
    return (
        <div role="group" aria-label="Which snaps" className="flex flex-wrap items-end gap-2">
            <Choice
                label="Whose offense"
                value={now('ours') === 'true' ? 'ours' : now('ours') === 'false' ? 'theirs' : ''}
                empty="both"
                options={['ours', 'theirs']}
                onChange={(v) => set('ours', v === '' ? '' : v === 'ours' ? 'true' : 'false')}
            />
            <Choice
                label="Kind"
                value={now('kind')}
                empty="all"
                options={reels.data?.kinds ?? []}
                onChange={(v) => set('kind', v)}
            />
            <Choice
                label="Opponent"
                value={now('opponent')}
                empty="all"
                options={opponents}
                onChange={(v) => set('opponent', v)}
            />
            <Choice
                label="Reel"
                value={title}
                empty="all"
                options={(reels.data?.reels ?? []).map((r) => r.title)}
                onChange={(v) => set('reel_id', reels.data?.reels.find((r) => r.title === v)?.id ?? '')}
            />
            <Choice
                label="Down"
                value={now('down')}
                empty="all"
                options={['1', '2', '3', '4']}
                onChange={(v) => set('down', v)}
            />
            <Choice
                label="Run or pass"
                value={now('run') === 'true' ? 'run' : now('run') === 'false' ? 'pass' : ''}
                empty="both"
                options={['run', 'pass']}
                onChange={(v) => set('run', v === '' ? '' : v === 'run' ? 'true' : 'false')}
            />
            <Choice
                label="Decision"
                value={now('decision')}
                empty="all"
                options={['right', 'right but late', 'wrong', 'forced']}
                onChange={(v) => set('decision', v)}
            />
        </div>
    );
}
