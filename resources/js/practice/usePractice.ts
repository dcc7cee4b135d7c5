import { installOf } from './NewThisWeek';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { api } from '../api/client';
import type { Period, Practice, PracticeAnswer, ScriptRow } from '../api/practiceTypes';
import { conflict } from '../api/problems';
import { useWrite } from '../api/useWrite';
import { drillWork } from './useDrillWork';

type Change = Partial<Pick<Practice, 'held_on' | 'title' | 'opponent' | 'starts_at' | 'runs' | 'periods'>>;

/** A practice, and every change to it: each is saved at once on the version it was made from. */
export function usePractice(id: string) {
    const client = useQueryClient();
    const key = ['practice', id];
    const answer = useQuery({ queryKey: key, queryFn: () => api.get<PracticeAnswer>(`practices/${id}`) });
    const waiting = useRef(0);
    const now = () => client.getQueryData<PracticeAnswer>(key);
    const put = (next: Practice) => api.put<PracticeAnswer>(`practices/${id}`, body(next), next.version);
    /** What is saved takes its place; where the hand has gone on meanwhile only its version does. */
    const kept = (saved: PracticeAnswer) =>
        client.setQueryData<PracticeAnswer>(key, (old) =>
            waiting.current > 0 && old
                ? { ...saved, practice: { ...old.practice, version: saved.practice.version } }
                : saved,
        );
    const theirs = () => client.invalidateQueries({ queryKey: key });
    const { write, busy } = useWrite<Practice, PracticeAnswer>({
        send: (next) => {
            waiting.current = Math.max(0, waiting.current - 1);
            return put({ ...next, version: now()?.practice.version ?? next.version });
        },
        inOrder: `practice ${id}`,
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
        asksAgain: [['practices'], drillWork(id), installOf(id)],
    });
    const change = (c: Change) => {
        const practice = now()?.practice;
        if (!practice) return;
        const next = { ...practice, ...c };
        // The hand sees it at once; what it adds up to follows from the server.
        client.setQueryData<PracticeAnswer>(key, (old) => old && { ...old, practice: next });
        waiting.current += 1;
        void write(next);
    };
    const period = (place: number, c: Partial<Period>) =>
        change({ periods: now()?.practice.periods.map((p, n) => (n === place ? { ...p, ...c } : p)) });
    const { write: fill, busy: filling } = useWrite<{ place: number; rows: number }, { rows: ScriptRow[] }>({
        send: ({ place, rows }) => api.post(`practices/${id}/fill`, { period: place, rows }),
        otherwise: 'The script was not filled.',
        done: ({ rows }, { place }) => period(place, { script: rows }),
    });
    return { answer, change, period, fill, busy: busy || filling };
}

const body = ({ held_on, title, opponent, starts_at, runs, periods }: Practice) => ({
    held_on,
    title,
    opponent,
    starts_at,
    runs,
    periods,
});
