import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { toast, Toaster } from 'sonner';
import { afterAll, afterEach, beforeEach, vi } from 'vitest';
import { SessionContext } from '../api/session';
import type { Session } from '../api/types';
import { useConnection } from '../api/connection';
import { Asking } from '../ui/window/Asking';
import { useAsking } from '../ui/window/asking';

type Sent = { method: string; path: string; body: unknown; version: string | null };
type Reply = { status?: number; body?: unknown };
type Route = unknown | ((sent: Sent) => unknown);

export const refusal = (status: number, detail: string, more: object = {}): { refused: Reply } => ({
    refused: { status, body: { title: 'Not possible', detail, ...more } },
});

/** The server does not answer at all. */
export const NO_ANSWER = Symbol('no answer');

/** Longer than the library takes to put a note away, milliseconds. */
const NOTE_OUT_MS = 300;

const COORDINATOR = { id: '1', name: 'Marlow Quist', staff: true, role: 'coordinator' } as unknown as Session;

/** Stands in for the server: routes by "METHOD path", and what was sent to it. */
export function serve(routes: Record<string, Route>): { sent: Sent[]; to: (what: string) => Sent[] } {
    const sent: Sent[] = [];
    vi.stubGlobal('fetch', async (url: string, init: RequestInit = {}) => {
        const path = url.replace('/api/v1/', '');
        const method = init.method ?? 'GET';
        const body = typeof init.body === 'string' ? JSON.parse(init.body) : init.body;
        const call = { method, path, body, version: new Headers(init.headers).get('If-Match') };
        sent.push(call);
        const route = routes[`${method} ${path}`];
        const made = typeof route === 'function' ? await route(call) : route;
        if (made === NO_ANSWER) throw new TypeError('failed to fetch');
        if (made === undefined)
            return new Response(JSON.stringify({ detail: `no ${method} ${path}` }), { status: 404 });
        const { status = 200, body: answer } =
            typeof made === 'object' && made !== null && 'refused' in made
                ? (made as { refused: Reply }).refused
                : { body: made };
        return new Response(answer === null ? '' : JSON.stringify(answer), { status });
    });
    return { sent, to: (what) => sent.filter((s) => `${s.method} ${s.path}` === what) };
}

/** The component inside what the whole application stands in: queries, session, questions, notes. */
export const inHouse = (ui: ReactNode, client: QueryClient, session: Session = COORDINATOR) => (
    <QueryClientProvider client={client}>
        <SessionContext value={session}>
            {ui}
            <Asking />
            <Toaster style={{ pointerEvents: 'auto' }} />
        </SessionContext>
    </QueryClientProvider>
);

/** That house, rendered. */
export function house(ui: ReactNode, session: Session = COORDINATOR) {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    return { client, ...render(inHouse(ui, client, session)) };
}

/** A house for each test alone. */
export function eachItsOwn() {
    beforeEach(() => {
        useConnection.setState({ lost: false });
        useAsking.setState({ question: null, answer: () => undefined });
    });
    afterEach(() => {
        cleanup();
        toast.dismiss();
        vi.unstubAllGlobals();
        vi.restoreAllMocks();
    });
    // A note that is on its way out still has a timer of its own, and the window it needs is gone with the file.
    afterAll(() => new Promise((done) => setTimeout(done, NOTE_OUT_MS)));
}
