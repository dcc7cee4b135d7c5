import type { FilmDocument, View } from '../../api/types';
import type { Point } from '../../model/filmStore';

type Props = {
    view: View | undefined;
    clicked: [number, number][][] | undefined;
    strong: boolean;
    plan: boolean;
    points: Point[];
    plots: NonNullable<FilmDocument['plots']>;
    man: string;
    t: number;
};

/** A plot is of this moment when it is this near, seconds. */
const NOW = 0.1;

const way = (line: [number, number][]) => line.map((p) => p.join(',')).join(' ');

/** What lies over the picture: the field's paint, the plan in perspective, clicked marks, plots and the way of the chosen man. */
export function Painted({ view, clicked, strong, plan, points, plots, man, t }: Props) {
    const his = plots.filter((p) => p.man === man).sort((a, b) => a.atS - b.atS);
    return (
        <g pointerEvents="none">
            {(clicked ?? (strong ? view?.lines : undefined))?.map((line, i) => (
                <polyline key={i} points={way(line)} fill="none" stroke="#ffb45c" strokeWidth={1} />
            ))}
            {plan &&
                view?.plan?.map((p) => (
                    <g key={p.man} opacity={p.man === man ? 1 : 0.62}>
                        <polyline
                            points={way(p.line)}
                            fill="none"
                            stroke="#10181a"
                            strokeWidth={p.man === man ? 4.4 : 3}
                            strokeOpacity={0.55}
                        />
                        <polyline
                            points={way(p.line)}
                            fill="none"
                            stroke={p.man === man ? '#ff7a55' : '#f3ecdf'}
                            strokeWidth={p.man === man ? 2.4 : 1.4}
                            strokeDasharray={p.kind === 'route' ? undefined : '5 3'}
                        />
                        {p.breakPx && (
                            <circle cx={p.breakPx[0]} cy={p.breakPx[1]} r={p.man === man ? 3.6 : 2.4} fill="#ff7a55" />
                        )}
                        {p.now && (
                            <ellipse
                                cx={p.now[0]}
                                cy={p.now[1]}
                                rx={8}
                                ry={3.6}
                                fill="none"
                                stroke="#ff7a55"
                                strokeWidth={1.4}
                                strokeDasharray="3 2"
                            />
                        )}
                    </g>
                ))}
            {points.map((p, i) => (
                <g key={i}>
                    <circle cx={p.xPx} cy={p.yPx} r={4} fill="none" stroke="#fff" strokeWidth={1.4} />
                    <text x={p.xPx + 6} y={p.yPx - 5} fill="#fff" className="text-[10px] font-bold">
                        {i + 1}
                    </text>
                </g>
            ))}
            {plots
                .filter((p) => Math.abs(p.atS - t) < NOW)
                .map((p) => (
                    <g key={p.id}>
                        <ellipse
                            cx={p.xPx}
                            cy={p.yPx}
                            rx={p.man === man ? 9 : 6}
                            ry={p.man === man ? 4 : 2.6}
                            fill="none"
                            stroke={p.man.length > 2 ? '#e3b6e6' : '#fff6e4'}
                            strokeWidth={p.man === man ? 2.2 : 1.3}
                            strokeDasharray={p.confidence === undefined ? undefined : '2 1.5'}
                        />
                        <text
                            x={p.xPx + 10}
                            y={p.yPx + 4}
                            fill="#fff"
                            stroke="#000"
                            strokeWidth={2.4}
                            paintOrder="stroke"
                            className={p.man === man ? 'text-[11px] font-bold' : 'text-[9px]'}
                        >
                            {p.man === man || p.man.length <= 2 ? p.man : ''}
                        </text>
                    </g>
                ))}
            {strong || his.length < 2 ? null : <title>{`${man}: ${his.length} plots`}</title>}
        </g>
    );
}
