import { clsx } from 'clsx';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api } from '../api/client';
import type { CallDocument, SavedCall, SavedLook, SheetCell } from '../api/types';
import type { Situation } from '../api/useProof';
import { CallLine } from '../set/CallLine';
import { Fork } from '../ui/Fork';
import { chance, chances } from '../ui/words';
import { CellCard } from './CellCard';
import { Filling } from './Filling';
import { useCells } from './useSheet';
import { ballWords, rank, share, sorted, weightOf, type Named, type Order } from './weigh';
import { Select } from '../ui/Select';

type Props = { calls: SavedCall[]; shown: SavedLook[]; opponent: string; situation: Situation; named: boolean };

/** One call against every look: fronts down, shells across, a fork in each cell. */
export function CallSheet({ calls, shown, opponent, situation, named }: Props) {
    const [document, setDocument] = useState<CallDocument | null>(null);
    const [all, setAll] = useState(false);
    const [order, setOrder] = useState<Order>('catalogue');
    const [picked, setPicked] = useState<number | null>(null);
    const catalogue = useQuery({
        queryKey: ['sheet-looks', all],
        queryFn: () => api.get<{ looks: Named[] }>(`sheets/looks${all ? '?all=1' : ''}`),
        staleTime: Infinity,
    });
    const call = document ?? calls[0]?.document ?? null;
    const looks = useMemo(() => catalogue.data?.looks ?? [], [catalogue.data]);
    const words = useMemo(() => looks.map((l) => l.words), [looks]);
    const { cells, ...filling } = useCells(call, words, situation, named);

    const weights = looks.map((l) => weightOf(l, shown));
    const fronts = sorted([...new Set(looks.map((l) => l.front))], (f) =>
        rank(looks, cells, weights, order, (l) => l.front === f),
    );
    const shells = sorted([...new Set(looks.map((l) => l.shell))], (s) =>
        rank(looks, cells, weights, order, (l) => l.shell === s),
    );
    const at = (front: string, shell: string) => looks.findIndex((l) => l.front === front && l.shell === shell);
    const full = cells.filter(Boolean) as SheetCell[];
    const count = (verdict: string) => full.filter((c) => c.verdict === verdict).length;
    const weighed = share(cells, weights);

    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_290px] grid-rows-[auto_minmax(0,1fr)] stacked:block stacked:h-auto print:block">
            <div className="col-span-2 flex items-center gap-4 border-b border-faint px-5 py-1.5 stacked:flex-wrap">
                <Select
                    aria-label="Saved call"
                    className="no-print max-w-40 text-[13px]"
                    value={calls.find((c) => c.document === call)?.id ?? ''}
                    onChange={(e) => setDocument(calls.find((c) => c.id === e.target.value)?.document ?? null)}
                >
                    <option value="">said in words</option>
                    {calls.map((c) => (
                        <option key={c.id} value={c.id}>
                            {c.name}
                        </option>
                    ))}
                </Select>
                <CallLine document={call} situation={situation} onCall={setDocument} />
                <p className="shrink-0 text-right text-[13px]" aria-live="polite" data-testid="sheet-summary">
                    <b>
                        {count('bound')} bound, {count('open')} open
                    </b>
                    , {count('guess')} guess, {count('covered')} covered
                    {weighed !== null && (
                        <span className="block text-[12px] text-soft narrow">
                            good against {chance(weighed)} of what {opponent} has shown
                        </span>
                    )}
                </p>
            </div>
            <div className="relative min-w-0 overflow-auto px-5 py-2 phone:px-3">
                <div className="no-print mb-1.5 flex items-center gap-3 text-[12px] text-soft narrow stacked:flex-wrap">
                    <label>
                        Order{' '}
                        <Select
                            bare
                            aria-label="Order"
                            value={order}
                            onChange={(e) => setOrder(e.target.value as Order)}
                        >
                            <option value="catalogue">as in the catalogue</option>
                            <option value="worth">worth least first</option>
                            <option value="weakest">weakest first</option>
                            <option value="shown">most shown first</option>
                        </Select>
                    </label>
                    <label className="flex items-center gap-1">
                        <input
                            type="checkbox"
                            checked={all}
                            onChange={(e) => setAll(e.target.checked)}
                            className="accent-[var(--ink)]"
                        />
                        all fronts and shells
                    </label>
                    <span>chance of success in %, at worst to by rule</span>
                    <span className="flex-1" />
                    <Filling {...filling} looks={full.length} />
                </div>
                <table className="w-full table-fixed border-collapse text-left stacked:min-w-[780px]">
                    <thead>
                        <tr>
                            <th className="w-[78px]" />
                            {shells.map((s) => (
                                <th key={s} scope="col" className="label px-1 pb-1 align-bottom leading-tight">
                                    {s}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {fronts.map((f) => (
                            <tr key={f}>
                                <th scope="row" className="label pr-1">
                                    {f}
                                </th>
                                {shells.map((s) => {
                                    const n = at(f, s);
                                    return (
                                        <td key={s} className="p-0.5">
                                            <Cell
                                                cell={cells[n]}
                                                weight={weights[n] ?? 0}
                                                picked={picked === n}
                                                label={`${f}, ${s}`}
                                                onPick={() => setPicked(n)}
                                            />
                                        </td>
                                    );
                                })}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <aside className="no-print min-h-0 overflow-y-auto border-l border-edge stacked:border-t stacked:border-l-0">
                <CellCard
                    cell={picked === null ? undefined : cells[picked]}
                    call={call}
                    callId={calls.find((c) => c.document === call)?.id}
                    situation={situation}
                    named={named}
                    onCall={setDocument}
                />
            </aside>
        </div>
    );
}

function Cell({
    cell,
    weight,
    picked,
    label,
    onPick,
}: {
    cell: SheetCell | undefined;
    weight: number;
    picked: boolean;
    label: string;
    onPick: () => void;
}) {
    if (!cell) return <div className="h-[62px] rounded border border-faint bg-card" aria-label={`${label}: proving`} />;
    return (
        <button
            type="button"
            onClick={onPick}
            aria-pressed={picked}
            className={clsx(
                'flex h-[62px] w-full flex-col justify-center rounded border px-1 text-left leading-tight',
                cell.verdict === 'covered' ? 'bg-card' : 'bg-paper',
                picked ? 'border-2 border-ink' : 'border-edge hover:border-soft',
            )}
        >
            <span className="sr-only">{`${label}: ${cell.verdict}, `}</span>
            <span className="flex items-center gap-1">
                <Fork verdict={cell.verdict} size={14} />
                <b
                    className={clsx(
                        'text-[12px] whitespace-nowrap narrow',
                        cell.verdict === 'covered' ? 'text-soft' : 'text-ink',
                    )}
                >
                    {chances(cell.worth, '')}
                </b>
            </span>
            <span className="truncate text-[11.5px] text-soft narrow">
                {cell.run?.tag && cell.run.valid === 'valid with a tag' ? `tag ${cell.run.tag}` : ballWords(cell)}
            </span>
            <span className="flex h-[13px] items-center gap-1">
                <span className="h-[3px] flex-1 rounded-full bg-faint" aria-hidden="true">
                    <span
                        className="block h-full rounded-full bg-open"
                        style={{ width: `${Math.round(100 * cell.worth.worst.chance)}%` }}
                    />
                </span>
                {weight > 0 && (
                    <span className="text-[10.5px] font-bold text-plum narrow" title={`Shown ${weight} times`}>
                        {weight}×
                    </span>
                )}
            </span>
        </button>
    );
}
