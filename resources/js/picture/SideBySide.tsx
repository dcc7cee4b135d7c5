import { useRef, useState, type RefObject } from 'react';
import type { Clip } from '../api/types';
import { Button } from '../ui/Button';
import { OnFilm } from './OnFilm';
import { useHeld } from './useHeld';

/** A snap to put beside another: its film, the moment of the snap on it, and what stands below. */
export type Side = {
    id: string;
    title: string;
    says: string;
    snapAt: number;
    clip: Pick<Clip, 'id' | 'from_s'>;
    /** Whose film it is, by letter or role; nobody where it is about the play. */
    man?: string;
};

type Props = { pair: [Side, Side]; onClose: () => void };

/** Two snaps on one clock from the snap on: the same man weeks apart, or two men on the same step. */
export function SideBySide({ pair, onClose }: Props) {
    const videos = [useRef<HTMLVideoElement>(null), useRef<HTMLVideoElement>(null)];
    const [t, setT] = useState(0);
    const start = (s: Side) => s.clip.from_s + s.snapAt;
    const seek = (to: number) => {
        setT(to);
        videos.forEach((v, i) => {
            if (!v.current) return;
            v.current.pause();
            v.current.currentTime = Math.max(0, start(pair[i]) + to);
        });
    };
    const play = (rate: number) => {
        seek(t >= 3.9 ? -0.5 : t);
        videos.forEach((v) => {
            if (!v.current) return;
            v.current.playbackRate = rate;
            void v.current.play().catch(() => undefined);
        });
    };
    return (
        <section className="mt-4 rounded-md border border-edge bg-card p-3" aria-label="Side by side">
            <div className="grid grid-cols-2 gap-3">
                {pair.map((g, i) => (
                    <SideFilm
                        key={g.id}
                        side={g}
                        video={videos[i]}
                        start={start(g)}
                        onTime={i === 0 ? setT : undefined}
                    />
                ))}
            </div>
            <div className="no-print mt-2 flex items-center gap-2 text-sm">
                <Button onClick={() => play(1)}>Play both</Button>
                <Button onClick={() => play(0.5)}>½</Button>
                <Button onClick={() => play(0.25)}>¼</Button>
                <input
                    type="range"
                    min={-0.5}
                    max={4}
                    step={0.033}
                    value={t}
                    onChange={(e) => seek(Number(e.target.value))}
                    aria-label="Seconds from the snap"
                    className="flex-1 accent-ball"
                />
                <span className="w-16 text-right narrow">{t.toFixed(2)} s</span>
                <Button kind="quiet" onClick={onClose}>
                    Close
                </Button>
            </div>
        </section>
    );
}

type FilmProps = {
    side: Side;
    video: RefObject<HTMLVideoElement | null>;
    /** The snap on the film's own clock, seconds. */
    start: number;
    onTime?: (fromSnap: number) => void;
};

/** One of the two: its man is ringed, and the picture follows him when it is asked to. */
function SideFilm({ side, video, start, onTime }: FilmProps) {
    const [large, setLarge] = useState(false);
    const held = useHeld(video, side.clip.id, { man: side.man, holds: false });
    return (
        <figure>
            <OnFilm held={held} man={side.man} large={large}>
                <video
                    ref={video}
                    src={`/api/v1/clips/${side.clip.id}/video#t=${start}`}
                    aria-label={side.title}
                    muted
                    playsInline
                    preload="auto"
                    onTimeUpdate={(e) => !e.currentTarget.paused && onTime?.(e.currentTarget.currentTime - start)}
                    className="aspect-video w-full bg-rail"
                />
            </OnFilm>
            <figcaption className="mt-1 flex gap-2 text-xs">
                <span>
                    <b>{side.title}</b>: {side.says}
                </span>
                {held.places.length > 0 && (
                    <button
                        type="button"
                        aria-pressed={large}
                        className={large ? 'no-print ml-auto font-bold underline' : 'no-print ml-auto underline'}
                        onClick={() => setLarge(!large)}
                    >
                        Enlarge {side.man}
                    </button>
                )}
            </figcaption>
        </figure>
    );
}
