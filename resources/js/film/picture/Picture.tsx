import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode, type RefObject } from 'react';
import type { Angle, Drawn, FilmDocument, View } from '../../api/types';
import { calibrationAt, handMissPx } from '../../model/filmStore';
import { DrawnOver } from '../../picture/DrawnOver';
import { Painted } from './Painted';

export type Mode = 'watch' | 'calibrate' | 'plot' | 'draw';

type Props = {
    src: string | null;
    video: RefObject<HTMLVideoElement | null>;
    document: FilmDocument;
    angle: Angle;
    size: [number, number];
    /** Seconds of the video at which the clock of the snap is nought. */
    shift: number;
    view: View | undefined;
    /** Paint by the points being clicked, in place of the view's. */
    clicked: [number, number][][] | undefined;
    mode: Mode;
    plan: boolean;
    man: string;
    drawn: Drawn[];
    t: number;
    loop: { from: number; to: number } | null;
    onTime: (t: number) => void;
    /** Where the film ends on the clock of the snap, seconds: it stops there though its file goes on. */
    endS: number;
    /** A place on the picture, and by how many of its pixels a hand misses on it. */
    onClick: (at: [number, number], missPx: number) => void;
    children?: ReactNode;
};

/** The film, with paint, plan, clicked points and plots drawn over it; a crosshair for those who use no mouse. */
export function Picture(p: Props) {
    const [width, height] = p.size;
    const area = useRef<SVGSVGElement>(null);
    const [cross, setCross] = useState<[number, number]>([width / 2, height / 2]);
    const [keys, setKeys] = useState(false);
    const [failed, setFailed] = useState(false);
    const { onTime, video, shift, loop, endS } = p;

    useEffect(() => {
        let frame = requestAnimationFrame(function tick() {
            const v = video.current;
            if (v && !v.paused) {
                if (loop && v.currentTime - shift >= loop.to) v.currentTime = loop.from + shift;
                if (!loop && v.currentTime - shift >= endS) {
                    v.pause();
                    v.currentTime = endS + shift;
                }
                onTime(v.currentTime - shift);
            }
            frame = requestAnimationFrame(tick);
        });
        return () => cancelAnimationFrame(frame);
    }, [onTime, video, shift, loop, endS]);

    const at = (clientX: number, clientY: number): [number, number] => {
        const box = area.current!.getBoundingClientRect();
        return [((clientX - box.left) / box.width) * width, ((clientY - box.top) / box.height) * height];
    };
    const missPx = () => handMissPx(width, area.current!.getBoundingClientRect().width);
    const steer = (e: KeyboardEvent) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
        if (p.mode !== 'watch' && step) {
            e.preventDefault();
            e.stopPropagation();
            const k = e.shiftKey ? 10 : 1;
            setKeys(true);
            setCross(([x, y]) => [
                Math.max(0, Math.min(width, x + k * step[0])),
                Math.max(0, Math.min(height, y + k * step[1])),
            ]);
        } else if (p.mode !== 'watch' && e.key === 'Enter') {
            e.preventDefault();
            e.stopPropagation();
            p.onClick(cross, missPx());
        }
    };
    const points = calibrationAt(p.document, p.t, p.angle)?.points ?? [];
    const plots = (p.document.plots ?? []).filter((one) => (one.angle ?? 'wide') === p.angle);

    return (
        <div className="grid h-full w-full place-items-center [container-type:size]">
            <div
                className="relative overflow-hidden rounded-md bg-rail"
                style={{ width: `min(100cqw, ${(100 * width) / height}cqh)`, aspectRatio: `${width} / ${height}` }}
            >
                {p.src ? (
                    <video
                        ref={video}
                        src={p.src}
                        className="block h-full w-full"
                        playsInline
                        muted
                        preload="auto"
                        onSeeked={(e) => onTime(e.currentTarget.currentTime - shift)}
                        onLoadedData={(e) => {
                            setFailed(false);
                            // The other angle opens at the same moment.
                            e.currentTarget.currentTime = p.t + shift;
                        }}
                        onError={() => setFailed(true)}
                    />
                ) : (
                    <p className="absolute inset-0 grid place-items-center p-8 text-center text-sm text-rail-ink">
                        No film of this angle yet. Charting and grading work without it; add film at the top.
                    </p>
                )}
                <svg
                    ref={area}
                    viewBox={`0 0 ${width} ${height}`}
                    className={
                        p.mode === 'watch'
                            ? 'absolute inset-0 h-full w-full'
                            : 'absolute inset-0 h-full w-full cursor-crosshair'
                    }
                    tabIndex={0}
                    role="application"
                    aria-label={
                        p.mode === 'watch'
                            ? 'The picture'
                            : 'The picture. Arrow keys move the crosshair, Shift moves it faster, Enter places the point'
                    }
                    onPointerMove={(e) => {
                        if (p.mode === 'watch') return;
                        setKeys(false);
                        setCross(at(e.clientX, e.clientY));
                    }}
                    onClick={(e) => p.mode !== 'watch' && p.onClick(at(e.clientX, e.clientY), missPx())}
                    onKeyDown={steer}
                >
                    <Painted
                        view={p.view}
                        clicked={p.clicked}
                        strong={p.mode === 'calibrate'}
                        plan={p.plan}
                        points={p.mode === 'calibrate' ? points : []}
                        plots={plots}
                        man={p.man}
                        t={p.t}
                    />
                    <DrawnOver drawings={p.drawn} t={p.t} widthPx={width} />
                    {p.mode !== 'watch' && (
                        <path
                            pointerEvents="none"
                            stroke="#fff"
                            strokeWidth={keys ? 1.4 : 0.8}
                            strokeOpacity={0.9}
                            d={`M${cross[0] - 12} ${cross[1]}h9M${cross[0] + 3} ${cross[1]}h9M${cross[0]} ${cross[1] - 12}v9M${cross[0]} ${cross[1] + 3}v9`}
                            fill="none"
                        />
                    )}
                </svg>
                {failed && (
                    <p className="absolute inset-0 grid place-items-center p-8 text-center text-white">
                        This film cannot be shown. Reload the page, or upload the clip again.
                    </p>
                )}
                <Doubt
                    view={p.view}
                    at={p.mode === 'watch' ? [width / 2, height / 2] : cross}
                    here={p.mode !== 'watch'}
                />
                {p.children}
            </div>
        </div>
    );
}

/** How many inches of doubt a place of the picture has, or why it cannot be placed. */
function Doubt({ view, at, here }: { view: View | undefined; at: [number, number]; here: boolean }) {
    const near = view?.doubt?.reduce(
        (best, d) =>
            Math.hypot(d.xPx - at[0], d.yPx - at[1]) < Math.hypot(best.xPx - at[0], best.yPx - at[1]) ? d : best,
        view.doubt[0],
    );
    if (!view) return null;
    return (
        <p
            data-testid="doubt"
            className="absolute top-2.5 left-2.5 max-w-[70%] rounded-full bg-black/75 px-3 py-1 text-xs text-white"
        >
            {near
                ? `${view.followed ? 'Followed on the paint' : 'On the paint'}, ${Math.round(near.inches)} in of doubt ${here ? 'here' : 'in the middle'}`
                : view.why}
        </p>
    );
}
