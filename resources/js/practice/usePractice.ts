import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Period, Practice, PracticeAnswer, ScriptRow } from '../api/practiceTypes';
import { conflict } from '../api/problems';
import { useWrite } from '../api/useWrite';

type Change = Partial<Pick<Practice, 'held_on' | 'title' | 'opponent' | 'starts_at' | 'periods'>>;

/** A practice, and every change to it: each is saved at once on the version it was made from. */
export function usePractice(id: string) {
    const client = useQueryClient();
    const key = ['practice', id];
    const answer = useQuery({ queryKey: key, queryFn: () => api.get<PracticeAnswer>(`practices/${id}`) });
    const put = (next: Practice) => api.put<PracticeAnswer>(`practices/${id}`, body(next), next.version);
    const kept = (saved: PracticeAnswer) => client.setQueryData(key, saved);
    const theirs = () => client.invalidateQueries({ queryKey: key });
    const { write, busy } = useWrite<Practice, PracticeAnswer>({
        send: put,
        otherwise: 'The practice was not saved.',
        done: kept,
        stale: (e, mine) => {
            const onTop = { ...mine, version: Number(e.more.currentVersion) };
            conflict(
                e,
                { label: 'Keep mine', take: () => put(onTop).then(kept, theirs) },
                { label: 'Take theirs', take: theirs },
            );
        },
        asksAgain: [['practices']],
    });
    const practice = answer.data?.practice;
    const change = (c: Change) => {
        if (!practice) return;
        const next = { ...practice, ...c };
        // The hand sees it at once; what it adds up to follows from the server.
        client.setQueryData<PracticeAnswer>(key, (old) => old && { ...old, practice: next });
        void write(next);
    };
    const period = (place: number, c: Partial<Period>) =>
        practice && change({ periods: practice.periods.map((p, n) => (n === place ? { ...p, ...c } : p)) });
    const { write: fill, busy: filling } = useWrite<{ place: number; rows: number }, { rows: ScriptRow[] }>({
        send: ({ place, rows }) => api.post(`practices/${id}/fill`, { period: place, rows }),
        otherwise: 'The script was not filled.',
        done: ({ rows }, { place }) => period(place, { script: rows }),
    });
    return { answer, change, period, fill, busy: busy || filling };
}

const body = ({ held_on, title, opponent, starts_at, periods }: Practice) => ({
    held_on,
    title,
    opponent,
    starts_at,
    periods,
});
