type Props = {
    /** Height of its middle, and where its line begins and ends. */
    y: number;
    from: number;
    to: number;
    children: string;
};

/** A lane of a tempo: its line, and before it who it is. */
export function Lane({ y, from, to, children }: Props) {
    return (
        <>
            <line x1={from} x2={to} y1={y} y2={y} stroke="var(--faint)" />
            <text
                x={from - 10}
                y={y + 4}
                textAnchor="end"
                className="text-[13px] font-semibold narrow"
                fill="var(--ink)"
            >
                {children}
            </text>
        </>
    );
}
