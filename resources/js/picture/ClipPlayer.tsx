import { useEffect, useRef, useState } from 'react';
import type { Clip } from '../api/types';
import { OnFilm } from './OnFilm';
import { useHeld } from './useHeld';

type Some = Pick<Clip, 'id' | 'angle' | 'from_s' | 'to_s'>;
type Props = {
    clips: Some[];
    label: string;
    startS?: number;
    autoPlay?: boolean;
    onEnd?: () => void;
    /** Whose clip it is: he is ringed, and the picture can follow him. */
    man?: string;
};

/** A clip to watch: its cut of the file, at full, half and quarter speed, the other angle by one button. */
export function ClipPlayer({ clips, label, startS = 0, autoPlay, onEnd, man }: Props) {
    const video = useRef<HTMLVideoElement>(null);
    const [n, setN] = useState(0);
    const [rate, setRate] = useState(1);
    const [large, setLarge] = useState(false);
    const clip = clips[Math.min(n, clips.length - 1)];
    const held = useHeld(video, clip?.id, { man });
    useEffect(() => {
        if (video.current) video.current.playbackRate = rate;
    }, [rate, n]);
    if (!clip)
        return <p className="grid aspect-video place-items-center rounded-md bg-card text-sm text-soft">No film</p>;
    const { drawings, places } = held;
    const play = () => {
        const v = video.current;
        if (!v) return;
        if (v.paused) void v.play().catch(() => undefined);
        else v.pause();
    };
    return (
        <figure>
            <OnFilm held={held} man={man} large={large}>
                <video
                    key={clip.id}
                    ref={video}
                    src={`/api/v1/clips/${clip.id}/video#t=${clip.from_s + startS}${clip.to_s ? `,${clip.to_s}` : ''}`}
                    aria-label={label}
                    controls={!large}
                    muted
                    playsInline
                    autoPlay={autoPlay}
                    preload="metadata"
                    onLoadedMetadata={(e) => (e.currentTarget.playbackRate = rate)}
                    onClick={large ? play : undefined}
                    onEnded={onEnd}
                    className="aspect-video w-full bg-rail"
                />
            </OnFilm>
            <figcaption className="no-print mt-1 flex flex-wrap gap-x-2 text-xs">
                {[1, 0.5, 0.25].map((r) => (
                    <button
                        key={r}
                        type="button"
                        aria-pressed={rate === r}
                        onClick={() => setRate(r)}
                        className={rate === r ? 'font-bold underline' : 'text-soft'}
                    >
                        ×{r === 1 ? '1' : r === 0.5 ? '½' : '¼'}
                    </button>
                ))}
                {large && (
                    <button type="button" className="underline" onClick={play}>
                        Play or hold
                    </button>
                )}
                {places.length > 0 && (
                    <button
                        type="button"
                        aria-pressed={large}
                        className={large ? 'font-bold underline' : 'underline'}
                        onClick={() => setLarge(!large)}
                    >
                        Enlarge {man}
                    </button>
                )}
                {drawings.length > 0 && (
                    <button type="button" className="underline" onClick={held.next}>
                        {drawings.length === 1 ? 'The drawing' : `${drawings.length} drawings`}
                    </button>
                )}
                {clips.length > 1 && (
                    <button type="button" className="ml-auto underline" onClick={() => setN((n + 1) % clips.length)}>
                        {clip.angle}, show {clips[(n + 1) % clips.length].angle}
                    </button>
                )}
            </figcaption>
        </figure>
    );
}
