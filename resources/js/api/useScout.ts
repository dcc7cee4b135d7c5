import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from './client';
import type { ScoutIndex, ScoutPage, ShareTable } from './scoutTypes';

const of = (opponent: string) => `scout/${encodeURIComponent(opponent)}`;

export const scoutKey = (opponent: string) => ['scout', opponent] as const;

/** Opponents with charted film, and what can be asked of them. */
export function useScouted() {
    return useQuery({ queryKey: ['scout'], queryFn: () => api.get<ScoutIndex>('scout') });
}

/** What the film of one opponent says. */
export function useScoutPage(opponent: string) {
    return useQuery({
        queryKey: scoutKey(opponent),
        queryFn: () => api.get<ScoutPage>(of(opponent)),
        enabled: opponent !== '',
    });
}

/** What he shows by one part of the situation; the table before stays until the next is there. */
export function useShares(opponent: string, by: string, showing: string) {
    return useQuery({
        queryKey: [...scoutKey(opponent), by, showing],
        queryFn: () => api.get<ShareTable>(`${of(opponent)}/shares?by=${by}&showing=${showing}`),
        placeholderData: keepPreviousData,
    });
}

export type Counted = { words: string; shown: number };

/** Sets how often looks of the shelf were shown. */
export const countShelf = (opponent: string, looks: Counted[]) =>
    api.put<ScoutPage>(`${of(opponent)}/shelf`, { looks });
