import type { Weighed } from '../api/planTypes';
import type { SavedLook } from '../api/types';
import { chance } from '../ui/words';

type Props = {
    weighed: Weighed | undefined;
    shown: SavedLook[];
    opponent: string;
    busy: boolean;
    onPut: (id: string) => void;
    onTake: (id: string) => void;
};

/** What the sheet lacks, what it could do without, and how it is called so that no look hurts it. */
export function PlanAdvice({ weighed, shown, opponent, busy, onPut, onTake }: Props) {
    return (
        <aside className="overflow-auto border-l border-edge px-5 py-3 stacked:border-t stacked:border-l-0 print:border-0">
            {!weighed && <p className="text-soft">The calls are being proved against every look he shows.</p>}
            {weighed && weighed.menu.length > 0 && (
                <>
                    <Mix mix={weighed.mix} shown={shown} opponent={opponent} />
                    <Holes weighed={weighed} shown={shown} busy={busy} onPut={onPut} />
                    <Idle idle={weighed.idle} busy={busy} onTake={onTake} />
                </>
            )}
            {weighed && weighed.menu.length === 0 && (
                <Holes weighed={weighed} shown={shown} busy={busy} onPut={onPut} />
            )}
        </aside>
    );
}

function Mix({ mix, shown, opponent }: { mix: Weighed['mix']; shown: SavedLook[]; opponent: string }) {
    const most = mix.calls[0]?.share ?? 1;
    return (
        <section className="mb-5">
            <h2 className="text-base font-bold">The mix nothing he does can hurt</h2>
            <p className="mb-2 text-[13px] text-soft">
                Called so, {chance(mix.guarantees)} succeed whatever {opponent} shows, and whether he expects the run or
                the pass in it.
            </p>
            <ul className="mb-2">
                {mix.calls.map((c) => (
                    <li key={c.id} className="flex items-center gap-2 py-0.5 text-[13px]">
                        <span className="w-32 shrink-0 font-semibold">{c.name}</span>
                        <span className="h-2.5 rounded-sm bg-ink" style={{ width: `${(100 * c.share) / most}px` }} />
                        <span className="tabular-nums">{chance(c.share)}</span>
                    </li>
                ))}
            </ul>
            {mix.looks.length > 0 && (
                <p className="text-[12px] text-soft narrow">
                    His best against it:{' '}
                    {mix.looks
                        .slice(0, 4)
                        .map((l) => `${shown[l.look].words} for the ${l.expects} ${chance(l.share)}`)
                        .join('; ')}
                    .
                </p>
            )}
            {mix.byShares && mix.gain >= 0.005 && (
                <p className="mt-1 text-[13px]">
                    As long as he shows what he has shown, <b>{mix.byShares.name}</b> alone is worth{' '}
                    {chance(mix.byShares.worth)}, {Math.round(100 * mix.gain)} points more; the mix is for when he
                    changes.
                </p>
            )}
        </section>
    );
}

type HolesProps = Pick<Props, 'shown' | 'busy' | 'onPut'> & { weighed: Weighed };

function Holes({ weighed, shown, busy, onPut }: HolesProps) {
    const { holes, closers, shares } = weighed;
    return (
        <section className="mb-5">
            <h2 className="text-base font-bold">Holes</h2>
            {holes.length === 0 && (
                <p className="text-[13px] text-soft">None: something is good against every look he shows.</p>
            )}
            <ul className="mb-2 text-[13px]">
                {holes.map((l) => (
                    <li key={l} className="flex justify-between gap-3 border-b border-faint py-0.5">
                        <span>{shown[l].words}</span>
                        <span className="text-soft tabular-nums">{chance(shares[l])}</span>
                    </li>
                ))}
            </ul>
            {closers.calls.map((c) => (
                <p key={c.id} className="flex items-baseline justify-between gap-2 py-0.5 text-[13px]">
                    <span>
                        <b>{c.name}</b> closes {c.closes.map((l) => shown[l].words).join('; ')}
                    </span>
                    <button
                        type="button"
                        disabled={busy}
                        className="no-print shrink-0 font-bold text-ball stacked:min-h-11"
                        aria-label={`put it on: ${c.name}`}
                        onClick={() => onPut(c.id)}
                    >
                        put it on
                    </button>
                </p>
            ))}
            {closers.open.length > 0 && (
                <p className="mt-1 text-[13px] text-soft">
                    Nothing in the book is good against {closers.open.map((l) => shown[l].words).join('; ')}.
                </p>
            )}
        </section>
    );
}

type IdleProps = Pick<Props, 'busy' | 'onTake'> & { idle: Weighed['idle'] };

function Idle({ idle, busy, onTake }: IdleProps) {
    if (idle.length === 0) return null;
    return (
        <section className="no-print">
            <h2 className="text-base font-bold">Calls that earn no place</h2>
            <p className="mb-1 text-[12px] text-soft narrow">
                Another of their kind is as good against everything, and nothing is good only because of them.
            </p>
            {idle.map((c) => (
                <p key={c.id} className="flex items-baseline justify-between gap-2 py-0.5 text-[13px]">
                    <span>
                        <b>{c.name}</b>: {c.instead}
                    </span>
                    <button
                        type="button"
                        disabled={busy}
                        className="no-print shrink-0 font-bold text-ball stacked:min-h-11"
                        aria-label={`take it off: ${c.name}`}
                        onClick={() => onTake(c.id)}
                    >
                        take it off
                    </button>
                </p>
            ))}
        </section>
    );
}
