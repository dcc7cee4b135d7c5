import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { BookDocument, StaffBook } from '../api/types';

export type Lists = Partial<Pick<BookDocument, 'aliases' | 'settings' | 'values' | 'families'>>;

/** The staff book, saved as soon as something in it is changed. */
export function useBook() {
    const client = useQueryClient();
    const book = useQuery({ queryKey: ['staff-book'], queryFn: () => api.get<StaffBook>('staff-book') });
    const settled = async (done: StaffBook, words: string) => {
        client.setQueryData(['staff-book'], done);
        await client.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'staff-book' });
        toast(words);
    };
    const save = async (lists: Lists, words: string): Promise<boolean> => {
        if (!book.data) return false;
        try {
            await settled(await api.put<StaffBook>('staff-book', lists, book.data.version), words);
            return true;
        } catch (e) {
            toast.error(e instanceof Problem ? e.message : 'Not saved.');
            if (e instanceof Problem && e.status === 412) await client.invalidateQueries({ queryKey: ['staff-book'] });
            return false;
        }
    };
    return { data: book.data, save, settled };
}
