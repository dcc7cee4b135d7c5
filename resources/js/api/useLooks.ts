import { useQuery } from '@tanstack/react-query';
import { everyPage } from './pages';
import type { SavedLook } from './types';

export const LOOKS = ['looks'];

/** Every look on the shelves, however many there are: the one shown most first. */
export function useLooks() {
    const found = useQuery({ queryKey: LOOKS, queryFn: () => everyPage<SavedLook>('looks') });
    return { looks: found.data ?? null, isPending: found.isPending };
}
