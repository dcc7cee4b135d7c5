import type { OutcomeRow, ProofAnswer } from '../../api/types';
import { Ruler } from './Ruler';
import { plain } from '../../ui/words';
import { Lane } from './Lane';

const LEFT = 92;
const WIDTH = 686;
const RIGHT = 14;
const LANE = 18;

/** The tempo of a run: a lane for every man who may have the ball, when he has it and when he crosses the line; when each block is met. */
export function RunTempo({
    proof,
    outcome,
    t,
    until,
}: {
    proof: ProofAnswer;
    outcome: OutcomeRow;
    t: number;
    until: number;
}) {
    const { stage } = proof;
    const span = Math.max(3.5, Math.ceil(until * 2) / 2);
    const x = (s: number) => LEFT + ((WIDTH - LEFT - RIGHT) * Math.min(s, span)) / span;
    const thrown = proof.report.keys.flatMap((k) => k.choices).find((c) => c.action === 'throw');
    const lanes = stage.tracks;
    const height = 24 + Math.max(1, lanes.length + (thrown ? 1 : 0)) * LANE + 12;
    return (
        <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full" role="img" aria-label="Tempo of the run">
            <Ruler span={span} x={x} bottom={height - 10} />
            {lanes.map((track, i) => {
                const y = 24 + i * LANE + LANE / 2;
                const gets = track.action === outcome.action;
                const across = crossesAt(track.line);
                return (
                    <g key={track.action} opacity={gets ? 1 : 0.65}>
                        <Lane y={y} from={LEFT} to={WIDTH - RIGHT}>
                            {`${track.man} ${track.action}`}
                        </Lane>
                        <rect
                            x={x(track.fromS)}
                            y={y - 5}
                            width={Math.max(3, x(across) - x(track.fromS))}
                            height={10}
                            rx={3}
                            fill={gets ? 'var(--ball-wash)' : 'var(--card)'}
                            stroke={gets ? 'var(--ball)' : 'var(--edge)'}
                        />
                        <text
                            x={x(Math.max(across, track.fromS)) + 6}
                            y={y + 4}
                            className="text-[11px] narrow"
                            fill={gets ? 'var(--ball)' : 'var(--soft)'}
                        >
                            ball {track.fromS.toFixed(1)}, line {across.toFixed(1)}
                            {gets && outcome.firstFree
                                ? `, the ${outcome.firstFree.defender} at ${plain(outcome.firstFree.atYd)} yd`
                                : ''}
                        </text>
                    </g>
                );
            })}
            {thrown && (
                <g opacity={outcome.action === 'throw' ? 1 : 0.65}>
                    <Lane y={24 + lanes.length * LANE + LANE / 2} from={LEFT} to={WIDTH - RIGHT}>
                        {`${thrown.man} ${thrown.route}`}
                    </Lane>
                    <circle
                        cx={x(thrown.outAt ?? 0)}
                        cy={24 + lanes.length * LANE + LANE / 2}
                        r={4.5}
                        fill={outcome.action === 'throw' ? 'var(--ball)' : 'var(--edge)'}
                    />
                    <text
                        x={x(thrown.outAt ?? 0) + 9}
                        y={28 + lanes.length * LANE + LANE / 2}
                        className="text-[11px] narrow"
                        fill={outcome.action === 'throw' ? 'var(--ball)' : 'var(--soft)'}
                    >
                        out {(thrown.outAt ?? 0).toFixed(1)}
                    </text>
                </g>
            )}
            {t > 0 && <line x1={x(t)} x2={x(t)} y1={20} y2={height} stroke="var(--ball)" strokeWidth={1.8} />}
        </svg>
    );
}

/** Tracks are drawn every tenth of a second. */
const STEP = 0.1;

/** When a track crosses the line of scrimmage, seconds. */
export function crossesAt(line: [number, number][]): number {
    const at = line.findIndex(([, y]) => y >= 0);
    return (at < 0 ? line.length - 1 : at) * STEP;
}
