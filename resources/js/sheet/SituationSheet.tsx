import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api } from '../api/client';
import type { SheetSituation } from '../api/planTypes';
import type { MenuRow, SavedLook } from '../api/types';
import { useCalls } from '../api/useCalls';
import type { Situation } from '../api/useProof';
import { Button } from '../ui/Button';
import { chance } from '../ui/words';
import { Filling } from './Filling';
import { NoCallYet } from './NoCallYet';
import { usePlan, useWeighed, type Shown } from './usePlan';
import { useSituationMenus } from './useSheet';

type Props = { shown: SavedLook[]; opponent: string; situation: Situation; named: boolean };

/** From so many snaps on film on a situation is weighed by itself; before that by all he has shown. */
const ENOUGH = 5;
const TOLD = 6;

/** The call sheet on a page: for each situation the calls that are worth most against what he shows there. */
export function SituationSheet({ shown, opponent, situation, named }: Props) {
    const { calls, openers } = usePlan(opponent);
    const { calls: book } = useCalls();
    const found = useQuery({
        queryKey: ['plans', opponent, 'situations'],
        queryFn: () => api.get<{ situations: SheetSituation[] }>(`plans/${encodeURIComponent(opponent)}/situations`),
        enabled: opponent !== '',
    });
    const rows = useMemo(
        () =>
            (found.data?.situations ?? []).map((s) => ({
                of: s,
                id: s.id,
                situation: { ...situation, ...s.provedIn },
                shown: s.snaps >= ENOUGH ? s.looks : shown.map(({ words, shown: n }) => ({ words, shown: n })),
                looks: (s.snaps >= ENOUGH ? s.looks : shown).map((l) => l.words),
            })),
        [found.data, shown, situation],
    );
    const { menus, ...filling } = useSituationMenus(rows.length > 0 ? rows : null, calls, named);

    if (calls?.length === 0)
        return <NoCallYet opponent={opponent} then="here they are ordered for every down, distance and spot." />;
    return (
        <div className="px-5 py-2 phone:px-3">
            <div className="mb-2 flex items-center gap-3 text-[12px] text-soft narrow">
                <span>
                    The number is the one of the wristband. Weighed by what {opponent} showed there on film; where that
                    is less than {ENOUGH} snaps, by all he has shown.
                </span>
                <span className="flex-1" />
                <span className="no-print">
                    <Filling {...filling} looks={filling.done} />
                </span>
                <Button className="no-print" onClick={() => window.print()} keys="Ctrl P">
                    Print
                </Button>
            </div>
            <div className="grid grid-cols-4 gap-x-5 gap-y-4 stacked:grid-cols-2 phone:grid-cols-1 print:grid-cols-4">
                {calls && openers && openers.length > 0 && (
                    <First openers={openers} calls={calls} named={new Map((book ?? []).map((c) => [c.id, c.name]))} />
                )}
                {rows.map((row) => (
                    <Card key={row.id} of={row.of} shown={row.shown} menus={menus[row.id] ?? {}} calls={calls ?? []} />
                ))}
            </div>
        </div>
    );
}

/** The calls the game begins with, in their order. */
function First({ openers, calls, named }: { openers: string[]; calls: string[]; named: Map<string, string> }) {
    return (
        <section aria-label="Openers" className="break-inside-avoid">
            <h2 className="border-b-2 border-ink text-[15px] font-bold">Openers</h2>
            <p className="text-[11px] text-soft narrow">In this order; what each asks stands under Openers.</p>
            <ol>
                {openers.map((id) => (
                    <li key={id} className="flex items-baseline gap-2 border-b border-faint py-0.5 text-[13px]">
                        <span className="w-6 shrink-0 text-right font-bold tabular-nums">{calls.indexOf(id) + 1}</span>
                        <span className="min-w-0 flex-1">{named.get(id) ?? 'no longer in the book'}</span>
                    </li>
                ))}
            </ol>
        </section>
    );
}

type CardProps = { of: SheetSituation; shown: Shown[]; menus: Record<string, MenuRow[]>; calls: string[] };

function Card({ of, shown, menus, calls }: CardProps) {
    const weighed = useWeighed(menus, shown, calls);
    const holes = weighed.data?.holes ?? [];
    return (
        <section aria-label={of.name} className="break-inside-avoid">
            <h2 className="border-b-2 border-ink text-[15px] font-bold">{of.name}</h2>
            <p className="text-[11px] text-soft narrow">
                {of.snaps >= ENOUGH
                    ? `${of.snaps} snaps: ${shown
                          .slice(0, 2)
                          .map((l) => `${l.words} ${chance(l.shown / of.snaps)}`)
                          .join('; ')}`
                    : `${of.snaps} ${of.snaps === 1 ? 'snap' : 'snaps'} on film: all he has shown`}
            </p>
            <ol>
                {(weighed.data?.menu ?? []).slice(0, TOLD).map((r) => (
                    <li key={r.id} className="flex items-baseline gap-2 border-b border-faint py-0.5 text-[13px]">
                        <span className="w-6 shrink-0 text-right font-bold tabular-nums">
                            {calls.indexOf(r.id) + 1}
                        </span>
                        <span className="min-w-0 flex-1">{r.name}</span>
                        <span className="tabular-nums">{chance(r.worth)}</span>
                    </li>
                ))}
            </ol>
            {holes.length > 0 && (
                <p className="mt-0.5 text-[12px] narrow">
                    Nothing is good against {holes.map((l) => shown[l].words).join('; ')}.
                </p>
            )}
        </section>
    );
}
