import { Link } from '@tanstack/react-router';
import { useEffect, useState } from 'react';
import { api } from '../api/client';
import type { CallDocument, SheetCell, Suggestion } from '../api/types';
import type { Situation } from '../api/useProof';
import { Proposals } from '../side/Proposals';
import { Fork } from '../ui/Fork';
import { capital, chance, isGood, margin, plain, strengthWord } from '../ui/words';
import { ballWords } from './weigh';

type Props = {
    cell: SheetCell | undefined;
    call: CallDocument | null;
    callId: string | undefined;
    situation: Situation;
    named: boolean;
    onCall: (call: CallDocument) => void;
};

/** One cell opened: the verdict, what it is worth, who gets the ball, and for a look it is not good against what single change would make it so. */
export function CellCard({ cell, call, callId, situation, named, onCall }: Props) {
    const [suggestions, setSuggestions] = useState<Suggestion[] | null>(null);
    const look = cell?.look;
    const open = cell !== undefined && !isGood(cell.verdict);
    useEffect(() => {
        setSuggestions(null);
        if (!open || !call || !look) return;
        const stop = new AbortController();
        api.post<{ suggestions: Suggestion[] }>('suggestions', { document: call, look, situation, named }, stop.signal)
            .then((a) => setSuggestions(a.suggestions))
            .catch(() => undefined);
        return () => stop.abort();
    }, [open, call, look, situation, named]);
    if (!cell)
        return (
            <p className="p-5 text-[13px] text-soft">
                Choose a cell: it tells who gets the ball and why, and what single change would make a look good that is
                not.
            </p>
        );
    return (
        <section aria-label={cell.look} className="space-y-3 p-5 text-[13px]">
            <h2 className="text-[15px] font-bold">{cell.look}</h2>
            <p className="flex items-center gap-2 text-[15px]">
                <Fork verdict={cell.verdict} />
                <b>{capital(cell.verdict)}</b>
                <span className="text-soft">
                    {cell.strength === null
                        ? 'no throw in time'
                        : `${strengthWord(cell.verdict)} ${margin(cell.strength)}`}
                </span>
            </p>
            <dl className="grid grid-cols-[84px_1fr] gap-y-1">
                <dt className="text-soft">Worth</dt>
                <dd>
                    <b>{chance(cell.worth.byRule.chance)}</b> by rule, {plain(cell.worth.byRule.yards)} yd;{' '}
                    <b>{chance(cell.worth.worst.chance)}</b> at worst, {plain(cell.worth.worst.yards)} yd
                </dd>
                <dt className="text-soft">Key</dt>
                <dd>{cell.key ?? 'nobody is in conflict'}</dd>
                <dt className="text-soft">By rule</dt>
                <dd>
                    {cell.best
                        ? `${cell.best.action} ${cell.best.man} ${cell.best.route}, ${margin(cell.best.margin)}, ${cell.best.gain} yd`
                        : ballWords(cell)}
                </dd>
                {cell.run ? (
                    <>
                        <dt className="text-soft">Rules</dt>
                        <dd>
                            {cell.run.valid}
                            {cell.run.tag && `: ${cell.run.tag}`}
                        </dd>
                        {cell.run.failed && (
                            <>
                                <dt className="text-soft">Fails</dt>
                                <dd>{cell.run.man ? `${cell.run.man}: ${cell.run.failed}` : cell.run.failed}</dd>
                            </>
                        )}
                    </>
                ) : (
                    <>
                        <dt className="text-soft">Protection</dt>
                        <dd>{cell.protection}</dd>
                    </>
                )}
            </dl>
            {callId && (
                <Link
                    to="/board"
                    search={{ call: callId, look: cell.look }}
                    className="inline-block rounded-md border border-edge px-3 py-1.5 font-semibold hover:border-ink"
                >
                    See it on the board
                </Link>
            )}
            {open && <Proposals suggestions={suggestions} onDraw={onCall} />}
        </section>
    );
}
