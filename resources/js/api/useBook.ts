import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api } from './client';
import type { BookDocument, StaffBook } from './types';
import { useWrite } from './useWrite';
import { refused } from './problems';

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
    const keep = useWrite({
        send: ({ lists, version }: { lists: Lists; words: string; version: number }) =>
            api.put<StaffBook>('staff-book', lists, version),
        otherwise: 'Not saved.',
        done: (book, { words }) => settled(book, words),
        stale: async (e) => {
            refused(e, 'Not saved.');
            await client.invalidateQueries({ queryKey: ['staff-book'] });
        },
    });
    const save = async (lists: Lists, words: string): Promise<boolean> =>
        book.data !== undefined && (await keep.write({ lists, words, version: book.data.version })) !== undefined;
    return { data: book.data, save, settled };
}
