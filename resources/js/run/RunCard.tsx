import { api } from '../api/client';
import type { CallDocument, ProofReport } from '../api/types';
import { Fork } from '../ui/Fork';
import { outcomeWords, wins } from '../ui/outcome';
import { plain } from '../ui/words';
import type { Situation } from '../api/useProof';
import { useWrite } from '../api/useWrite';

type Props = {
    report: ProofReport;
    document: CallDocument;
    situation: Situation;
    onDraw: (document: CallDocument) => void;
    onChoose: (who: string) => void;
};

/** What a run reads and leaves: keys in order, the cut key, hats, who nobody has with the tag that has him, every pair of choices, the line calls. */
export function RunCard({ report, document, situation, onDraw, onChoose }: Props) {
    const run = report.run!;
    const { write: tag } = useWrite({
        send: (words: string) => api.post<{ document: CallDocument }>('tags', { document, situation, tag: words }),
        otherwise: 'The tag was not put on.',
        done: (tagged) => onDraw(tagged.document),
    });
    return (
        <div className="space-y-3 p-3 text-[13px]">
            <p className="text-soft">{run.words}.</p>
            {run.unaccounted.length > 0 && (
                <section className="rounded-md border border-amber bg-amber-wash px-3 py-2">
                    <h3 className="font-bold">Nobody has the {run.unaccounted.join(' and the ')}</h3>
                    {run.answers.length === 0 && (
                        <p>No stored tag has him: read him, throw outside, or call another run.</p>
                    )}
                </section>
            )}
            {run.answers.length > 0 && (
                <section>
                    <h3 className="label pb-1">Tags that answer</h3>
                    <ul className="space-y-1">
                        {run.answers.map((a) => (
                            <li key={a.tag}>
                                <button
                                    type="button"
                                    onClick={() => void tag(a.tag)}
                                    className="flex w-full items-baseline gap-2 rounded-md border border-edge bg-paper px-2 py-1 text-left hover:border-ink"
                                >
                                    <Fork verdict={a.verdict} size={15} />
                                    <span className="min-w-0">
                                        <b>{a.tag}</b> <span className="text-soft">{a.words}</span>
                                    </span>
                                </button>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <Facts>
                {run.keysInOrder.length > 0 && (
                    <Fact name="Reads, in order">
                        {run.keysInOrder.map((k, n) => (
                            <span key={k}>
                                {n > 0 && ', then '}
                                <button type="button" className="font-semibold text-plum" onClick={() => onChoose(k)}>
                                    {k}
                                </button>
                            </span>
                        ))}
                        {run.carriersOnKeys && `: ${run.carriersOnKeys}`}
                    </Fact>
                )}
                {run.cutKey && (
                    <Fact name="Runner reads">
                        {run.cutKey.why}. Cuts to {gap(run.cutKey.gap)}.
                    </Fact>
                )}
                <Fact name="At the point">{run.hats.words}</Fact>
                {run.firstFree && (
                    <Fact name="First free man">
                        {run.firstFree.defender}, at {plain(run.firstFree.atYd)} yd ({plain(run.successYd)} yd are
                        wanted)
                    </Fact>
                )}
                <Fact name="Mike">{has(run.mike, 'mike')}</Fact>
                <Fact name="Deep man">{has(run.freeSafety)}</Fact>
            </Facts>
            {run.pairs.length > 0 && (
                <section>
                    <h3 className="label pb-1">Who ends up with the ball</h3>
                    <table className="w-full">
                        <tbody>
                            {run.pairs.map((p) => (
                                <tr key={p.acts.join()} className="border-b border-faint align-baseline">
                                    <td className="py-0.5 pr-2 text-soft narrow">{p.acts.join(' · ')}</td>
                                    <td className={wins(p) ? 'font-semibold' : 'font-semibold text-amber'}>
                                        {outcomeWords(p)}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            )}
            {run.lineCalls.length > 0 && (
                <section>
                    <h3 className="label pb-1">Said at the line, in order</h3>
                    <ol className="space-y-0.5">
                        {run.lineCalls.map((c, n) => (
                            <li key={n}>
                                <b>
                                    {c.from} to {c.to}
                                </b>{' '}
                                “{c.say}” <span className="text-soft">{c.changes}</span>
                            </li>
                        ))}
                    </ol>
                </section>
            )}
        </div>
    );
}

/** Who blocks a man; his name only where the row does not say it already. */
const has = (who: { defender: string; men: string[] } | null, row = '') => {
    if (who === null) return 'nobody stands there';
    const name = who.defender === row ? '' : `${who.defender}: `;
    return name + (who.men.length === 0 ? 'nobody has him' : who.men.join(' and '));
};

const gap = (g: string) =>
    /^[a-d]$/.test(g) ? `the backside ${g.toUpperCase()}` : g.length === 1 ? `the ${g} gap` : g;

function Facts({ children }: { children: React.ReactNode }) {
    return <dl className="grid grid-cols-[92px_1fr] gap-x-2 gap-y-1">{children}</dl>;
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
    return (
        <>
            <dt className="text-soft narrow">{name}</dt>
            <dd>{children}</dd>
        </>
    );
}
