import { useEffect, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import type { FilmDocument, Overlay } from '../api/types';

export type Mode = 'watch' | 'calibrate' | 'plot';

type Props = {
    src: string;
    video: RefObject<HTMLVideoElement | null>;
    document: FilmDocument;
    overlay: Overlay | null;
    mode: Mode;
    t: number;
    onTime: (t: number) => void;
    onClick: (xPx: number, yPx: number) => void;
};

/** The film, with the paint, the clicked points and the plots drawn over it; a crosshair for those who use no mouse. */
export function Picture({ src, video, document, overlay, mode, t, onTime, onClick }: Props) {
    const width = document.video?.widthPx ?? 640;
    const height = document.video?.heightPx ?? 360;
    const area = useRef<SVGSVGElement>(null);
    const [cross, setCross] = useState<[number, number]>([width / 2, height / 2]);
    const [keys, setKeys] = useState(false);
    const [failed, setFailed] = useState(false);

    useEffect(() => {
        let frame = requestAnimationFrame(function tick() {
            if (video.current && !video.current.paused) onTime(video.current.currentTime);
            frame = requestAnimationFrame(tick);
        });
        return () => cancelAnimationFrame(frame);
    }, [onTime, video]);

    const at = (clientX: number, clientY: number): [number, number] => {
        const box = area.current!.getBoundingClientRect();
        return [((clientX - box.left) / box.width) * width, ((clientY - box.top) / box.height) * height];
    };
    const steer = (e: KeyboardEvent) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
        if (mode !== 'watch' && step) {
            e.preventDefault();
            e.stopPropagation();
            const k = e.shiftKey ? 10 : 1;
            setKeys(true);
            setCross(([x, y]) => [
                Math.max(0, Math.min(width, x + k * step[0])),
                Math.max(0, Math.min(height, y + k * step[1])),
            ]);
        } else if (mode !== 'watch' && e.key === 'Enter') {
            e.preventDefault();
            onClick(...cross);
        }
    };
    const points = document.calibrations?.at(-1)?.points ?? [];
    const doubt = overlay?.doubt?.reduce(
        (best, d) => (dist(d.xPx, d.yPx, cross) < dist(best.xPx, best.yPx, cross) ? d : best),
        overlay.doubt[0],
    );

    return (
        <div
            className="relative mx-auto max-h-full overflow-hidden rounded-md bg-rail"
            style={{ aspectRatio: `${width} / ${height}` }}
        >
            <video
                ref={video}
                src={src}
                className="block h-full w-full"
                playsInline
                muted
                preload="auto"
                onSeeked={(e) => onTime(e.currentTarget.currentTime)}
                onLoadedData={(e) => (setFailed(false), onTime(e.currentTarget.currentTime))}
                onError={() => setFailed(true)}
            />
            <svg
                ref={area}
                viewBox={`0 0 ${width} ${height}`}
                className={
                    mode === 'watch'
                        ? 'absolute inset-0 h-full w-full'
                        : 'absolute inset-0 h-full w-full cursor-crosshair'
                }
                tabIndex={0}
                role="application"
                aria-label={
                    mode === 'watch'
                        ? 'The picture'
                        : 'The picture. Arrow keys move the crosshair, Shift moves it faster, Enter places the point'
                }
                onPointerMove={(e) => {
                    if (mode === 'watch') return;
                    setKeys(false);
                    setCross(at(e.clientX, e.clientY));
                }}
                onClick={(e) => mode !== 'watch' && onClick(...at(e.clientX, e.clientY))}
                onKeyDown={steer}
            >
                {overlay?.lines?.map((line, i) => (
                    <polyline
                        key={i}
                        points={line.map((p) => p.join(',')).join(' ')}
                        fill="none"
                        stroke="#ffb45c"
                        strokeWidth={1}
                        strokeOpacity={mode === 'calibrate' ? 0.95 : 0.28}
                    />
                ))}
                {mode === 'calibrate' &&
                    points.map((p, i) => (
                        <g key={i}>
                            <circle cx={p.xPx} cy={p.yPx} r={4} fill="none" stroke="#fff" strokeWidth={1.4} />
                            <text x={p.xPx + 6} y={p.yPx - 5} fill="#fff" className="text-[10px] font-bold">
                                {i + 1}
                            </text>
                        </g>
                    ))}
                {(document.plots ?? []).map((p) => {
                    const near = Math.abs(p.atS - t) < 0.15;
                    return (
                        <g key={p.id} opacity={near ? 1 : 0.4}>
                            <ellipse
                                cx={p.xPx}
                                cy={p.yPx}
                                rx={near ? 9 : 5}
                                ry={near ? 4 : 2.4}
                                fill="none"
                                stroke={p.man.length > 2 ? '#e3b6e6' : '#ff9a78'}
                                strokeWidth={1.8}
                            />
                            {near && (
                                <text
                                    x={p.xPx + 11}
                                    y={p.yPx + 4}
                                    fill="#fff"
                                    stroke="#000"
                                    strokeWidth={2.4}
                                    paintOrder="stroke"
                                    className="text-[11px] font-bold"
                                >
                                    {p.man}
                                </text>
                            )}
                        </g>
                    );
                })}
                {mode !== 'watch' && (
                    <g pointerEvents="none" stroke="#fff" strokeWidth={keys ? 1.4 : 0.8} strokeOpacity={0.9}>
                        <path
                            d={`M${cross[0] - 12} ${cross[1]}h9M${cross[0] + 3} ${cross[1]}h9M${cross[0]} ${cross[1] - 12}v9M${cross[0]} ${cross[1] + 3}v9`}
                            fill="none"
                        />
                    </g>
                )}
            </svg>
            {failed && (
                <p className="absolute inset-0 grid place-items-center p-8 text-center text-white">
                    This film cannot be shown. Reload the page, or upload the clip again.
                </p>
            )}
            {overlay?.lines && (
                <p
                    className="absolute top-2 left-2 rounded-full bg-black/75 px-3 py-1 text-xs text-white"
                    data-testid="doubt"
                >
                    On the paint,{' '}
                    {doubt
                        ? `${Math.round(doubt.inches)} in of doubt ${mode === 'watch' ? 'in the middle' : 'here'}`
                        : ''}
                </p>
            )}
        </div>
    );
}

const dist = (x: number, y: number, to: [number, number]) => Math.hypot(x - to[0], y - to[1]);
