import { useQuery } from '@tanstack/react-query';
import { everyPage } from './pages';
import type { SavedCall } from './types';

export const CALLS = ['calls'];

/** Every call of the book, however many there are. */
export function useCalls() {
    const found = useQuery({ queryKey: CALLS, queryFn: () => everyPage<SavedCall>('calls') });
    return { calls: found.data ?? null, isPending: found.isPending };
}
