import { answered } from './connection';

/** A refusal from the server (RFC 9457): what went wrong, the cure, and whatever helps. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        readonly title: string,
        detail: string,
        readonly more: Record<string, unknown> = {},
    ) {
        super(detail);
    }
}

function xsrf(): string {
    const found = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/);
    return found ? decodeURIComponent(found[1]) : '';
}

type Sent = { body?: unknown; form?: FormData; version?: number; signal?: AbortSignal; file?: boolean };

async function send<T>(method: string, path: string, sent: Sent = {}): Promise<T> {
    const headers: Record<string, string> = { Accept: 'application/json', 'X-XSRF-TOKEN': xsrf() };
    if (sent.body !== undefined) headers['Content-Type'] = 'application/json';
    if (sent.version !== undefined) headers['If-Match'] = `"${sent.version}"`;
    const answer = await fetch(`/api/v1/${path}`, {
        method,
        headers,
        body: sent.form ?? (sent.body === undefined ? undefined : JSON.stringify(sent.body)),
        signal: sent.signal,
        credentials: 'same-origin',
    }).catch((e: unknown) => {
        if (e instanceof DOMException && e.name === 'AbortError') throw e;
        answered(true);
        throw new Problem(0, 'The server does not answer', 'Nothing was changed. Check the connection and try again.');
    });
    // What a player's phone kept of before is no answer of the server (public/sw.js).
    answered(answer.headers.has('X-Kept-Here'));
    if (answer.ok && sent.file) return (await answer.blob()) as T;
    const text = await answer.text();
    let data: Record<string, unknown> | null = null;
    try {
        data = text === '' ? null : JSON.parse(text);
    } catch {
        data = null;
    }
    if (!answer.ok) {
        throw new Problem(
            answer.status,
            String(data?.title ?? 'Not possible'),
            String(
                data?.detail ??
                    (answer.status === 413 ? 'The file is too large for this server.' : 'The server refused this.'),
            ),
            data ?? {},
        );
    }
    return data as T;
}

export const api = {
    get: <T>(path: string, signal?: AbortSignal) => send<T>('GET', path, { signal }),
    post: <T>(path: string, body: unknown, signal?: AbortSignal, version?: number) =>
        send<T>('POST', path, { body, signal, version }),
    file: (path: string, body: unknown) => send<Blob>('POST', path, { body, file: true }),
    upload: <T>(path: string, form: FormData) => send<T>('POST', path, { form }),
    put: <T>(path: string, body: unknown, version?: number) => send<T>('PUT', path, { body, version }),
    patch: <T>(path: string, body: unknown) => send<T>('PATCH', path, { body }),
    remove: (path: string, body?: unknown) => send<null>('DELETE', path, { body }),
};
