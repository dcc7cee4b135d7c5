import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, Problem } from '../../api/client';
import type { Charting, Entry, FilmDocument, Prediction, Reel, Snap } from '../../api/types';
import { useChartLine } from '../../model/chartLine';
import { ChartFields } from './ChartFields';
import { DuePrompts } from './DuePrompts';

type Props = {
    reel: Reel;
    snap: Snap | null;
    document: FilmDocument | null;
    charting: Charting;
    /** Whether it was kept. */
    onEntry: (document: FilmDocument) => Promise<boolean>;
    onFix: (snapId: string, field: string, value: number) => void;
    onRemove: (snap: Snap) => void;
};

/** Charting: one short line makes the snap, the fields below it change what the line got wrong. */
export function ChartPanel({ reel, snap, document, charting, onEntry, onFix, onRemove }: Props) {
    const line = useChartLine((s) => s.lines[reel.id] ?? '');
    const { say, goOn } = useChartLine.getState();
    const [read, setRead] = useState<Entry | null>(null);
    const [problem, setProblem] = useState('');
    const [help, setHelp] = useState(false);
    const [busy, setBusy] = useState(false);
    const entry = useRef<HTMLInputElement>(null);
    // Who charts snap after snap has the keys in the next line at once.
    useEffect(() => {
        if (useChartLine.getState().goesOn) entry.current?.focus();
    }, []);
    const charted = Boolean(document?.chart?.result);
    const place = snap && !charted ? snap.place : undefined;
    const prediction = useQuery({
        queryKey: ['reel', reel.id, 'prediction', place ?? 'next', snap?.id, snap?.version],
        queryFn: () => api.get<Prediction>(`reels/${reel.id}/prediction${place ? `?place=${place}` : ''}`),
    });
    useEffect(() => {
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<Entry>(`reels/${reel.id}/entries`, { line, place }, stop.signal)
                .then((e) => (setRead(e), setProblem('')))
                .catch((e: unknown) => e instanceof Problem && (setProblem(e.message), setRead(null)));
        }, 60);
        return () => (clearTimeout(timer), stop.abort());
    }, [line, place, reel.id, prediction.dataUpdatedAt]);
    const send = async () => {
        if (busy) return;
        setBusy(true);
        try {
            // What was typed last counts, also when its reading is still on the way.
            const sure = await api.post<Entry>(`reels/${reel.id}/entries`, { line, place });
            goOn(true);
            // What was not kept stays before him, with the word why.
            if (await onEntry(sure.document)) say(reel.id, '');
            entry.current?.focus();
        } catch (e) {
            goOn(false);
            setProblem(e instanceof Problem ? e.message : 'Not charted.');
        } finally {
            setBusy(false);
        }
    };
    const next = prediction.data;
    return (
        <div className="min-h-0 flex-1 overflow-y-auto px-3 py-2" tabIndex={0} aria-label="Charting">
            <label className="label" htmlFor="entry">
                {charted || !snap ? `Next snap: ${next?.place ?? ''}` : `This snap: ${next?.place ?? ''}`}
            </label>
            <input
                id="entry"
                ref={entry}
                value={line}
                spellCheck={false}
                autoComplete="off"
                placeholder={
                    reel.ours
                        ? 'call look choice result: 3 2 k1 c8'
                        : 'look, set, places, result: 2 (gun trips) fs@12 r4'
                }
                aria-invalid={problem !== ''}
                aria-describedby="entry-says"
                onChange={(e) => say(reel.id, e.target.value)}
                onBlur={() => goOn(false)}
                onKeyDown={(e) => {
                    if (e.key === 'Enter') void send();
                    if (e.key === 'Escape') e.currentTarget.blur();
                    if (e.key === 'F1') {
                        e.preventDefault();
                        setHelp(!help);
                    }
                }}
                className="mt-0.5 w-full rounded-md border-2 border-ink bg-paper px-2 py-1.5 font-semibold"
            />
            <p id="entry-says" role="status" className="mt-1 min-h-9 text-xs leading-snug">
                {problem ? (
                    <span className="font-semibold text-ball">{problem}</span>
                ) : read ? (
                    <>
                        <b>{said(read.document)}</b>
                        {read.assumed.length > 0 && (
                            <span className="text-soft"> Assumed: {read.assumed.join('; ')}.</span>
                        )}
                    </>
                ) : (
                    'Enter keeps the snap and goes on.'
                )}
            </p>
            {help && (
                <dl className="my-1 grid grid-cols-[auto_1fr] gap-x-2 rounded border border-edge bg-card p-2 text-xs">
                    {charting.grammar.map(([what, means]) => (
                        <div key={what} className="contents">
                            <dt className="font-bold">{what}</dt>
                            <dd>{means}</dd>
                        </div>
                    ))}
                </dl>
            )}
            <div className="grid grid-cols-2 gap-2 text-xs">
                <Listed name="Calls" words={next?.calls ?? []} />
                <Listed name="Looks" words={next?.looks ?? []} plum />
            </div>
            {(read?.choices.length ?? 0) > 0 && (
                <p className="mt-1 text-xs text-plum">
                    The {read!.choices[0].defender} can: {read!.choices.map((c, i) => `k${i + 1} ${c.name}`).join(', ')}
                </p>
            )}
            {reel.ours && <DuePrompts reel={reel.id} counted={prediction.dataUpdatedAt} />}
            <button type="button" className="mt-1 text-xs underline" onClick={() => setHelp(!help)}>
                {help ? 'Put the grammar away' : 'All of the quick entry (F1)'}
            </button>
            {(next?.asked ?? []).map((q) => (
                <section
                    key={`${q.this}${q.id}`}
                    className="mt-2 rounded-md border border-amber bg-amber-wash p-2 text-xs"
                >
                    <p>
                        <b>Snap {q.number}.</b> {q.text}
                    </p>
                    <p className="mt-1 flex gap-2">
                        {q.ways.map((w) => (
                            <button
                                key={w.words}
                                type="button"
                                className="rounded border border-ink px-1.5 py-0.5 font-semibold"
                                onClick={() => onFix(w.snap === 'before' ? q.before : q.this, w.field, w.value)}
                            >
                                {w.words}
                            </button>
                        ))}
                    </p>
                </section>
            ))}
            {snap && document && (
                <ChartFields document={document} results={charting.results} onRemove={() => onRemove(snap)} />
            )}
        </div>
    );
}

function Listed({ name, words, plum }: { name: string; words: string[]; plum?: boolean }) {
    return (
        <ol aria-label={`${name} by likelihood`} className={plum ? 'text-plum' : undefined}>
            {words.map((w, i) => (
                <li key={w} className="truncate narrow" title={w}>
                    <b>{i + 1}</b> {w}
                </li>
            ))}
            {words.length === 0 && <li className="text-soft">No {name.toLowerCase()} yet.</li>}
        </ol>
    );
}

function said(d: FilmDocument): string {
    const c = d.chart ?? {};
    const choice = d.seen?.find((s) => s.what === 'choice');
    return [
        typeof d.call === 'string' ? d.call : 'call unknown',
        `against ${typeof d.look === 'string' ? d.look : 'an unknown look'}`,
        choice ? `${choice.man} ${choice.value}` : '',
        c.result ? `${c.result}${c.gainYd !== undefined ? ` ${c.gainYd > 0 ? '+' : ''}${c.gainYd}` : ''}` : '',
    ]
        .filter(Boolean)
        .join(', ');
}
