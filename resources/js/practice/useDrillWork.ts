import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { DrillWork } from '../api/practiceTypes';

/** The drills a practice asks for and those that fit so many minutes; what became of the given ones. */
export function useDrillWork(practice: string, minutes = 1) {
    return useQuery({
        queryKey: ['drill work', practice, minutes],
        queryFn: () => api.get<DrillWork>(`practices/${practice}/drills?minutes=${minutes}`),
    });
}
