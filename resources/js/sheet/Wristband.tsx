type Props = { calls: { id: string; name: string }[]; on: string[]; opponent: string };

/** The card for the wrist: every call of the sheet under its number. It stands on paper only, to be cut out. */
export function Wristband({ calls, on, opponent }: Props) {
    const nameOf = new Map(calls.map((c) => [c.id, c.name]));
    return (
        <section
            aria-label="Wristband"
            className="mt-6 hidden break-inside-avoid border border-dashed border-ink p-1.5 print:block"
            style={{ width: '11.5cm' }}
        >
            <h2 className="text-[8px] font-bold">{opponent}</h2>
            <ol className="columns-3 gap-2 text-[7.5px] leading-tight narrow">
                {on.map((id, n) => (
                    <li key={id} className="flex gap-1 border-b border-faint">
                        <b className="w-3 text-right tabular-nums">{n + 1}</b>
                        <span>{nameOf.get(id) ?? 'no longer in the book'}</span>
                    </li>
                ))}
            </ol>
        </section>
    );
}
