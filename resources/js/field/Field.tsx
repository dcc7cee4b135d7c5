import { clsx } from 'clsx';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type {
    Assignment,
    Bands,
    Beats,
    CallDocument,
    Frames,
    LookDocument,
    ProofAnswer,
    StageDefender,
    StageMan,
    StageRoute,
    XY,
} from '../api/types';
import { changing } from '../look/lookStore';
import { plain } from '../ui/words';
import { MotionPaths, ShownSpots, SnapName } from './before';
import { DefenderMark, FieldPaint, ManChip } from './pieces';
import { KeyFork } from './KeyFork';
import { Covers, LeastSpot, PressFork, Walk } from './keys';
import { Band, DrawnPath, Ghosts, ReadFlag, RouteLine } from './routes';
import { scaleFor, type Scale } from './scale';
import { endDrag, startDrag, useBoard, withAssignment, withSpot } from '../board/store';
import type { Run } from '../board/useRun';
import { snapped } from './snap';
import { useLetters } from '../ui/useLetters';

type Kind = 'man' | 'break' | 'defender';

type Props = {
    proof: ProofAnswer;
    document: CallDocument;
    run: Run;
    chosen: string | null;
    onChoose: (man: string | null) => void;
    look: LookDocument;
    onLook: (look: LookDocument) => void;
    bands: Bands;
    beats: Beats | null;
    /** Whether a drag from a man draws his route. */
    drawing: boolean;
    /** Whether a change goes to the man across the ball too. */
    both: boolean;
    onDrawn: (man: string, points: XY[]) => void;
};

const half = (yd: number) => Math.round(yd * 2) / 2;
const quarter = (yd: number) => Math.round(yd * 4) / 4;

/** The field: men, routes, defenders, forks. Breaks and men can be dragged or moved with the arrow keys. */
export function Field({
    proof,
    document,
    run,
    chosen,
    onChoose,
    look,
    onLook,
    bands,
    beats,
    drawing,
    both,
    onDrawn,
}: Props) {
    const { stage, report } = proof;
    const { prong, takeProng: onProng } = run;
    const frames = run.watching ? run.frames : null;
    const t = run.clock.t;
    const scale = scaleFor(stage.field.left, stage.field.right);
    const svg = useRef<SVGSVGElement>(null);
    const letters = useLetters();
    const [drag, setDrag] = useState<{ kind: Kind; man: string; dx: number; dy: number } | null>(null);
    const [place, setPlace] = useState<{ man: string; name: string } | null>(null);
    const [path, setPath] = useState<{ man: string; points: XY[] } | null>(null);
    const draw = useBoard((s) => s.draw);
    const receivers = both ? report.picture.receivers : undefined;
    const playing = frames !== null;
    const at = playing ? positions(frames, t) : null;
    const ball = (prong === null ? undefined : report.keys[0]?.choices[prong]?.man) ?? report.ruleTrue.man;

    const yards = (e: PointerEvent): [number, number] => {
        const box = svg.current!.getBoundingClientRect();
        const k = Math.max(scale.width / box.width, scale.height / box.height);
        return scale.toYd(
            (e.clientX - box.left - (box.width - scale.width / k) / 2) * k,
            (e.clientY - box.top - (box.height - scale.height / k) / 2) * k,
        );
    };
    const grab = (kind: Kind, man: string, xYd: number, yYd: number) => (e: PointerEvent) => {
        if (playing) return;
        e.preventDefault();
        (e.currentTarget as Element).setPointerCapture(e.pointerId);
        const [x, y] = yards(e);
        onChoose(man);
        if (drawing && kind === 'man') return setPath({ man, points: [] });
        if (kind !== 'defender') startDrag();
        setDrag({ kind, man, dx: xYd - x, dy: yYd - y });
    };
    const move = (e: PointerEvent) => {
        if (path) {
            const [xYd, yYd] = yards(e);
            const last = path.points.at(-1);
            if (!last || Math.hypot(xYd - last.xYd, yYd - last.yYd) > 0.4)
                setPath({ ...path, points: [...path.points, { xYd, yYd }] });
            return;
        }
        if (!drag) return;
        const [x, y] = yards(e);
        const now = useBoard.getState().document;
        if (!now) return;
        if (drag.kind === 'man') {
            const spot = snapped(stage, drag.man, ...legalSpot(stage, x + drag.dx, y + drag.dy));
            setPlace(spot.name === '' ? null : { man: drag.man, name: spot.name });
            draw(withSpot(now, drag.man as Assignment['man'], spot.xYd, spot.yYd));
        } else if (drag.kind === 'defender') moveDefender(drag.man, x + drag.dx, y + drag.dy);
        else setDepth(drag.man, y + drag.dy);
    };
    const drop = () => {
        if (path) {
            setPath(null);
            if (path.points.length > 2) onDrawn(path.man, path.points.slice(0, 400));
        }
        if (!drag) return;
        setDrag(null);
        setPlace(null);
        if (drag.kind !== 'defender') endDrag();
    };
    const moveDefender = (role: string, x: number, y: number) =>
        onLook(
            changing(look, role, {
                spot: {
                    xYd: quarter(Math.max(stage.field.left + 1, Math.min(stage.field.right - 1, x))),
                    yYd: quarter(Math.max(0.75, Math.min(22, y))),
                },
            }),
        );
    const nudgeDefender = (d: StageDefender) => (e: KeyboardEvent) => {
        const step = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, 0.5], ArrowDown: [0, -0.5] }[e.key];
        if (!step || playing) return;
        e.preventDefault();
        e.stopPropagation();
        moveDefender(d.role, d.xYd + step[0], d.yYd + step[1]);
    };
    const setDepth = (man: string, depth: number) => {
        const now = useBoard.getState().document;
        const route = stage.routes.find((r) => r.man === man);
        if (now && route)
            draw(
                withAssignment(
                    now,
                    man,
                    { depthYd: Math.max(route.minYd, Math.min(route.maxYd, half(depth))) },
                    receivers,
                ),
            );
    };
    const nudge = (man: StageMan) => (e: KeyboardEvent) => {
        const step = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, 0.5], ArrowDown: [0, -0.5] }[e.key];
        if (!step || man.lineman || playing) return;
        e.preventDefault();
        e.stopPropagation();
        // The drawing may be ahead of the proof: the next step starts from where he was just put.
        const now = useBoard.getState().document ?? document;
        const spot = now.spots?.find((one) => one.man === man.letter) ?? {
            xYd: man.startXYd,
            yYd: man.startYYd,
        };
        draw(
            withSpot(now, man.letter as Assignment['man'], ...legalSpot(stage, spot.xYd + step[0], spot.yYd + step[1])),
        );
    };
    const deepen = (route: StageRoute) => (e: KeyboardEvent) => {
        const step = { ArrowUp: 0.5, ArrowDown: -0.5 }[e.key];
        if (!step || playing) return;
        e.preventDefault();
        e.stopPropagation();
        const now =
            useBoard.getState().document?.assignments.find((a) => a.man === route.man)?.depthYd ?? route.depthYd;
        setDepth(route.man, now + step);
    };

    return (
        <svg
            ref={svg}
            viewBox={`0 0 ${scale.width} ${scale.height}`}
            className={clsx('h-full w-full touch-none select-none', drawing && 'cursor-crosshair')}
            role="group"
            aria-label={`The field: ${report.verdict}. ${report.why}`}
            onPointerMove={move}
            onPointerUp={drop}
            onPointerCancel={drop}
        >
            <FieldPaint stage={stage} scale={scale} />
            {!playing && <ShownSpots stage={stage} scale={scale} />}
            {!playing && <MotionPaths stage={stage} motions={report.picture.motions} scale={scale} />}
            {!playing &&
                stage.routes.map((r) => <Ghosts key={r.man} route={r} scale={scale} chosen={r.man === chosen} />)}
            {!playing && stage.routes.map((r) => <Band key={r.man} route={r} band={bands[r.man]} scale={scale} />)}
            {stage.routes.map((r) => (
                <RouteLine
                    key={r.man}
                    route={r}
                    scale={scale}
                    man={stage.men.find((m) => m.letter === r.man)!}
                    gets={r.man === ball}
                    dim={playing || run.walk.some((s) => s.man === r.man && s.state === 'dead')}
                    chosen={r.man === chosen}
                />
            ))}
            {!playing &&
                stage.routes.map((r) => (
                    <g key={r.man}>
                        <circle
                            tabIndex={0}
                            role="slider"
                            aria-label={`${r.man}, ${r.name}, break depth`}
                            aria-valuenow={r.depthYd}
                            aria-valuemin={r.minYd}
                            aria-valuemax={r.maxYd}
                            aria-valuetext={`${plain(r.depthYd)} yards`}
                            cx={scale.x(r.break.xYd)}
                            cy={scale.y(r.break.yYd)}
                            r={9}
                            fill="var(--paper)"
                            fillOpacity={0.01}
                            className="handle cursor-ns-resize"
                            onPointerDown={grab('break', r.man, r.break.xYd, r.depthYd)}
                            onKeyDown={deepen(r)}
                            onFocus={() => onChoose(r.man)}
                        />
                        {(r.man === chosen || drag?.man === r.man) && (
                            <text
                                x={scale.x(r.break.xYd)}
                                y={scale.y(r.break.yYd) - 14}
                                textAnchor="middle"
                                className="text-[12px] font-bold narrow"
                                fill="var(--ink)"
                            >
                                {r.name} {plain(r.depthYd)} yd
                            </text>
                        )}
                    </g>
                ))}
            {stage.defenders.map((d) => (
                <DefenderMark
                    key={d.role}
                    defender={d}
                    scale={scale}
                    xYd={at?.get(d.role)?.[0] ?? d.xYd}
                    yYd={at?.get(d.role)?.[1] ?? d.yYd}
                    moving={playing}
                    chosen={d.role === chosen}
                    onPointerDown={grab('defender', d.role, d.xYd, d.yYd)}
                    onKeyDown={nudgeDefender(d)}
                    onFocus={() => onChoose(d.role)}
                />
            ))}
            {stage.men.map((m) => (
                <ManChip
                    key={m.letter}
                    man={m}
                    scale={scale}
                    xYd={at?.get(m.letter)?.[0] ?? m.xYd}
                    yYd={at?.get(m.letter)?.[1] ?? m.yYd}
                    filled={m.letter === ball}
                    chosen={m.letter === chosen}
                    letter={letters(m.letter)}
                    label={manLabel(m, proof, letters(m.letter))}
                    onPointerDown={m.lineman ? undefined : grab('man', m.letter, m.startXYd, m.startYYd)}
                    onKeyDown={nudge(m)}
                    onFocus={() => onChoose(m.letter)}
                />
            ))}
            {stage.routes.map(
                (r) =>
                    r.read !== null &&
                    !playing && <ReadFlag key={r.man} route={r} scale={scale} gets={r.man === ball} />,
            )}
            {!playing && <Walk walk={run.walk} stage={stage} scale={scale} />}
            {!playing && beats?.change && chosen === beats.change.defender && (
                <Covers change={beats.change} stage={stage} scale={scale} />
            )}
            {path && (
                <DrawnPath points={path.points} man={stage.men.find((m) => m.letter === path.man)!} scale={scale} />
            )}
            {place && <SnapName stage={stage} scale={scale} man={place.man} name={place.name} />}
            {playing && <Ball frames={frames} t={t} scale={scale} />}
            {!playing &&
                report.press.map((p) => (
                    <PressFork key={p.man} row={p} stage={stage} scale={scale} onChoose={onChoose} />
                ))}
            {!playing && report.keys.slice(0, 1).map((k) => <LeastSpot key={k.defender} row={k} scale={scale} />)}
            {report.keys.slice(0, 1).map((k) => {
                const d = stage.defenders.find((one) => one.role === k.defender)!;
                const now = at?.get(d.role) ?? ([d.xYd, d.yYd] as [number, number]);
                return (
                    <KeyFork
                        key={k.defender}
                        row={k}
                        scale={scale}
                        xYd={d.xYd}
                        yYd={d.yYd}
                        now={now}
                        onProng={onProng}
                        prong={prong}
                    />
                );
            })}
        </svg>
    );
}

function legalSpot(stage: ProofAnswer['stage'], x: number, y: number): [number, number] {
    return [
        quarter(Math.max(stage.field.left + 1, Math.min(stage.field.right - 1, x))),
        quarter(Math.max(-8, Math.min(-0.5, y))),
    ];
}

function manLabel(m: StageMan, proof: ProofAnswer, letter: string): string {
    const job = proof.report.assignments.find((a) => a.man === m.letter)?.job ?? '';
    const read = proof.report.reads.find((r) => r.man === m.letter)?.number;
    return `${letter}, ${m.onLine ? 'on the line' : 'off the line'}; ${job}${read ? `; read ${read}` : ''}`;
}

/** Where everybody is at a moment, between two frames. */
function positions(frames: Frames, t: number): Map<string, [number, number]> {
    const f = Math.min(frames.at.length - 1.001, t / frames.step);
    const i = Math.max(0, Math.floor(f));
    const part = f - i;
    const names = [...frames.men, ...frames.defenders];
    return new Map(
        names.map((name, n) => {
            const mix = (k: number) =>
                frames.at[i][2 * n + k] + part * (frames.at[i + 1][2 * n + k] - frames.at[i][2 * n + k]);
            return [name, [mix(0), mix(1)]];
        }),
    );
}

function Ball({ frames, t, scale }: { frames: Frames; t: number; scale: Scale }) {
    const [x, y, z] = frames.ball[Math.min(frames.ball.length - 1, Math.round(t / frames.step))];
    return (
        <g transform={`translate(${scale.x(x)} ${scale.y(y) - z * 3})`}>
            <ellipse rx={4.5 + z * 0.4} ry={3.2 + z * 0.3} fill="var(--ball)" stroke="var(--paper)" />
        </g>
    );
}
