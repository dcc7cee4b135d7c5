import { api } from '../api/client';
import type { RepDay } from '../api/repTypes';
import type { Session } from '../api/types';

/** As in public/sw.js. */
const KEPT = 'kept-1';

/**
 * On a player's own phone the program, his page and his reps are kept, so that they open without a network
 * (public/sw.js). A coach's machine keeps nothing.
 */
export async function keepHere(session: Session | null): Promise<void> {
    const workers = navigator.serviceWorker as ServiceWorkerContainer | undefined;
    if (workers === undefined) return;
    if (session === null || session.staff) {
        const all = await workers.getRegistrations();
        await Promise.all(all.map((one) => one.unregister()));
        return;
    }
    await workers.register('/sw.js');
    const ready = await workers.ready;
    // The pages of his that are not open yet.
    await Promise.all([import('../reps/Reps'), import('../grades/Grades')]);
    ready.active?.postMessage({ keep: loaded() });
    if (session.playerId) await hisDay(session.playerId);
}

/** His page, the questions of his day and their pictures: whatever is asked is kept (public/sw.js). */
async function hisDay(player: string): Promise<void> {
    await Promise.all([api.get('session'), api.get(`players/${player}`)]);
    const day = await api.get<RepDay>(`players/${player}/reps`);
    const reps = `/api/v1/players/${player}/reps/`;
    const wanted = new Set(day.questions.map(({ id }) => reps + id));
    const kept = await caches.open(KEPT);
    for (const { url } of await kept.keys()) {
        const { pathname } = new URL(url);
        // Those of days before are asked no more.
        if (pathname.startsWith(reps) && !wanted.has(pathname)) await kept.delete(url);
    }
    // One after the other: a team opens its phones at the same minute.
    for (const { id } of day.questions) {
        const path = `players/${player}/reps/${id}`;
        const isHere = (await caches.match(`/api/v1/${path}`)) !== undefined;
        if (!isHere) await api.get(path);
    }
}

/** The files of the program this page has loaded, and what it was told to load. */
function loaded(): string[] {
    const seen = performance.getEntriesByType('resource').map((one) => new URL(one.name));
    const paths = seen.filter((url) => url.origin === location.origin && url.pathname.startsWith('/build/'));
    return [...new Set(paths.map((url) => url.pathname))];
}
