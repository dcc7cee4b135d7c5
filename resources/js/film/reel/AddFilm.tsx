import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Upload as Tus } from 'tus-js-client';
import { useWrite } from '../../api/useWrite';
import { useThrowAway } from '../../api/useThrowAway';
import { api } from '../../api/client';
import type { Angle, Clip, ReelPage, Snap } from '../../api/types';
import { goesOn, WAITS_S } from '../../model/goesOn';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { Window } from '../../ui/window/Window';
import { CutFilm } from './CutFilm';

type Sending = { name: string; share: number; state: 'sending' | 'stopped' | 'sent' | 'refused'; says: string };

/** Bytes sent at once. */
const PART = 4 * 1024 * 1024;

const xsrf = () => decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1] ?? '');

/** Sends films part by part: it can be stopped, and goes on after a break or a reload with the same file. */
export function AddFilm({ reel, snap }: { reel: ReelPage; snap: Snap | null }) {
    const client = useQueryClient();
    const [angle, setAngle] = useState<Angle>('wide');
    const [toSnap, setToSnap] = useState(true);
    const [sending, setSending] = useState<Sending[]>([]);
    const running = useRef<Map<string, Tus>>(new Map());
    const say = (name: string, change: Partial<Sending>) =>
        setSending((all) => all.map((s) => (s.name === name ? { ...s, ...change } : s)));
    const send = async (file: File) => {
        setSending((all) => [
            ...all.filter((s) => s.name !== file.name),
            { name: file.name, share: 0, state: 'sending', says: '' },
        ]);
        const upload = new Tus(file, {
            endpoint: `/api/v1/reels/${reel.id}/uploads`,
            chunkSize: PART,
            retryDelays: WAITS_S.map((s) => s * 1000),
            onShouldRetry: (e) => {
                const again = goesOn(e.originalResponse?.getStatus() ?? 0);
                if (again) say(file.name, { says: 'The line broke; it goes on by itself.' });
                return again;
            },
            headers: { 'X-XSRF-TOKEN': xsrf(), Accept: 'application/json' },
            metadata: { filename: file.name, angle, ...(toSnap && snap ? { snap: snap.id } : {}) },
            onProgress: (sent, all) => say(file.name, { share: all > 0 ? sent / all : 0 }),
            onChunkComplete: () => say(file.name, { says: '' }),
            onError: (e) => {
                const body = 'originalResponse' in e ? e.originalResponse?.getBody() : undefined;
                say(file.name, {
                    state: 'stopped',
                    says: detail(body) ?? 'It broke off. Choose the file again to go on.',
                });
            },
            onSuccess: ({ lastResponse }) => {
                say(file.name, { share: 1, state: 'sent', says: 'being made ready' });
                void watch(file.name, lastResponse.getHeader('X-Clip') ?? '');
            },
        });
        const before = await upload.findPreviousUploads();
        if (before[0]) upload.resumeFromPreviousUpload(before[0]);
        running.current.set(file.name, upload);
        upload.start();
    };
    /** Waits until the server has made the film ready or refused it. */
    const watch = async (name: string, id: string) => {
        for (let n = 0; n < 600 && id; n++) {
            const clip = await api.get<Clip>(`clips/${id}`).catch(() => null);
            if (clip?.status === 'refused' || clip?.status === 'broken')
                return say(name, { state: 'refused', says: clip.reason });
            if (clip?.status === 'ready') {
                const next = clip.snap_id ? 'ready.' : 'ready; put it to a snap below, or cut it.';
                say(name, { says: `${next} ${clip.reason}`.trim() });
                void client.invalidateQueries({ queryKey: ['reel'] });
                void client.invalidateQueries({ queryKey: ['snap'] });
                return;
            }
            await new Promise((r) => setTimeout(r, 700));
        }
    };
    return (
        <Dialog.Root>
            <Dialog.Trigger asChild>
                <Button>Add film</Button>
            </Dialog.Trigger>
            <Window
                title={`Add film to ${reel.title}`}
                says="MP4 and WebM play at once; others, and what a phone filmed on its side, are converted. A line that breaks goes on by itself; after a reload choose the same file again, and it goes on where it stopped."
                className="w-[560px]"
            >
                <div className="flex flex-wrap items-end gap-3 text-sm">
                    <label>
                        Angle{' '}
                        <Select value={angle} onChange={(e) => setAngle(e.target.value as Angle)}>
                            <option value="wide">wide</option>
                            <option value="tight">tight</option>
                        </Select>
                    </label>
                    <label className="flex items-center gap-1.5">
                        <input
                            type="checkbox"
                            checked={toSnap && snap !== null}
                            disabled={!snap}
                            onChange={(e) => setToSnap(e.target.checked)}
                        />
                        goes to snap {snap?.number ?? snap?.place ?? '–'}
                    </label>
                    <label className="block w-full text-xs text-soft">
                        Films
                        <input
                            type="file"
                            multiple
                            accept="video/*,.mkv,.avi,.mov,.mts,.webm,.mp4"
                            className="mt-1 block w-full text-sm text-ink"
                            onChange={(e) => [...(e.target.files ?? [])].forEach((f) => void send(f))}
                        />
                    </label>
                </div>
                <ul className="mt-3 space-y-1.5" aria-label="Films on their way">
                    {sending.map((s) => (
                        <li key={s.name} className="text-sm">
                            <span className="flex items-baseline gap-2">
                                <b className="min-w-0 truncate">{s.name}</b>
                                <span
                                    className={
                                        s.state === 'refused' || s.state === 'stopped' ? 'text-ball' : 'text-soft'
                                    }
                                    role="status"
                                >
                                    {s.state === 'sending' ? `${Math.round(100 * s.share)} % ${s.says}`.trim() : s.says}
                                </span>
                                {s.state === 'sending' && (
                                    <button
                                        type="button"
                                        className="ml-auto underline"
                                        onClick={() => (
                                            void running.current.get(s.name)?.abort(),
                                            say(s.name, {
                                                state: 'stopped',
                                                says: 'Stopped. Choose the file again to go on.',
                                            })
                                        )}
                                    >
                                        Stop
                                    </button>
                                )}
                            </span>
                            <progress
                                value={s.share}
                                max={1}
                                className="h-1.5 w-full accent-ink"
                                aria-label={`${s.name} sent`}
                            />
                        </li>
                    ))}
                </ul>
                <Loose reel={reel} />
                <div className="mt-4 flex justify-end">
                    <Dialog.Close asChild>
                        <Button kind="strong">Done</Button>
                    </Dialog.Close>
                </div>
            </Window>
        </Dialog.Root>
    );
}

/** Films that belong to no snap yet: put to one, or cut by seconds into many. */
function Loose({ reel }: { reel: ReelPage }) {
    const client = useQueryClient();
    const [cuts, setCuts] = useState('');
    const [problem, setProblem] = useState('');
    const done = () => (void client.invalidateQueries({ queryKey: ['reel'] }), setProblem(''));
    const fail = (e: unknown) => setProblem(e instanceof Error ? e.message : 'Not possible.');
    const cut = (clip: Clip) => {
        const pairs = cuts
            .split(/[\n;]+/)
            .map((line) => line.match(/([\d.]+)\s*(?:-|to|–)\s*([\d.]+)/))
            .filter((m): m is RegExpMatchArray => m !== null)
            .map((m) => ({ fromS: Number(m[1]), toS: Number(m[2]) }));
        api.post(`clips/${clip.id}/cuts`, { cuts: pairs }).then(done).catch(fail);
    };
    const { throwAway } = useThrowAway('clip', [['reel']]);
    const again = useWrite<Clip>({
        send: (clip) => api.post(`clips/${clip.id}/again`, {}),
        otherwise: 'It was not tried again.',
        asksAgain: [['reel']],
    });
    if (reel.loose.length === 0) return null;
    return (
        <section className="mt-4 border-t border-edge pt-3">
            <h2 className="label">Films of no snap</h2>
            <ul className="mt-1 space-y-2">
                {reel.loose.map((c) => (
                    <li key={c.id} className="rounded-md border border-edge p-2 text-sm">
                        <b>{c.name}</b>{' '}
                        <span className="text-soft">
                            {c.status === 'refused' || c.status === 'broken'
                                ? c.reason
                                : `${c.status} ${c.reason}`.trim()}
                        </span>
                        <button
                            type="button"
                            className="float-right text-xs underline"
                            aria-label={`Throw ${c.name} away`}
                            onClick={() => void throwAway(c)}
                        >
                            Throw away
                        </button>
                        {c.status === 'broken' && (
                            <button
                                type="button"
                                className="ml-2 text-xs underline"
                                onClick={() => void again.write(c)}
                            >
                                Try again
                            </button>
                        )}
                        {c.status === 'ready' && (
                            <div className="mt-1 flex flex-wrap items-center gap-2">
                                <Select
                                    aria-label={`Snap of ${c.name}`}
                                    defaultValue=""
                                    onChange={(e) =>
                                        api
                                            .put(`clips/${c.id}`, { snap_id: e.target.value }, c.version)
                                            .then(done)
                                            .catch(fail)
                                    }
                                >
                                    <option value="" disabled>
                                        put to snap
                                    </option>
                                    {reel.snaps.map((s) => (
                                        <option key={s.id} value={s.id}>
                                            {s.number ?? s.place}
                                        </option>
                                    ))}
                                </Select>
                                <CutFilm reel={reel} clip={c} />
                                <input
                                    aria-label={`Cuts of ${c.name}, seconds`}
                                    value={cuts}
                                    onChange={(e) => setCuts(e.target.value)}
                                    placeholder="0-6.5; 20-27"
                                    className="min-w-0 flex-1 rounded border border-edge bg-paper px-2 py-0.5"
                                />
                                <Button onClick={() => cut(c)}>Cut by seconds</Button>
                            </div>
                        )}
                    </li>
                ))}
            </ul>
            <p role="alert" className="text-sm text-ball">
                {problem}
            </p>
        </section>
    );
}

function detail(body: string | undefined): string | null {
    try {
        return (JSON.parse(body ?? '') as { detail?: string }).detail ?? null;
    } catch {
        return null;
    }
}
