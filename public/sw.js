/*
 * Keeps a player's page and his reps on his phone, so that they open without a network: the program itself, and what the
 * server said last. Only a player's own phone has it (resources/js/app/keptHere.ts); signing out forgets it all.
 */
const PROGRAM = 'program-1';
const KEPT = 'kept-1';
/** What of the server's answers is kept: who he is, his page and his reps. Film is too large. */
const HIS = /^\/api\/v1\/(session|players\/[^/]+|players\/[^/]+\/reps(\/[^/]+)?)$/;
const SHELL = ['/', '/theme.js', '/mark.svg', '/mark-192.png', '/app.webmanifest'];

self.addEventListener('install', (e) => {
    e.waitUntil(
        caches
            .open(PROGRAM)
            .then((program) => program.addAll(SHELL))
            .then(() => self.skipWaiting()),
    );
});

self.addEventListener('activate', (e) => {
    const old = (names) => names.filter((name) => name !== PROGRAM && name !== KEPT);
    e.waitUntil(
        caches
            .keys()
            .then((names) => Promise.all(old(names).map((name) => caches.delete(name))))
            .then(() => self.clients.claim()),
    );
});

self.addEventListener('fetch', (e) => {
    const { request } = e;
    const url = new URL(request.url);
    if (url.origin !== location.origin) return;
    if (request.method === 'DELETE' && url.pathname === '/api/v1/session') e.waitUntil(caches.delete(KEPT));
    if (request.method !== 'GET') return;
    if (request.mode === 'navigate') e.respondWith(fromNetwork(request, PROGRAM, '/'));
    else if (HIS.test(url.pathname)) e.respondWith(fromNetwork(request, KEPT, url.pathname));
    else if (url.pathname.startsWith('/build/') || SHELL.includes(url.pathname)) e.respondWith(fromHere(request));
});

/** What the program names, kept once it is there: its files have another name when they change. */
self.addEventListener('message', (e) => {
    const paths = Array.isArray(e.data?.keep) ? e.data.keep : [];
    e.waitUntil(caches.open(PROGRAM).then((program) => Promise.all(paths.map((path) => missing(program, path)))));
});

async function missing(program, path) {
    if ((await program.match(path)) === undefined) await program.add(path).catch(() => undefined);
}

/** The server's answer, kept for later; what was kept where the server is not reached. */
async function fromNetwork(request, name, as) {
    const kept = await caches.open(name);
    try {
        const answer = await fetch(request);
        if (answer.ok && !answer.redirected) await kept.put(as, answer.clone());
        // Whoever is signed out is nobody whose things are kept.
        if (answer.status === 401) await caches.delete(KEPT);
        return answer;
    } catch (e) {
        const before = await kept.match(as);
        if (before === undefined) throw e;
        const headers = new Headers(before.headers);
        // The page says that there is no network (resources/js/api/client.ts).
        headers.set('X-Kept-Here', '1');
        return new Response(before.body, { status: before.status, headers });
    }
}

async function fromHere(request) {
    const program = await caches.open(PROGRAM);
    const kept = await program.match(request);
    if (kept !== undefined) return kept;
    const answer = await fetch(request);
    if (answer.ok) await program.put(request, answer.clone());
    return answer;
}
