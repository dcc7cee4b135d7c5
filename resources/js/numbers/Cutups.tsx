import { useQuery } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api } from '../api/client';
import { useSession } from '../api/session';
import { Button } from '../ui/Button';
import type { Cutup, Filter } from '../api/numberTypes';
import { useWrite } from '../api/useWrite';
import { askWord, askYes } from '../ui/window/asking';

type Props = { filter: Filter; onFilter: (f: Filter) => void; onPlay: (name: string, f: Filter) => void };

/** Cut-ups: a filter under a name, one's own or shared with the staff, to be counted or watched. */
export function Cutups({ filter, onFilter, onPlay }: Props) {
    const session = useSession();
    const list = useQuery({ queryKey: ['cutups'], queryFn: () => api.get<{ cutups: Cutup[] }>('cutups') });
    const kept = useWrite({
        send: (cutup: { name: string; filter: Filter; shared: boolean }) => api.post('cutups', cutup),
        otherwise: 'Not kept.',
        done: (_, cutup) => toast(`Cut-up ${cutup.name} kept`),
        asksAgain: [['cutups']],
    });
    const thrown = useWrite({
        send: (id: string) => api.remove(`cutups/${id}`),
        otherwise: 'Not thrown away.',
        asksAgain: [['cutups']],
    });
    const keep = async () => {
        const name = await askWord({ title: 'Keep these snaps', label: 'Name of the cut-up', yes: 'Keep' });
        if (!name) return;
        const shared = await askYes({
            title: `Share ${name} with the whole staff?`,
            yes: 'Share it',
            no: 'Mine alone',
        });
        if (shared !== null) await kept.write({ name, filter, shared });
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
                            onClick={() => void thrown.write(c.id)}
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
