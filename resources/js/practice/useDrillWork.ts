import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { DrillWork } from '../api/practiceTypes';

export const drillWork = (practice: string) => ['drill work', practice];

/** The drills a practice asks for, those that fit each period, and what became of the given ones. */
export function useDrillWork(practice: string) {
    return useQuery({
        queryKey: drillWork(practice),
        queryFn: () => api.get<DrillWork>(`practices/${practice}/drills`),
        placeholderData: (before) => before,
    });
}
