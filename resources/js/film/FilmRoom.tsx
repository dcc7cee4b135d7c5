import { useQuery } from '@tanstack/react-query';
import { useNavigate, useSearch } from '@tanstack/react-router';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { Clip } from '../api/types';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/useKeys';
import { yardLine } from '../ui/words';
import { Calibrate, type Aim } from './Calibrate';
import { ClipStrip } from './ClipStrip';
import { FilmTempo } from './FilmTempo';
import { openClip, useFilm, withMark, withPlot, withPoint, withPoints, type MarkKind, type Point } from './filmStore';
import { Marks } from './Marks';
import { Picture, type Mode } from './Picture';
import { PlanDone } from './PlanDone';
import { Upload } from './Upload';
import { useClipSaving } from './useClipSaving';
import { useMeasured, useOverlay } from './useFilmWork';

const NONE: Point[] = [];

export function FilmRoom() {
    const { clip: wanted } = useSearch({ from: '/film' });
    const navigate = useNavigate();
    const clips = useQuery({ queryKey: ['clips'], queryFn: () => api.get<{ clips: Clip[] }>('clips') });
    const { clip, document } = useFilm();
    const video = useRef<HTMLVideoElement | null>(null);
    const [t, setT] = useState(0);
    const [mode, setMode] = useState<Mode>('watch');
    const [man, setMan] = useState('H');
    const [who, setWho] = useState('H');
    const [aim, setAim] = useState<Aim>({ across: 'left hash', yard: 35 });
    const [faults, setFaults] = useState<string[]>([]);
    const points = document?.calibrations?.at(-1)?.points ?? NONE;
    const { measured, problem } = useMeasured(document);
    const { overlay, problem: badPoints } = useOverlay(points, document);
    const fps = document?.video?.fps ?? 30;
    const duration = document?.video?.durationS ?? 5;

    const id = wanted ?? clips.data?.clips[0]?.id;
    useEffect(() => {
        if (!id || useFilm.getState().clip?.id === id) return;
        api.get<Clip>(`clips/${id}`)
            .then((c) => (openClip(c), setMode('watch'), setT(0)))
            .catch((e: unknown) => toast.error(e instanceof Problem ? e.message : 'The clip did not arrive.'));
    }, [id]);
    useEffect(() => {
        setFaults(clip?.grades.find((g) => g.man === man)?.faults ?? measured?.proposed[man] ?? []);
    }, [man, measured, clip]);

    const seek = useCallback((to: number) => {
        const v = video.current;
        if (!v) return;
        v.pause();
        v.currentTime = Math.max(0, Math.min(v.duration || 1e9, to));
        setT(v.currentTime);
    }, []);
    const step = (frames: number) => seek(Math.round((video.current?.currentTime ?? 0) * fps + frames) / fps + 0.001);
    const play = () =>
        video.current?.paused ? void video.current.play().catch(() => undefined) : video.current?.pause();
    const work = useFilm.getState().work;
    const mark = (kind: MarkKind) => {
        const about = kind === 'snap' ? undefined : man === 'Q' ? undefined : man;
        if (kind === 'break' && !about) return toast('Choose the receiver first, then mark his break.');
        work((d) => withMark(d, kind, t, about));
        toast(`${kind}${about ? ` ${about}` : ''} at ${t.toFixed(2)} s`);
    };
    const click = (xPx: number, yPx: number) => {
        if (mode === 'plot') {
            work((d) => withPlot(d, who, t, xPx, yPx));
        } else if (mode === 'calibrate' && overlay) {
            const name = `${aim.across} on ${yardLine(aim.yard)}`;
            work((d) =>
                withPoint(d, t, {
                    xPx: round(xPx),
                    yPx: round(yPx),
                    fieldXYd: Math.round(overlay.marks[aim.across] * 1000) / 1000,
                    fieldYYd: aim.yard,
                    mark: name,
                }),
            );
            setAim(nextAim(aim));
        }
    };
    const { save, grade: give } = useClipSaving();
    const grade = (about: string, value: number) =>
        measured ? give(about, value, measured, faults) : Promise.resolve();
    const { undo, redo } = useFilm.temporal.getState();

    useKeys('space', play, []);
    useKeys('comma', () => step(-1), [fps]);
    useKeys('period', () => step(1), [fps]);
    useKeys('s', () => mark('snap'), [t, man]);
    useKeys('b', () => mark('break'), [t, man]);
    useKeys('o', () => mark('ball out'), [t, man]);
    useKeys('c', () => mark('catch'), [t, man]);
    useKeys('k', () => setMode((m) => (m === 'calibrate' ? 'watch' : 'calibrate')));
    useKeys('p', () => setMode((m) => (m === 'plot' ? 'watch' : 'plot')));
    useKeys('escape', () => setMode('watch'));
    useKeys('backspace', () => mode === 'calibrate' && work((d) => withPoints(d, points.slice(0, -1))), [mode, points]);
    useKeys('mod+z', () => undo());
    useKeys('mod+shift+z, mod+y', () => redo());
    useHotkeys('mod+s', () => void save(), { preventDefault: true, enableOnFormTags: true });
    useKeys('equal, shift+equal, add', () => void grade(man, 1), [man, measured, faults]);
    useKeys('0', () => void grade(man, 0), [man, measured, faults]);
    useKeys('minus, subtract', () => void grade(man, -1), [man, measured, faults]);
    useKeys('1,2,3,4,5,6,7,8', (e) => flip(measured?.labels[man]?.[Number(e.key) - 1]), [measured, man, faults]);
    const flip = (label?: string) =>
        label && setFaults((f) => (f.includes(label) ? f.filter((one) => one !== label) : [...f, label]));

    const changed = clip !== null && document !== clip.document;
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_330px] grid-rows-[56px_minmax(0,1fr)_84px]">
            <header className="col-span-2 flex items-center gap-3 border-b border-edge px-4">
                <div className="min-w-0 flex-1">
                    <h1 className="truncate text-[17px] font-bold">{clip?.title ?? 'Film'}</h1>
                    <p className="truncate text-xs text-soft">
                        {document ? `${callWords(document.call)} against ${callWords(document.look)}` : ''}
                    </p>
                </div>
                <Upload
                    onDone={(c) => (void clips.refetch(), void navigate({ to: '/film', search: { clip: c.id } }))}
                />
                <Button kind="quiet" onClick={() => undo()} keys="Ctrl Z">
                    Undo
                </Button>
                <Button kind="strong" onClick={() => void save()} disabled={!changed} keys="Ctrl S">
                    {changed ? 'Save' : clip ? `Saved, v${clip.version}` : 'Save'}
                </Button>
            </header>
            <section className="flex min-h-0 min-w-0 flex-col">
                {clip && document ? (
                    <>
                        <div className="min-h-0 flex-1 p-3 pb-2">
                            <Picture
                                src={`/api/v1/clips/${clip.id}/video`}
                                video={video}
                                document={document}
                                overlay={overlay}
                                mode={mode}
                                t={t}
                                onTime={setT}
                                onClick={click}
                            />
                        </div>
                        {problem && !badPoints && (
                            <p
                                role="alert"
                                className="mx-3 mb-2 rounded-md border border-ball bg-ball-wash px-3 py-1.5 text-sm"
                            >
                                {problem}
                            </p>
                        )}
                        <div className="flex items-center gap-1.5 px-3 pb-2">
                            <Button onClick={play} keys="Space">
                                Play
                            </Button>
                            <Button kind="quiet" onClick={() => step(-1)} keys=",">
                                Frame back
                            </Button>
                            <Button kind="quiet" onClick={() => step(1)} keys=".">
                                Frame on
                            </Button>
                            <span className="mx-1 w-32 text-sm font-semibold narrow" data-testid="clock">
                                {t.toFixed(2)} s, frame {Math.round(t * fps)}
                            </span>
                            {(['snap', 'break', 'ball out', 'catch'] as const).map((kind) => (
                                <Button
                                    key={kind}
                                    onClick={() => mark(kind)}
                                    keys={kind[0] === 'b' && kind !== 'break' ? 'O' : kind[0].toUpperCase()}
                                >
                                    {kind === 'ball out' ? 'Ball out' : kind[0].toUpperCase() + kind.slice(1)}
                                </Button>
                            ))}
                            <Button
                                className="ml-auto"
                                aria-pressed={mode === 'calibrate'}
                                kind={mode === 'calibrate' ? 'strong' : 'plain'}
                                onClick={() => setMode(mode === 'calibrate' ? 'watch' : 'calibrate')}
                                keys="K"
                            >
                                Calibrate
                            </Button>
                            <Button
                                aria-pressed={mode === 'plot'}
                                kind={mode === 'plot' ? 'strong' : 'plain'}
                                onClick={() => setMode(mode === 'plot' ? 'watch' : 'plot')}
                                keys="P"
                            >
                                Plot
                            </Button>
                        </div>
                        {mode === 'calibrate' && (
                            <Calibrate
                                overlay={overlay}
                                problem={badPoints}
                                points={points}
                                aim={aim}
                                onAim={setAim}
                                onPoints={(next) => work((d) => withPoints(d, next))}
                            />
                        )}
                        {mode === 'plot' && measured && (
                            <div className="flex items-center gap-3 border-t border-edge bg-card px-3 py-2 text-sm">
                                <label>
                                    Whose feet{' '}
                                    <select
                                        value={who}
                                        onChange={(e) => setWho(e.target.value)}
                                        className="rounded-md border border-edge bg-paper px-2 py-1"
                                    >
                                        {[...measured.planned.map((p) => p.man), 'Q', ...measured.defenders].map(
                                            (m) => (
                                                <option key={m}>{m}</option>
                                            ),
                                        )}
                                    </select>
                                </label>
                                <span className="text-soft">
                                    Click where his feet are. Plot a receiver at his break and the key at ball out.
                                </span>
                            </div>
                        )}
                        {mode === 'watch' && (
                            <FilmTempo
                                document={document}
                                measured={measured}
                                t={t}
                                duration={duration}
                                onSeek={seek}
                            />
                        )}
                        {mode === 'watch' && <Marks onSeek={seek} />}
                    </>
                ) : (
                    <p className="p-8 text-soft">
                        {clips.data?.clips.length === 0
                            ? 'Upload the first clip: an MP4 or WebM file of one snap.'
                            : 'Opening the clip…'}
                    </p>
                )}
            </section>
            <aside className="min-h-0 border-l border-edge">
                {measured && clip && (
                    <PlanDone
                        measured={measured}
                        clip={clip}
                        man={man}
                        onMan={(m) => (setMan(m), m !== 'Q' && setWho(m))}
                        onGrade={(m, v) => void grade(m, v)}
                        faults={faults}
                        onFault={flip}
                    />
                )}
            </aside>
            <ClipStrip
                clips={clips.data?.clips ?? []}
                current={clip?.id ?? null}
                onOpen={(c) => void navigate({ to: '/film', search: { clip: c.id } })}
            />
        </div>
    );
}

const round = (v: number) => Math.round(v * 10) / 10;

const callWords = (said: unknown): string =>
    typeof said === 'string'
        ? said
        : `${(said as { front?: string }).front ?? 'call'} ${(said as { shell?: string }).shell ?? ''}`;

/** The next mark to click: the other hash, then the next fifteen yards. */
function nextAim(a: Aim): Aim {
    if (a.across === 'left hash') return { ...a, across: 'right hash' };
    return { across: 'left hash', yard: Math.min(95, a.yard + 15) };
}
