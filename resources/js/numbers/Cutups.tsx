import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import { useSession } from '../app/session';
import { Button } from '../ui/Button';
import type { Cutup, Filter } from './types';

type Props = { filter: Filter; onFilter: (f: Filter) => void; onPlay: (name: string, f: Filter) => void };

/** Cut-ups: a filter under a name, one's own or shared with the staff, to be counted or watched. */
export function Cutups({ filter, onFilter, onPlay }: Props) {
    const client = useQueryClient();
    const session = useSession();
    const list = useQuery({ queryKey: ['cutups'], queryFn: () => api.get<{ cutups: Cutup[] }>('cutups') });
    const done = () => void client.invalidateQueries({ queryKey: ['cutups'] });
    const failed = (e: unknown) => toast.error(e instanceof Problem ? e.message : 'Not possible.');
    const keep = () => {
        const name = window.prompt('Name of the cut-up')?.trim();
        if (!name) return;
        api.post('cutups', { name, filter, shared: window.confirm('Share it with the whole staff?') })
            .then(() => (done(), toast(`Cut-up ${name} kept`)))
            .catch(failed);
    };
    return (
        <div className="no-print flex flex-wrap items-center gap-1.5 text-sm" role="group" aria-label="Cut-ups">
            {(list.data?.cutups ?? []).map((c) => (
                <span key={c.id} className="flex items-center rounded-full border border-edge bg-card pl-2.5 narrow">
                    <button
                        type="button"
                        title="Count these snaps"
                        className="py-0.5 font-semibold"
                        onClick={() => onFilter(c.filter)}
                    >
                        {c.name}
                        {c.shared ? '' : ' (mine)'}
                    </button>
                    <button
                        type="button"
                        aria-label={`Watch ${c.name}`}
                        className="px-1.5"
                        onClick={() => onPlay(c.name, c.filter)}
                    >
                        ▸
                    </button>
                    {c.user_id === session.id && (
                        <button
                            type="button"
                            aria-label={`Throw ${c.name} away`}
                            className="pr-2 text-soft hover:text-ball"
                            onClick={() => api.remove(`cutups/${c.id}`).then(done).catch(failed)}
                        >
                            ×
                        </button>
                    )}
                </span>
            ))}
            <Button onClick={keep}>Keep as a cut-up</Button>
            <Button kind="quiet" onClick={() => onPlay('These snaps', filter)}>
                Watch these
            </Button>
        </div>
    );
}
