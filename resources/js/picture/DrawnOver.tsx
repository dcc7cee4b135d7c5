import type { Drawn } from '../api/types';
import { inkOf, lineAt } from './drawn';

type Props = {
    drawings: Drawn[];
    t: number;
    widthPx: number;
    /** How wide the picture is shown, pixels of the screen; lines and words of a small one are not small. */
    shownPx?: number;
};

const INK = '#ffe27a';
const HALO = '#10181a';

/** What was drawn on the picture, as it lies at a moment. */
export function DrawnOver({ drawings, t, widthPx, shownPx }: Props) {
    const scale = inkOf(widthPx, shownPx);
    return (
        <g pointerEvents="none" data-testid="drawn">
            {drawings.map((d) => {
                const line = lineAt(d, t);
                return line && <Stroke key={d.id} drawn={d} line={line} scale={scale} />;
            })}
        </g>
    );
}

type StrokeProps = { drawn: Pick<Drawn, 'kind' | 'word' | 'closed'>; line: [number, number][]; scale: number };

/** One drawing: light on a dark rim, so that it is seen on grass and on white shirts. */
export function Stroke({ drawn, line, scale }: StrokeProps) {
    if (drawn.kind === 'word') {
        return (
            <text
                x={line[0][0]}
                y={line[0][1]}
                fontSize={15 * scale}
                fontWeight={700}
                fill={INK}
                stroke={HALO}
                strokeWidth={3.2 * scale}
                strokeLinejoin="round"
                paintOrder="stroke"
            >
                {drawn.word}
            </text>
        );
    }
    const way = `M${line.map((p) => p.join(' ')).join('L')}${drawn.closed ? 'Z' : ''}`;
    const head = drawn.kind === 'arrow' ? headOf(line[0], line[1], 11 * scale) : '';
    const fill = drawn.kind === 'zone' ? INK : 'none';
    return (
        <g strokeLinecap="round" strokeLinejoin="round">
            <path d={way + head} fill="none" stroke={HALO} strokeOpacity={0.6} strokeWidth={5 * scale} />
            <path d={way + head} fill={fill} fillOpacity={0.16} stroke={INK} strokeWidth={2.4 * scale} />
        </g>
    );
}

/** The two strokes of an arrow's head. */
function headOf([x, y]: [number, number], [toX, toY]: [number, number], long: number): string {
    const angle = Math.atan2(toY - y, toX - x);
    const end = (by: number) =>
        `${(toX - long * Math.cos(angle + by)).toFixed(1)} ${(toY - long * Math.sin(angle + by)).toFixed(1)}`;
    return `M${end(0.5)}L${toX} ${toY}L${end(-0.5)}`;
}
