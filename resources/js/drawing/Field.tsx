import { clsx } from 'clsx';
import type { Bands, Beats, CallDocument, LookDocument, ProofAnswer, StageMan, XY } from '../api/types';
import { plain } from '../ui/words';
import { MotionPaths, ShownSpots, SnapName } from './before';
import { DefenderMark, FieldPaint, ManChip } from './pieces';
import { KeyFork } from './KeyFork';
import { Covers, LeastSpot, PressFork, Walk } from './keys';
import { Band, DrawnPath, Ghosts, ReadFlag, RouteLine } from './routes';
import { Ball, positions } from './playing';
import { BlockLine, NobodyHas, TrackLine } from './runs';
import { scaleFor, scaleForRun } from './scale';
import type { Run } from './useRun';
import { useHands, type Held } from './useHands';
import { useLetters } from '../api/useLetters';

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
    const frames = run.watching ? run.frames : null;
    const t = run.clock.t;
    const scale = (report.run ? scaleForRun : scaleFor)(stage.field.left, stage.field.right);
    const letters = useLetters();
    const receivers = both ? report.picture.receivers : undefined;
    const playing = frames !== null;
    // The second of two calls is shown, the first is what is edited: nothing of it can be taken hold of here.
    const fixed = playing || report.decided?.killed === true;
    const at = playing ? positions(frames, t) : null;
    const outcome = run.choice ?? report.ruleTrue;
    const ball = outcome.man;
    const forks = report.run ? report.keys.slice(0, 2) : report.keys.slice(0, 1);

    const hands = useHands({
        stage,
        document,
        look,
        scale,
        playing: fixed,
        drawing,
        receivers,
        onChoose,
        onLook,
        onDrawn,
    });
    const { held, place, path } = hands;
    /** Where the hand has something now; the proof follows it. */
    const inHand = (kind: Held['kind'], man: string) =>
        held !== null && held.kind === kind && held.man === man ? held : null;

    return (
        <svg
            ref={hands.svg}
            viewBox={`0 0 ${scale.width} ${scale.height}`}
            className={clsx('h-full w-full touch-none select-none', drawing && 'cursor-crosshair')}
            role="group"
            aria-label={`The field: ${report.verdict}. ${report.why}`}
            onPointerMove={hands.move}
            onPointerUp={hands.drop}
            onPointerCancel={hands.drop}
        >
            <FieldPaint stage={stage} scale={scale} />
            {!playing && <ShownSpots stage={stage} scale={scale} />}
            {!playing && <MotionPaths stage={stage} motions={report.picture.motions} scale={scale} />}
            {!playing &&
                stage.routes.map((r) => <Ghosts key={r.man} route={r} scale={scale} chosen={r.man === chosen} />)}
            {!playing && stage.routes.map((r) => <Band key={r.man} route={r} band={bands[r.man]} scale={scale} />)}
            {stage.blocks.map((b) => (
                <BlockLine key={b.man} block={b} scale={scale} dim={playing} chosen={b.man === chosen} />
            ))}
            {stage.tracks.map((track) => (
                <TrackLine
                    key={track.action}
                    track={track}
                    scale={scale}
                    gets={track.action === outcome.action}
                    dim={playing}
                />
            ))}
            {!playing &&
                (report.run?.unaccounted ?? []).map((role) => {
                    const d = stage.defenders.find((one) => one.role === role);
                    return d && <NobodyHas key={role} role={role} xYd={d.xYd} yYd={d.yYd} scale={scale} />;
                })}
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
                            cy={scale.y(inHand('break', r.man)?.yYd ?? r.break.yYd)}
                            r={inHand('break', r.man) ? 6 : 9}
                            fill={inHand('break', r.man) ? 'var(--ink)' : 'var(--paper)'}
                            fillOpacity={inHand('break', r.man) ? 1 : 0.01}
                            className="handle cursor-ns-resize"
                            onPointerDown={hands.grab('break', r.man, r.break.xYd, r.depthYd)}
                            onKeyDown={hands.deepen(r)}
                            onFocus={() => onChoose(r.man)}
                        />
                        {r.man === chosen && (
                            <text
                                x={scale.x(r.break.xYd)}
                                y={scale.y(inHand('break', r.man)?.yYd ?? r.break.yYd) - 14}
                                textAnchor="middle"
                                className="text-[12px] font-bold narrow"
                                fill="var(--ink)"
                            >
                                {r.name} {plain(inHand('break', r.man)?.yYd ?? r.depthYd)} yd
                            </text>
                        )}
                    </g>
                ))}
            {stage.defenders.map((d) => (
                <DefenderMark
                    key={d.role}
                    defender={d}
                    scale={scale}
                    xYd={at?.get(d.role)?.[0] ?? inHand('defender', d.role)?.xYd ?? d.xYd}
                    yYd={at?.get(d.role)?.[1] ?? inHand('defender', d.role)?.yYd ?? d.yYd}
                    moving={playing}
                    chosen={d.role === chosen}
                    onPointerDown={hands.grab('defender', d.role, d.xYd, d.yYd)}
                    onKeyDown={hands.nudgeDefender(d)}
                    onFocus={() => onChoose(d.role)}
                />
            ))}
            {stage.men.map((m) => (
                <ManChip
                    key={m.letter}
                    man={m}
                    scale={scale}
                    xYd={at?.get(m.letter)?.[0] ?? inHand('man', m.letter)?.xYd ?? m.xYd}
                    yYd={at?.get(m.letter)?.[1] ?? inHand('man', m.letter)?.yYd ?? m.yYd}
                    filled={m.letter === ball}
                    chosen={m.letter === chosen}
                    letter={letters(m.letter)}
                    label={manLabel(m, proof, letters(m.letter))}
                    onPointerDown={m.lineman ? undefined : hands.grab('man', m.letter, m.startXYd, m.startYYd)}
                    onKeyDown={hands.nudge(m)}
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
            {!playing &&
                !report.run &&
                report.keys.slice(0, 1).map((k) => <LeastSpot key={k.defender} row={k} scale={scale} />)}
            {forks.map((k, n) => {
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
                        place={n}
                        pairs={forks.length > 1}
                        onProng={(index) => run.takeProng(index, n)}
                        prong={run.prongs[n] ?? null}
                    />
                );
            })}
        </svg>
    );
}

function manLabel(m: StageMan, proof: ProofAnswer, letter: string): string {
    const job = proof.report.assignments.find((a) => a.man === m.letter)?.job ?? '';
    const read = proof.report.reads.find((r) => r.man === m.letter)?.number;
    return `${letter}, ${m.onLine ? 'on the line' : 'off the line'}; ${job}${read ? `; read ${read}` : ''}`;
}
