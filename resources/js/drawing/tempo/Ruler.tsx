/** The seconds over the lanes of a tempo: a line every half second, heavier on the whole ones. */
export function Ruler({ span, x, bottom }: { span: number; x: (s: number) => number; bottom: number }) {
    return (
        <>
            <text x={8} y={15} className="text-[12px] font-bold narrow" fill="var(--soft)">
                Tempo, s
            </text>
            {Array.from({ length: span * 2 + 1 }, (_, i) => i / 2).map((s) => (
                <g key={s}>
                    <line x1={x(s)} x2={x(s)} y1={18} y2={bottom} stroke="var(--edge)" strokeWidth={s % 1 ? 0.5 : 1} />
                    <text x={x(s)} y={14} textAnchor="middle" className="text-[11px] narrow" fill="var(--soft)">
                        {s.toFixed(1)}
                    </text>
                </g>
            ))}
        </>
    );
}
