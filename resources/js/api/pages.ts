import { api } from './client';

/** All of a list that is sent in pages: "calls" is asked for until nothing follows. */
export async function everyPage<T>(what: string): Promise<T[]> {
    const all: T[] = [];
    let from = '';
    do {
        const page: Record<string, unknown> = await api.get(`${what}${from}`);
        all.push(...(page[what] as T[]));
        from = typeof page.next === 'string' ? `?cursor=${encodeURIComponent(page.next)}` : '';
    } while (from !== '');
    return all;
}
