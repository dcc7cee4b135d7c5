import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import type { DrillRow } from './drillTypes';

export const DRILL_CARDS = ['drills'];

/** Every drill card: those that ship, and the staff's own in their place or after them. */
export function useDrillCards() {
    return useQuery({
        queryKey: DRILL_CARDS,
        queryFn: () => api.get<{ drills: DrillRow[]; groups: string[] }>('drills'),
    });
}
