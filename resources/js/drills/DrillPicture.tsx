import type { KeyboardEvent, PointerEvent, ReactNode } from 'react';
import type { Drill, DrillPath } from '../api/drillTypes';
import { placeOf, same, type Target } from './edit';
import { frameOf, yards, type Frame } from './frame';
import { along, placed, type Label } from './labels';

type Hands = {
    chosen: Target | null;
    onChoose: (at: Target) => void;
    onMove: (at: Target, x: number, y: number) => void;
};

type Props = { drill: Drill; frame?: Frame; hands?: Hands; className?: string };

/** Font and signs are sized in yards, so that a small drill is drawn as large as a long one. */
const sizeOf = (f: Frame) => Math.max(f.right - f.left, f.top - f.bottom) / 26;

/** A drill on its piece of the field: a line a yard, cones, bags, men, their paths with foot and count, the coach. */
export function DrillPicture({ drill, frame = frameOf(drill), hands, className }: Props) {
    const s = sizeOf(frame);
    const x = (yd: number) => yd - frame.left;
    const y = (yd: number) => frame.top - yd;
    const held = (at: Target, children: ReactNode, label: string) => (
        <Holdable key={JSON.stringify(at)} {...{ at, label, hands, drill, frame, size: s }}>
            {children}
        </Holdable>
    );
    return (
        <svg
            viewBox={`0 0 ${frame.right - frame.left} ${frame.top - frame.bottom}`}
            className={className ?? 'block max-h-[62vh] w-full touch-none select-none print:max-h-[15cm]'}
            role="group"
            aria-label={`${drill.name}, drawn`}
            fontFamily="Archivo Variable, sans-serif"
        >
            <Grid frame={frame} size={s} />
            {drill.paths.map((path, n) => (
                <Line key={n} path={path} x={x} y={y} size={s} />
            ))}
            {drill.bags.map((b, n) =>
                held(
                    { kind: 'bag', n },
                    <>
                        <rect
                            x={x(b.xYd) - s * 0.75}
                            y={y(b.yYd) - s * 0.4}
                            width={s * 1.5}
                            height={s * 0.8}
                            rx={s * 0.3}
                            fill="var(--edge)"
                            stroke="var(--ink)"
                            strokeWidth={s * 0.1}
                        />
                    </>,
                    b.label || 'bag',
                ),
            )}
            {drill.cones.map((c, n) =>
                held(
                    { kind: 'cone', n },
                    <>
                        <path
                            d={cone(x(c.xYd), y(c.yYd), s)}
                            fill="var(--amber)"
                            stroke="var(--ink)"
                            strokeWidth={s * 0.07}
                        />
                    </>,
                    `cone ${c.label || n + 1}`,
                ),
            )}
            <Labels drill={drill} x={x} y={y} size={s} />
            {held({ kind: 'coach', n: 0 }, <Coach at={[x(drill.coach.xYd), y(drill.coach.yYd)]} size={s} />, 'coach')}
            {drill.paths.flatMap((path, p) =>
                path.points.map((_, n) =>
                    held(
                        { kind: 'step', path: p, n },
                        <StepMark path={path} n={n} x={x} y={y} size={s} first={isFirst(drill, p)} bare={!hands} />,
                        n === 0 ? path.man : `${path.man}, step ${n}`,
                    ),
                ),
            )}
        </svg>
    );
}

/** Whether a path is the first of its man: there he stands. */
const isFirst = (drill: Drill, p: number) => drill.paths.findIndex((q) => q.man === drill.paths[p].man) === p;

function Grid({ frame, size }: { frame: Frame; size: number }) {
    const { left, right, top, bottom } = frame;
    return (
        <g>
            <rect width={right - left} height={top - bottom} fill="var(--paper)" className="print:fill-none" />
            {yards(bottom, top).map((yd) => (
                <line
                    key={yd}
                    x1={0}
                    x2={right - left}
                    y1={top - yd}
                    y2={top - yd}
                    stroke={yd % 5 === 0 ? 'var(--edge)' : 'var(--faint)'}
                    strokeWidth={yd === 0 ? size * 0.16 : size * 0.07}
                />
            ))}
            {yards(bottom + size * 0.4, top - size * 0.9)
                .filter((yd) => yd % 5 === 0)
                .map((yd) => (
                    <text key={yd} x={size * 0.3} y={top - yd - size * 0.2} fontSize={size * 0.8} fill="var(--soft)">
                        {yd === 0 ? '0 yd' : yd}
                    </text>
                ))}
        </g>
    );
}

type Ways = { x: (yd: number) => number; y: (yd: number) => number; size: number };

function Line({ path, x, y, size }: { path: DrillPath } & Ways) {
    const at = path.points.map((p) => [x(p.xYd), y(p.yYd)] as const);
    if (at.length < 2) return null;
    const [before, end] = [at[at.length - 2], at[at.length - 1]];
    const turn = (Math.atan2(end[1] - before[1], end[0] - before[0]) * 180) / Math.PI;
    const colour = path.ball ? 'var(--ball)' : 'var(--ink)';
    return (
        <g>
            <polyline
                points={at.map((p) => p.join(',')).join(' ')}
                fill="none"
                stroke={colour}
                strokeWidth={size * (path.ball ? 0.12 : 0.18)}
                strokeDasharray={path.ball ? `${size * 0.5} ${size * 0.35}` : undefined}
                strokeLinejoin="round"
            />
            <path
                d={`M 0 0 L ${-size * 0.8} ${size * 0.4} L ${-size * 0.8} ${-size * 0.4} Z`}
                transform={`translate(${end[0]} ${end[1]}) rotate(${turn})`}
                fill={colour}
            />
        </g>
    );
}

/** A man where he begins, a foot with its count, a small ring on any other step while it is drawn. */
function StepMark({
    path,
    n,
    x,
    y,
    size,
    first,
    bare,
}: { path: DrillPath; n: number; first: boolean; bare: boolean } & Ways) {
    const p = path.points[n];
    const [cx, cy] = [x(p.xYd), y(p.yYd)];
    if (n === 0 && first) {
        return (
            <>
                <circle
                    cx={cx}
                    cy={cy}
                    r={size * 0.85}
                    fill="var(--paper)"
                    stroke="var(--ink)"
                    strokeWidth={size * 0.14}
                />
                <text
                    x={cx}
                    y={cy + size * 0.36}
                    textAnchor="middle"
                    fontSize={size}
                    fontWeight={750}
                    fill="var(--ink)"
                >
                    {path.man}
                </text>
            </>
        );
    }
    if (p.foot) return <ellipse cx={cx} cy={cy} rx={size * 0.2} ry={size * 0.34} fill="var(--ink)" />;
    return bare ? null : (
        <circle cx={cx} cy={cy} r={size * 0.35} fill="var(--paper)" stroke="var(--ink)" strokeWidth={size * 0.1} />
    );
}

function Coach({ at, size }: { at: [number, number]; size: number }) {
    return (
        <>
            <rect
                x={at[0] - size * 1.6}
                y={at[1] - size * 0.6}
                width={size * 3.2}
                height={size * 1.2}
                rx={size * 0.2}
                fill="var(--paper)"
                stroke="var(--soft)"
                strokeWidth={size * 0.1}
            />
            <text x={at[0]} y={at[1] + size * 0.3} textAnchor="middle" fontSize={size * 0.85} fill="var(--ink)">
                coach
            </text>
        </>
    );
}

/** What is written at cones, bags and feet, where it covers least. */
function Labels({ drill, x, y, size }: { drill: Drill } & Ways) {
    const point = (p: { xYd: number; yYd: number }): [number, number] => [x(p.xYd), y(p.yYd)];
    const feet = drill.paths.flatMap((path) => path.points.filter((p) => p.foot));
    const marks = [...drill.cones, ...drill.bags].filter((m) => m.label);
    const labels: Label[] = [
        ...feet.map((p) => ({ at: point(p), text: `${p.count ?? ''}${p.foot === 'left' ? 'L' : 'R'}` })),
        ...marks.map((m) => ({ at: point(m), text: m.label ?? '' })),
    ];
    const box = (p: { xYd: number; yYd: number }, r: number, w = r) => ({
        x: x(p.xYd),
        y: y(p.yYd),
        w: w * size,
        h: r * size,
    });
    const taken = [
        ...drill.cones.map((c) => box(c, 0.5)),
        ...drill.bags.map((b) => box(b, 0.4, 0.75)),
        ...drill.paths.flatMap((path) => [
            box(path.points[0], 0.85),
            box(path.points[path.points.length - 1], 0.4),
            ...along(path.points.map(point), size),
        ]),
        box(drill.coach, 0.6, 1.6),
    ];
    const places = placed(labels, taken, size * 0.85);
    return (
        <g pointerEvents="none">
            {labels.map(({ text }, n) => (
                <text
                    key={n}
                    x={places[n].x}
                    y={places[n].y}
                    textAnchor={places[n].anchor}
                    fontSize={size * 0.85}
                    fontWeight={n < feet.length ? 700 : 450}
                    fill="var(--ink)"
                >
                    {text}
                </text>
            ))}
        </g>
    );
}

const cone = (x: number, y: number, s: number) =>
    `M ${x} ${y - s * 0.55} L ${x + s * 0.5} ${y + s * 0.45} L ${x - s * 0.5} ${y + s * 0.45} Z`;

const ARROWS: Record<string, [number, number]> = {
    ArrowLeft: [-0.5, 0],
    ArrowRight: [0.5, 0],
    ArrowUp: [0, 0.5],
    ArrowDown: [0, -0.5],
};

type HoldableProps = {
    at: Target;
    label: string;
    hands?: Hands;
    drill: Drill;
    frame: Frame;
    size: number;
    children: ReactNode;
};

/** Taken hold of by the mouse, a finger, or Tab and the arrows: half a yard a key. */
function Holdable({ at, label, hands, drill, frame, size, children }: HoldableProps) {
    if (!hands) return <g>{children}</g>;
    const place = placeOf(drill, at);
    const chosen = same(hands.chosen, at);
    const drag = (e: PointerEvent<SVGGElement>) => {
        if (!e.buttons) return;
        const svg = e.currentTarget.ownerSVGElement!;
        const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
        const inside = (v: number, low: number, high: number) => Math.max(low, Math.min(high, v));
        hands.onMove(
            at,
            inside(p.x + frame.left, frame.left, frame.right),
            inside(frame.top - p.y, frame.bottom, frame.top),
        );
    };
    const key = (e: KeyboardEvent) => {
        const by = ARROWS[e.key];
        if (!by) return;
        e.preventDefault();
        hands.onMove(at, place.xYd + by[0], place.yYd + by[1]);
    };
    return (
        <g
            tabIndex={0}
            role="button"
            aria-label={label}
            aria-pressed={chosen}
            className="cursor-grab focus:outline-none"
            onFocus={() => hands.onChoose(at)}
            onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                hands.onChoose(at);
            }}
            onPointerMove={drag}
            onKeyDown={key}
        >
            {chosen && (
                <circle
                    cx={place.xYd - frame.left}
                    cy={frame.top - place.yYd}
                    r={size * 1.25}
                    fill="var(--plum-wash)"
                    stroke="var(--plum)"
                    strokeWidth={size * 0.12}
                />
            )}
            <circle cx={place.xYd - frame.left} cy={frame.top - place.yYd} r={size * 0.45} fill="transparent" />
            {children}
        </g>
    );
}
