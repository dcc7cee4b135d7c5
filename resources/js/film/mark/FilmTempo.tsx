import type { FilmDocument, Measured } from '../../api/types';
import { Lane } from '../../drawing/tempo/Lane';

type Props = {
    document: FilmDocument;
    measured: Measured | null;
    t: number;
    duration: number;
    onSeek: (t: number) => void;
};

const LEFT = 96;
const WIDTH = 760;

/** Times that are no read's. */
const TIMES = ['mesh', 'first step', 'climbs', 'hips turned', 'snap to past the press'];

/** The tempo of the film: planned above, done below, seconds from the snap. */
export function FilmTempo({ document, measured, t, duration, onSeek }: Props) {
    const marks = document.marks ?? [];
    const snap = marks.find((m) => m.kind === 'snap')?.atS ?? 0;
    const span = 5;
    const x = (s: number) => LEFT + ((WIDTH - LEFT - 16) * s) / span;
    const reads = (measured?.planned ?? []).filter((p) => p.number !== null).slice(0, 4);
    // Of a run there are no reads: its times stand in their place.
    const times = (measured?.assignments ?? [])
        .filter((a) => TIMES.includes(a.measure) && (a.man.length <= 2 || measured!.keys.includes(a.man)))
        .slice(0, Math.max(0, 4 - reads.length));
    const lane = 27;
    const out = marks.find((m) => m.kind === 'ball out');
    const depth = (man: string) => measured?.assignments.find((a) => a.man === man && a.measure === 'break depth');
    const height = 22 + (reads.length + times.length + 1) * lane + 8;
    return (
        <div className="bg-card px-2 pt-1">
            <svg
                viewBox={`0 0 ${WIDTH} ${height}`}
                className="w-full"
                role="img"
                aria-label="Tempo: planned above, done below"
            >
                <text x={8} y={14} className="text-[12px] font-bold narrow" fill="var(--soft)">
                    Tempo, s
                </text>
                <text x={WIDTH - 16} y={14} textAnchor="end" className="text-[11px] narrow" fill="var(--soft)">
                    planned above, done below
                </text>
                {Array.from({ length: span + 1 }, (_, s) => (
                    <g key={s}>
                        <line x1={x(s)} x2={x(s)} y1={18} y2={height} stroke="var(--edge)" />
                        {s < span && (
                            <text x={x(s)} y={14} textAnchor="middle" className="text-[11px] narrow" fill="var(--soft)">
                                {s.toFixed(1)}
                            </text>
                        )}
                    </g>
                ))}
                <text
                    x={LEFT - 8}
                    y={20 + lane / 2 + 4}
                    textAnchor="end"
                    className="text-[13px] font-semibold narrow"
                    fill="var(--ink)"
                >
                    Q
                </text>
                {out && (
                    <g>
                        <line
                            x1={x(out.atS - snap)}
                            x2={x(out.atS - snap)}
                            y1={20 + lane / 2}
                            y2={20 + lane}
                            stroke="var(--ball)"
                            strokeWidth={3}
                        />
                        <text
                            x={x(out.atS - snap) + 6}
                            y={20 + lane - 3}
                            className="text-[12px] narrow"
                            fill="var(--ball)"
                        >
                            out {(out.atS - snap).toFixed(2)}
                            {out.man ? ` to ${out.man}` : ''}
                        </text>
                    </g>
                )}
                {reads.map((r, i) => {
                    const y = 20 + (i + 1) * lane + lane / 2;
                    const done = marks.find((m) => m.kind === 'break' && m.man === r.man);
                    const row = depth(r.man);
                    return (
                        <g key={r.man}>
                            <Lane y={y} from={LEFT} to={WIDTH - 16}>
                                {`${r.number} ${r.man} ${r.route}`}
                            </Lane>
                            {r.slot && (
                                <rect
                                    x={x(r.slot[0])}
                                    y={y - 10}
                                    width={x(r.slot[1]) - x(r.slot[0])}
                                    height={8}
                                    fill="var(--open-wash)"
                                />
                            )}
                            <path
                                d={`M${x(r.breakAt) - 5} ${y - 1}l5 -10l5 10`}
                                fill="none"
                                stroke="var(--ink)"
                                strokeWidth={2}
                            />
                            {done && (
                                <path
                                    d={`M${x(done.atS - snap) - 5} ${y + 2}l5 10l5 -10`}
                                    fill="none"
                                    stroke="var(--ball)"
                                    strokeWidth={2}
                                />
                            )}
                            {done && row && (
                                <text
                                    x={x(done.atS - snap) + 9}
                                    y={y + 11}
                                    className="text-[12px] narrow"
                                    fill="var(--ball)"
                                >
                                    {row.done.toFixed(1)} yd
                                </text>
                            )}
                        </g>
                    );
                })}
                {times.map((r, i) => {
                    const y = 20 + (reads.length + i + 1) * lane + lane / 2;
                    return (
                        <g key={r.man + r.measure}>
                            <line x1={LEFT} x2={WIDTH - 16} y1={y} y2={y} stroke="var(--faint)" />
                            <text
                                x={LEFT - 8}
                                y={y + 4}
                                textAnchor="end"
                                className="text-[12px] font-semibold narrow"
                                fill={r.man.length > 2 ? 'var(--plum)' : 'var(--ink)'}
                            >
                                {r.man.length > 2 ? r.man : `${r.man} ${r.measure}`}
                            </text>
                            {r.planned !== null && (
                                <path
                                    d={`M${x(r.planned) - 5} ${y - 1}l5 -10l5 10`}
                                    fill="none"
                                    stroke="var(--ink)"
                                    strokeWidth={2}
                                />
                            )}
                            <path
                                d={`M${x(r.done) - 5} ${y + 2}l5 10l5 -10`}
                                fill="none"
                                stroke="var(--ball)"
                                strokeWidth={2}
                            />
                            <text x={x(r.done) + 9} y={y + 11} className="text-[12px] narrow" fill="var(--ball)">
                                {r.man.length > 2 ? r.measure : ''} {r.done.toFixed(2)}
                            </text>
                        </g>
                    );
                })}
                {t - snap >= 0 && t - snap <= span && (
                    <line
                        x1={x(t - snap)}
                        x2={x(t - snap)}
                        y1={18}
                        y2={height}
                        stroke="var(--ball)"
                        strokeWidth={1.6}
                    />
                )}
            </svg>
            <input
                type="range"
                min={0}
                max={duration}
                step={0.01}
                value={t}
                aria-label="Moment of the film, seconds"
                onChange={(e) => onSeek(Number(e.target.value))}
                className="h-3 w-full accent-ball"
            />
        </div>
    );
}
