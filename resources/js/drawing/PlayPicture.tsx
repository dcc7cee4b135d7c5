import type { Frames, Stage } from '../api/types';
import { FieldPaint, ManChip } from './pieces';
import { Ball, positions } from './playing';
import { RouteLine } from './routes';
import { scaleFor } from './scale';

type Props = {
    stage: Stage;
    frames: Frames | null;
    /** Seconds after the snap. */
    t: number;
    /** Letter of the man who looks at it. */
    ringed: string;
    /** Whether the routes are drawn. */
    told: boolean;
    label: string;
};

/** How far the picture goes past the line and behind it, and beside the widest man, yards. */
const TOP_YD = 23;
const BACK_YD = 11;
const BESIDE_YD = 2;

/** The twenty-two where they stand at a moment, and nothing said about them: a picture to be read. */
export function PlayPicture({ stage, frames, t, ringed, told, label }: Props) {
    const scale = scaleFor(...width(stage, frames), TOP_YD, BACK_YD);
    const at = frames && positions(frames, t);
    const place = (name: string, xYd: number, yYd: number) => at?.get(name) ?? [xYd, yYd];
    return (
        <svg
            viewBox={`0 0 ${scale.width} ${scale.height}`}
            className="h-full w-full select-none"
            role="img"
            aria-label={label}
        >
            <FieldPaint stage={stage} scale={scale} />
            {told &&
                stage.routes.map((r) => (
                    <RouteLine
                        key={r.man}
                        route={r}
                        man={stage.men.find((m) => m.letter === r.man)!}
                        scale={scale}
                        gets={false}
                        dim={false}
                        chosen={r.man === ringed}
                    />
                ))}
            {stage.men.map((m) => {
                const [x, y] = place(m.letter, m.xYd, m.yYd);
                return (
                    <g key={m.letter}>
                        {m.letter === ringed && (
                            <circle
                                cx={scale.x(x)}
                                cy={scale.y(y)}
                                r={17}
                                fill="none"
                                stroke="var(--ball)"
                                strokeWidth={2.5}
                            />
                        )}
                        <ManChip
                            man={m}
                            scale={scale}
                            xYd={x}
                            yYd={y}
                            filled={false}
                            chosen={m.letter === ringed}
                            label={m.letter}
                            still
                        />
                    </g>
                );
            })}
            {stage.defenders.map((d) => {
                const [x, y] = place(d.role, d.xYd, d.yYd);
                return (
                    <text
                        key={d.role}
                        x={scale.x(x)}
                        y={scale.y(y) + 5}
                        textAnchor="middle"
                        className="text-[16px] font-bold"
                        fill="var(--plum)"
                        stroke="var(--paper)"
                        strokeWidth={4}
                        paintOrder="stroke"
                    >
                        {d.letter}
                    </text>
                );
            })}
            {frames && <Ball frames={frames} t={t} scale={scale} />}
        </svg>
    );
}

/** From the man who gets widest on the left to the one on the right, so that a phone shows them large; yards. */
function width(stage: Stage, frames: Frames | null): [number, number] {
    const xs = [...stage.men, ...stage.defenders].map((m) => m.xYd);
    frames?.at.forEach((row) => row.forEach((yd, n) => n % 2 === 0 && xs.push(yd)));
    const { left, right } = stage.field;
    return [Math.max(left, Math.min(...xs) - BESIDE_YD), Math.min(right, Math.max(...xs) + BESIDE_YD)];
}
