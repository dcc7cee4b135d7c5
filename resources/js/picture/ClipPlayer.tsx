import { useEffect, useRef, useState } from 'react';
import type { Clip } from '../api/types';
import { DrawnOver } from './DrawnOver';
import { useHeld } from './useHeld';

type Some = Pick<Clip, 'id' | 'angle' | 'from_s' | 'to_s'>;
type Props = { clips: Some[]; label: string; startS?: number; autoPlay?: boolean; onEnd?: () => void };

/** A clip to watch: its cut of the file, at full, half and quarter speed, the other angle by one button. */
export function ClipPlayer({ clips, label, startS = 0, autoPlay, onEnd }: Props) {
    const video = useRef<HTMLVideoElement>(null);
    const [n, setN] = useState(0);
    const [rate, setRate] = useState(1);
    const clip = clips[Math.min(n, clips.length - 1)];
    const held = useHeld(video, clip?.id);
    useEffect(() => {
        if (video.current) video.current.playbackRate = rate;
    }, [rate, n]);
    if (!clip)
        return <p className="grid aspect-video place-items-center rounded-md bg-card text-sm text-soft">No film</p>;
    return (
        <figure>
            <div className="relative">
                <video
                    key={clip.id}
                    ref={video}
                    src={`/api/v1/clips/${clip.id}/video#t=${clip.from_s + startS}${clip.to_s ? `,${clip.to_s}` : ''}`}
                    aria-label={label}
                    controls
                    muted
                    playsInline
                    autoPlay={autoPlay}
                    preload="metadata"
                    onLoadedMetadata={(e) => (e.currentTarget.playbackRate = rate)}
                    onEnded={onEnd}
                    className="aspect-video w-full rounded-md bg-rail"
                />
                {held.drawings.length > 0 && (
                    <svg
                        viewBox={`0 0 ${held.widthPx} ${held.heightPx}`}
                        className="pointer-events-none absolute inset-0 h-full w-full"
                        role="img"
                        aria-label="What your coach drew"
                    >
                        <DrawnOver drawings={held.drawings} t={held.t} widthPx={held.widthPx} shownPx={held.shownPx} />
                    </svg>
                )}
            </div>
            <figcaption className="no-print mt-1 flex gap-2 text-xs">
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
                {held.drawings.length > 0 && (
                    <button type="button" className="underline" onClick={held.next}>
                        {held.drawings.length === 1 ? 'The drawing' : `${held.drawings.length} drawings`}
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
