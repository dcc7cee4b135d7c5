import { Dialog } from 'radix-ui';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client';
import type { Clip, ReelPage } from '../../api/types';
import { clock, goesTo, withCut, withoutLast, type Cut } from '../../model/cuts';
import { Button } from '../../ui/Button';
import { Window } from '../../ui/window/Window';

/** A step of the film with the arrows, seconds; a long one with Shift. */
const STEP_S = 0.2;
const LONG_STEP_S = 5;

/** What a key does here, for who watches: said beside the picture. */
const KEYS: [string, string][] = [
    ['S', 'the snap starts here'],
    ['E', 'it ends here'],
    ['Space', 'play, stop'],
    ['← →', `${STEP_S} s back and on`],
    ['Shift ← →', `${LONG_STEP_S} s back and on`],
    ['Backspace', 'takes the last one off'],
];

/** Cuts one long film into snaps while it is watched: a key where a snap starts, one where it ends. */
export function CutFilm({ reel, clip }: { reel: ReelPage; clip: Clip }) {
    const [open, setOpen] = useState(false);
    return (
        <Dialog.Root open={open} onOpenChange={setOpen}>
            <Dialog.Trigger asChild>
                <Button aria-label={`Cut ${clip.name} while watching`}>Cut while watching</Button>
            </Dialog.Trigger>
            <Window
                title={`Cut ${clip.name}`}
                says="Watch it and say where each snap starts and ends. Nothing is changed before you cut."
                className="w-[980px]"
            >
                {open && <Desk reel={reel} clip={clip} onDone={() => setOpen(false)} />}
            </Window>
        </Dialog.Root>
    );
}

/** What is cut so far and what is begun, and what the keys do about it. */
function useCutting({ reel, clip, onDone }: DeskProps) {
    const client = useQueryClient();
    const video = useRef<HTMLVideoElement>(null);
    const [cuts, setCuts] = useState<Cut[]>([]);
    const [from, setFrom] = useState<number | null>(null);
    const [ontoCharted, setOntoCharted] = useState(true);
    const [problem, setProblem] = useState('');
    const [busy, setBusy] = useState(false);
    const targets = goesTo(cuts, reel.snaps, clip.angle, ontoCharted);
    const now = () => video.current?.currentTime ?? 0;
    const seek = (s: number) => {
        const film = video.current;
        if (film) film.currentTime = Math.max(0, Math.min(film.duration || 0, s));
    };
    const begin = () => (setFrom(now()), setProblem(''));
    const end = () => {
        if (from === null) return setProblem('Say first where it starts: S.');
        const made = withCut(cuts, from, now());
        setProblem(made.problem);
        if (made.problem === '') {
            setCuts(made.cuts);
            setFrom(null);
        }
    };
    const does: Record<string, () => void> = {
        s: begin,
        e: end,
        ' ': () => void (video.current?.paused ? video.current.play() : video.current?.pause()),
        ArrowLeft: () => seek(now() - STEP_S),
        ArrowRight: () => seek(now() + STEP_S),
        'shift ArrowLeft': () => seek(now() - LONG_STEP_S),
        'shift ArrowRight': () => seek(now() + LONG_STEP_S),
        Backspace: () => (setFrom(null), setCuts(withoutLast(cuts, now()))),
    };
    const key = (e: KeyboardEvent) => {
        // Buttons and boxes keep the keys that press them.
        if (e.key === ' ' && e.target instanceof HTMLElement && e.target.matches('button, input')) return;
        const act = does[(e.shiftKey ? 'shift ' : '') + (e.key.length === 1 ? e.key.toLowerCase() : e.key)];
        if (!act || e.ctrlKey || e.metaKey || e.altKey) return;
        e.preventDefault();
        act();
    };
    const cut = async () => {
        setBusy(true);
        try {
            const sent = cuts.map((c, n) => ({ ...c, snapId: targets[n]?.id ?? null }));
            await api.post(`clips/${clip.id}/cuts`, { cuts: sent });
            await client.invalidateQueries({ queryKey: ['reel'] });
            onDone();
        } catch (e) {
            setProblem(e instanceof Error ? e.message : 'Not cut. Try it again.');
        } finally {
            setBusy(false);
        }
    };
    const off = (cut: Cut) => setCuts(cuts.filter((c) => c !== cut));
    return { video, cuts, from, targets, problem, busy, ontoCharted, setOntoCharted, seek, begin, end, key, cut, off };
}

type DeskProps = { reel: ReelPage; clip: Clip; onDone: () => void };

function Desk({ reel, clip, onDone }: DeskProps) {
    const [at, setAt] = useState(0);
    const cutting = useCutting({ reel, clip, onDone });
    return (
        <div onKeyDown={cutting.key} className="grid grid-cols-[minmax(0,1fr)_280px] gap-4 stacked:grid-cols-1">
            <div>
                <video
                    ref={cutting.video}
                    src={`/api/v1/clips/${clip.id}/video`}
                    className="aspect-video w-full rounded bg-black"
                    tabIndex={0}
                    autoFocus
                    muted
                    playsInline
                    aria-label={`${clip.name}, ${clock(at)}`}
                    onTimeUpdate={(e) => setAt(e.currentTarget.currentTime)}
                />
                <Bar
                    cuts={cutting.cuts}
                    from={cutting.from}
                    at={at}
                    longS={clip.video?.durationS ?? 0}
                    onSeek={cutting.seek}
                />
                <KeyList />
            </div>
            <div className="flex min-h-0 flex-col text-sm">
                <div className="flex gap-2">
                    <Button onClick={cutting.begin}>Starts here</Button>
                    <Button onClick={cutting.end} disabled={cutting.from === null}>
                        Ends here
                    </Button>
                </div>
                <Standing problem={cutting.problem} from={cutting.from} at={at} />
                <label className="flex items-start gap-1.5 text-xs">
                    <input
                        type="checkbox"
                        checked={cutting.ontoCharted}
                        onChange={(e) => cutting.setOntoCharted(e.target.checked)}
                        className="mt-0.5"
                    />
                    onto the snaps that are charted and have no {clip.angle} film yet, in their order
                </label>
                <CutList cuts={cutting.cuts} targets={cutting.targets} onSeek={cutting.seek} onOff={cutting.off} />
                <div className="mt-2 flex justify-end gap-2">
                    <Dialog.Close asChild>
                        <Button kind="quiet">Cancel</Button>
                    </Dialog.Close>
                    <Button
                        kind="strong"
                        disabled={cutting.busy || cutting.cuts.length === 0}
                        onClick={() => void cutting.cut()}
                    >
                        {cutting.cuts.length === 1 ? 'Cut 1 snap' : `Cut ${cutting.cuts.length} snaps`}
                    </Button>
                </div>
            </div>
        </div>
    );
}

function KeyList() {
    return (
        <dl className="mt-2 grid grid-cols-[auto_1fr_auto_1fr] gap-x-2 gap-y-0.5 text-xs">
            {KEYS.map(([name, means]) => (
                <div key={name} className="contents">
                    <dt className="font-bold whitespace-nowrap">{name}</dt>
                    <dd className="text-soft">{means}</dd>
                </div>
            ))}
        </dl>
    );
}

/** What is wrong, or what is begun, or where the film stands. */
function Standing({ problem, from, at }: { problem: string; from: number | null; at: number }) {
    const says = from === null ? `At ${clock(at)}.` : `A snap starts at ${clock(from)}; E ends it.`;
    return (
        <p role="status" className="mt-1 min-h-9 text-xs leading-snug">
            {problem ? <span className="font-semibold text-ball">{problem}</span> : says}
        </p>
    );
}

type ListProps = {
    cuts: Cut[];
    targets: (ReelPage['snaps'][number] | null)[];
    onSeek: (s: number) => void;
    onOff: (cut: Cut) => void;
};

function CutList({ cuts, targets, onSeek, onOff }: ListProps) {
    return (
        <ol aria-label="Snaps of the film" className="mt-2 min-h-0 flex-1 overflow-y-auto">
            {cuts.map((c, n) => (
                <li key={c.fromS} className="flex items-baseline gap-2 border-b border-faint py-1">
                    <button type="button" className="underline" onClick={() => onSeek(c.fromS)}>
                        {clock(c.fromS)} to {clock(c.toS)}
                    </button>
                    <span className="min-w-0 flex-1 text-xs text-soft">{said(targets[n])}</span>
                    <button
                        type="button"
                        className="text-xs underline"
                        aria-label={`Take off the snap from ${clock(c.fromS)}`}
                        onClick={() => onOff(c)}
                    >
                        off
                    </button>
                </li>
            ))}
            {cuts.length === 0 && <li className="text-soft">No snap yet.</li>}
        </ol>
    );
}

type BarProps = { cuts: Cut[]; from: number | null; at: number; longS: number; onSeek: (s: number) => void };

/** The film as a bar: what is cut, what is begun, and where it stands. */
function Bar({ cuts, from, at, longS, onSeek }: BarProps) {
    const share = (s: number) => `${longS > 0 ? (100 * s) / longS : 0}%`;
    return (
        <div className="relative mt-1.5">
            <div className="relative h-3 overflow-hidden rounded bg-faint" aria-hidden="true">
                {cuts.map((c) => (
                    <span
                        key={c.fromS}
                        className="absolute inset-y-0 bg-plum"
                        style={{ left: share(c.fromS), width: share(c.toS - c.fromS) }}
                    />
                ))}
                {from !== null && at > from && (
                    <span
                        className="absolute inset-y-0 bg-amber"
                        style={{ left: share(from), width: share(at - from) }}
                    />
                )}
            </div>
            <input
                type="range"
                aria-label="Where the film stands, seconds"
                min={0}
                max={longS}
                step={0.1}
                value={at}
                tabIndex={-1}
                onChange={(e) => onSeek(Number(e.target.value))}
                className="mt-0.5 w-full accent-ink"
            />
        </div>
    );
}

const said = (snap: ReelPage['snaps'][number] | null): string =>
    snap === null ? 'a new snap' : `snap ${snap.number ?? snap.place}${snap.call === null ? '' : `, ${snap.call}`}`;
