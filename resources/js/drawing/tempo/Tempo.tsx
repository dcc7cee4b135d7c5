import type { OutcomeRow, ProofAnswer } from '../../api/types';
import { RunTempo } from './RunTempo';
import { Ruler } from './Ruler';
import { Lane } from './Lane';

type Props = {
    proof: ProofAnswer;
    outcome: OutcomeRow;
    t: number;
    until: number;
    onScrub: (t: number) => void;
    running: boolean;
};

const LEFT = 92;
const WIDTH = 686;
const RIGHT = 14;

/** The tempo: one lane a man, when each route breaks, when its window is open, when the ball leaves and lands. */
export function Tempo({ proof, outcome, t, until, onScrub, running }: Props) {
    const { report } = proof;
    const span = Math.max(4, Math.ceil(until * 2) / 2);
    const x = (s: number) => LEFT + ((WIDTH - LEFT - RIGHT) * s) / span;
    const reads = report.reads;
    const lane = 18;
    const height = 20 + (reads.length + 1) * lane + 14;
    const { tempo } = report;
    if (report.run && reads.length === 0) {
        return (
            <div className="relative">
                <RunTempo proof={proof} outcome={outcome} t={t} until={until} />
                <Scrub t={t} until={until} span={Math.max(3.5, Math.ceil(until * 2) / 2)} onScrub={onScrub} />
            </div>
        );
    }
    return (
        <div className="relative">
            <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full" role="img" aria-label="Tempo of the play">
                <Ruler span={span} x={x} bottom={height - 10} />
                <Drop tempo={tempo} x={x} />
                {reads.map((r, i) => {
                    const y = 20 + (i + 1) * lane + lane / 2;
                    const gets = r.man === outcome.man;
                    return (
                        <g key={r.man} opacity={r.number !== null && r.state === 'live' ? 1 : 0.6}>
                            <Lane y={y} from={LEFT} to={WIDTH - RIGHT}>
                                {`${r.number !== null ? `${r.number} ` : ''}${r.man} ${r.route}`}
                            </Lane>
                            {r.slot && r.state === 'live' && r.number !== null && (
                                <rect
                                    x={x(r.slot[0])}
                                    y={y - 6}
                                    width={Math.max(2, x(r.slot[1]) - x(r.slot[0]))}
                                    height={12}
                                    rx={3}
                                    fill="url(#shut)"
                                    stroke="var(--shut)"
                                    strokeWidth={0.6}
                                />
                            )}
                            {r.windows.map((w, n) => (
                                <rect
                                    key={n}
                                    x={x(w[0]) - 2}
                                    y={y - 6}
                                    width={x(w[1]) - x(w[0]) + 4}
                                    height={12}
                                    rx={3}
                                    fill="var(--open-wash)"
                                    stroke="var(--open)"
                                    strokeWidth={1}
                                />
                            ))}
                            <path
                                d={`M${x(r.breakAt) - 4.5} ${y + 5}L${x(r.breakAt)} ${y - 6}L${x(r.breakAt) + 4.5} ${y + 5}`}
                                fill="none"
                                stroke={gets ? 'var(--ball)' : 'var(--ink)'}
                                strokeWidth={2}
                                strokeLinejoin="round"
                            />
                            {r.killedBy && r.number !== null && (
                                <text x={x(r.breakAt) + 10} y={y + 4} className="text-[11px] narrow" fill="var(--soft)">
                                    dead: {r.killedBy}
                                </text>
                            )}
                        </g>
                    );
                })}
                {outcome.outAt !== null && outcome.caughtAt !== null && (
                    <g>
                        <path
                            d={`M${x(outcome.outAt)} ${20 + lane / 2}Q${(x(outcome.outAt) + x(outcome.caughtAt)) / 2} ${16} ${x(outcome.caughtAt)} ${
                                20 +
                                lane *
                                    (1.5 +
                                        Math.max(
                                            0,
                                            reads.findIndex((r) => r.man === outcome.man),
                                        ))
                            }`}
                            fill="none"
                            stroke="var(--ball)"
                            strokeWidth={1.6}
                            strokeDasharray="5 3"
                        />
                        <text
                            x={Math.min(x(outcome.caughtAt) + 6, WIDTH - 96)}
                            y={20 + lane / 2 + 4}
                            className="text-[12px] font-semibold narrow"
                            fill="var(--ball)"
                            stroke="var(--card)"
                            strokeWidth={3}
                            paintOrder="stroke"
                        >
                            {`out ${outcome.outAt.toFixed(1)}, there ${outcome.caughtAt.toFixed(1)}`}
                        </text>
                    </g>
                )}
                <defs>
                    <pattern id="shut" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                        <rect width="5" height="5" fill="var(--paper)" />
                        <line x1="0" x2="0" y1="0" y2="5" stroke="var(--shut)" strokeWidth="1.4" />
                    </pattern>
                </defs>
                {(t > 0 || running) && (
                    <line x1={x(t)} x2={x(t)} y1={20} y2={height} stroke="var(--ball)" strokeWidth={1.8} />
                )}
            </svg>
            <Scrub t={t} until={until} span={span} onScrub={onScrub} />
        </div>
    );
}

/** The moment of the play, under the lanes. */
function Scrub({ t, until, span, onScrub }: { t: number; until: number; span: number; onScrub: (t: number) => void }) {
    return (
        <input
            type="range"
            min={0}
            max={until}
            step={0.05}
            value={t}
            aria-label="Moment of the play, seconds"
            onChange={(e) => onScrub(Number(e.target.value))}
            className="no-print absolute bottom-0 h-3 accent-ball"
            style={{
                left: `${((LEFT - 8) / WIDTH) * 100}%`,
                width: `${(((WIDTH - LEFT - RIGHT) * Math.min(until, span)) / span / WIDTH) * 100 + 2.2}%`,
            }}
        />
    );
}

function Drop({ tempo, x }: { tempo: ProofAnswer['report']['tempo']; x: (s: number) => number }) {
    const parts = [
        {
            from: 0,
            to: tempo.setAt,
            name: tempo.passer === 'Q' ? `${tempo.drop} step` : 'gets the ball, sets his feet',
        },
        ...tempo.hitches.map((h, i) => ({ from: i ? tempo.hitches[i - 1] : tempo.setAt, to: h, name: 'hitch' })),
    ];
    return (
        <g>
            <text x={LEFT - 10} y={33} textAnchor="end" className="text-[13px] font-semibold narrow" fill="var(--ink)">
                {tempo.passer}
            </text>
            {parts.map((p, i) => (
                <g key={i}>
                    <rect
                        x={x(p.from) + 1}
                        y={23}
                        width={x(p.to) - x(p.from) - 2}
                        height={13}
                        rx={2}
                        fill="var(--faint)"
                    />
                    <text
                        x={(x(p.from) + x(p.to)) / 2}
                        y={33}
                        textAnchor="middle"
                        className="text-[11px] narrow"
                        fill="var(--soft)"
                    >
                        {p.name}
                    </text>
                </g>
            ))}
        </g>
    );
}
