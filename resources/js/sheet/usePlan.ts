import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Opening, Plan, Weighed } from '../api/planTypes';
import type { MenuRow, SavedLook } from '../api/types';
import type { Situation } from '../api/useProof';
import { useWrite } from '../api/useWrite';

/** The calls of the sheet against an opponent, and a way to change them. */
export function usePlan(opponent: string) {
    const client = useQueryClient();
    const key = ['plans', opponent];
    const path = `plans/${encodeURIComponent(opponent)}`;
    const plan = useQuery({ queryKey: key, queryFn: () => api.get<Plan>(path), enabled: opponent !== '' });
    const { write: put, busy } = useWrite<Partial<Pick<Plan, 'calls' | 'openers'>>, Plan>({
        send: (change) => api.put<Plan>(path, change, plan.data?.version),
        otherwise: 'The sheet was not saved.',
        done: (saved) => client.setQueryData(key, saved),
        asksAgain: [key],
    });
    return {
        calls: plan.data?.calls ?? null,
        openers: plan.data?.openers ?? null,
        write: (calls: string[]) => put({ calls }),
        begin: (openers: string[]) => put({ openers }),
        busy,
    };
}

export type Shown = Pick<SavedLook, 'words' | 'shown'>;

type Proved = Record<string, MenuRow[]>;

/** Whether every saved call is proved against every look. */
export const isFull = (rows: Proved, shown: Shown[]): boolean =>
    shown.length > 0 && shown.every((l) => (rows[l.words] ?? []).length > 0);

/** What is to be weighed: each call with its proofs in the order of the looks, and whether it is on the sheet. */
export function weighing(rows: Proved, shown: Shown[], on: string[]) {
    const first = rows[shown[0].words];
    const at = (look: string, id: string) => rows[look].find((r) => r.id === id);
    const calls = first.map((c) => ({
        id: c.id,
        name: c.name,
        on: on.includes(c.id),
        pass: c.pass,
        cells: shown.map((l) => {
            const cell = at(l.words, c.id)?.cell;
            return {
                chance: cell?.worth.byRule.chance ?? 0,
                worst: cell?.worth.worst.chance ?? 0,
                verdict: cell?.verdict ?? 'covered',
                key: cell?.key ?? null,
            };
        }),
    }));
    return { looks: shown.map((l) => ({ words: l.words, shown: l.shown })), calls };
}

/** What the sheet adds up to against what the opponent shows; asked when all proofs are there. */
export function useWeighed(rows: Proved, shown: Shown[], on: string[] | null) {
    const full = on !== null && isFull(rows, shown);
    const asked = full ? weighing(rows, shown, on) : null;
    return useQuery({
        queryKey: ['plan-weighed', asked],
        queryFn: () => api.post<Weighed>('plans/weigh', asked),
        enabled: asked !== null,
        placeholderData: (before) => before,
    });
}

/** What each call of the sheet asks, and what to call next by the answer; asked when all proofs are there. */
export function useOpenings(
    rows: Proved,
    shown: Shown[],
    on: string[] | null,
    how: { situation: Situation; named: boolean },
) {
    const full = on !== null && isFull(rows, shown);
    const asked = full ? { ...weighing(rows, shown, on), ...how } : null;
    return useQuery({
        queryKey: ['plan-openers', asked],
        queryFn: () => api.post<{ calls: Opening[] }>('plans/openers', asked).then((a) => a.calls),
        enabled: asked !== null,
        placeholderData: (before) => before,
    });
}
