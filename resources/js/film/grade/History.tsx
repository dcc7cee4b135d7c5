import { useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';

type Change = { id: string; at: string; who: string; what: string };

const moment = (at: string) => new Date(at).toLocaleString('en', { dateStyle: 'medium', timeStyle: 'short' });

/** Who gave and changed this man's grade, the latest first. Asked for anew whenever it is opened. */
export function History({ snap, man }: { snap: string; man: string }) {
    const kept = useQuery({
        queryKey: ['grade-history', snap, man],
        queryFn: () => api.get<{ changes: Change[] }>(`snaps/${snap}/grades/${man}/history`),
        gcTime: 0,
    });
    if (!kept.data) return <p>{kept.error ? kept.error.message : 'Looking it up …'}</p>;
    if (kept.data.changes.length === 0) return <p>Nobody changed this grade since histories are kept.</p>;
    return (
        <ol className="max-h-40 space-y-1 overflow-y-auto" aria-label={`What ${man}'s grade was`}>
            {kept.data.changes.map((c) => (
                <li key={c.id}>
                    <span className="font-semibold text-ink">{c.who}</span> <time dateTime={c.at}>{moment(c.at)}</time>
                    <span className="block text-ink">{c.what}</span>
                </li>
            ))}
        </ol>
    );
}
