import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '../../api/client';
import type { Charting, FilmDocument, Vocabulary } from '../../api/types';
import { completions, lookCompletions } from '../../ui/completions';
import { Choice } from '../../ui/Choice';
import { WordLine } from '../../ui/WordLine';
import { useFilm, withChart, type Chart, type Situation } from '../../model/filmStore';

type Props = { document: FilmDocument; results: Charting['results']; onRemove: () => void };

/** Everything a snap has been charted with, each field to be changed. */
export function ChartFields({ document: d, results, onRemove }: Props) {
    const work = useFilm.getState().work;
    const words = useQuery({ queryKey: ['vocabulary'], queryFn: () => api.get<Vocabulary>('vocabulary') });
    const c: Chart = d.chart ?? {};
    const s: Situation = d.situation ?? {};
    const chart = (change: Partial<Chart>, situation?: Partial<Situation>) =>
        work((x) => withChart(x, change, situation));
    const number = (v: string) => (v.trim() === '' || !isFinite(Number(v)) ? undefined : Number(v));
    const spot = s.ballOnYd === undefined ? '' : String(s.ballOnYd <= 50 ? -s.ballOnYd : 100 - s.ballOnYd);
    return (
        <section
            aria-label="Fields of the snap"
            className="mt-2 grid grid-cols-4 gap-x-2 gap-y-1 border-t border-edge pt-2"
        >
            <Words
                label="Call"
                value={typeof d.call === 'string' ? d.call : ''}
                options={(t) => (words.data ? completions(t, words.data) : [])}
                onDone={(call) => work((x) => ({ ...x, call: call === '' ? null : call }))}
            />
            <Words
                label="Look"
                value={typeof d.look === 'string' ? d.look : ''}
                options={(t) => (words.data ? lookCompletions(t, words.data) : [])}
                whole
                onDone={(look) => work((x) => ({ ...x, look: look === '' ? null : look }))}
            />
            <Words
                label="Formation"
                value={c.formation ?? ''}
                options={(t) => (words.data ? completions(t, words.data) : [])}
                onDone={(formation) => chart({ formation: formation || undefined })}
            />
            <Choice
                label="Result"
                value={c.result ?? ''}
                empty="?"
                options={results.map((r) => r.word)}
                onChange={(v) => chart({ result: (v || undefined) as Chart['result'] })}
            />
            <Field label="Gain, yd" value={c.gainYd} onDone={(v) => chart({ gainYd: number(v) })} />
            <Field label="Ball to" value={c.carrier} onDone={(v) => chart({ carrier: v.toUpperCase() || undefined })} />
            <Choice
                label="Touchdown"
                value={c.touchdown ? 'yes' : ''}
                empty="no"
                options={['yes']}
                onChange={(v) => chart({ touchdown: v === 'yes' || undefined })}
            />
            <Choice
                label="Down"
                value={s.down === undefined ? '' : String(s.down)}
                empty="?"
                options={['1', '2', '3', '4']}
                onChange={(v) => chart({}, { down: number(v) as Situation['down'] })}
            />
            <Field label="To go, yd" value={s.toGoYd} onDone={(v) => chart({}, { toGoYd: number(v) })} />
            <Field
                label="Ball on (−own)"
                value={spot}
                onDone={(v) => {
                    const n = number(v.replace('−', '-'));
                    chart({}, { ballOnYd: n === undefined ? undefined : n < 0 ? -n : 100 - n });
                }}
            />
            <Choice
                label="Hash"
                value={s.hash ?? ''}
                empty="?"
                options={['left', 'middle', 'right']}
                onChange={(v) => chart({}, { hash: (v || undefined) as Situation['hash'] })}
            />
            <Field label="Quarter" value={c.quarter} onDone={(v) => chart({ quarter: number(v) })} />
            <Field
                label="Clock"
                value={
                    c.clockS === undefined
                        ? ''
                        : `${Math.floor(c.clockS / 60)}:${String(c.clockS % 60).padStart(2, '0')}`
                }
                onDone={(v) => {
                    const m = v.match(/^(\d{1,2}):([0-5]\d)$/);
                    chart({ clockS: m ? 60 * Number(m[1]) + Number(m[2]) : undefined });
                }}
            />
            <Field
                label="Score, ours first"
                value={c.score ? `${c.score.us}-${c.score.them}` : ''}
                onDone={(v) => {
                    const m = v.match(/^(\d{1,2})-(\d{1,2})$/);
                    chart({ score: m ? { us: Number(m[1]), them: Number(m[2]) } : undefined });
                }}
            />
            <Field label="Series" value={c.series} onDone={(v) => chart({ series: number(v) })} />
            <Field label="Personnel" value={c.personnel} onDone={(v) => chart({ personnel: v || undefined })} />
            <Choice
                label="Kind"
                value={c.kind ?? ''}
                empty="game"
                options={['game', 'scrimmage', 'exhibition', 'practice']}
                onChange={(v) => chart({ kind: (v || undefined) as Chart['kind'] })}
            />
            <Field label="Weight, 0 to 1" value={c.weight} onDone={(v) => chart({ weight: number(v) })} />
            <div className="col-span-2">
                <Field
                    label="Why it weighs less"
                    value={c.weightWhy}
                    onDone={(v) => chart({ weightWhy: v || undefined })}
                />
            </div>
            <div className="col-span-4">
                <Field label="Note" value={c.note} onDone={(v) => chart({ note: v || undefined })} />
            </div>
            <button type="button" onClick={onRemove} className="col-span-4 mt-1 justify-self-start text-xs underline">
                Throw this snap away
            </button>
        </section>
    );
}

/** A field that keeps what was typed when it is left or Enter is pressed. */
function Field({
    label,
    value,
    onDone,
}: {
    label: string;
    value: string | number | undefined;
    onDone: (v: string) => void;
}) {
    const now = value === undefined ? '' : String(value);
    const [text, setText] = useState(now);
    useEffect(() => setText(now), [now]);
    return (
        <label className="block min-w-0 text-[11px] text-soft narrow">
            {label}
            <input
                value={text}
                onChange={(e) => setText(e.target.value)}
                onBlur={() => text !== now && onDone(text.trim())}
                onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
                className="block w-full rounded border border-edge bg-paper px-1.5 py-0.5 text-[13px] font-semibold text-ink"
            />
        </label>
    );
}

type WordsProps = {
    label: string;
    value: string;
    options: (text: string) => string[];
    /** Whether a completion stands for the whole part after the last comma. */
    whole?: boolean;
    onDone: (text: string) => void;
};

function Words({ label, value, options, whole, onDone }: WordsProps) {
    const [text, setText] = useState(value);
    const [editing, setEditing] = useState(false);
    useEffect(() => setText(value), [value]);
    const take = (o: string) =>
        setText(
            whole
                ? [
                      ...text
                          .split(',')
                          .slice(0, -1)
                          .map((x) => x.trim()),
                      o,
                  ].join(', ')
                : text.replace(/[\w#-]*$/, o),
        );
    return (
        <div className="col-span-4 text-[11px] text-soft narrow">
            {label}
            <div className="rounded border border-edge bg-paper px-1.5 py-0.5">
                <WordLine
                    label={label}
                    text={text}
                    onText={setText}
                    placeholder={label === 'Formation' ? 'as called' : 'not known yet'}
                    options={editing ? options(text) : []}
                    onTake={take}
                    onSend={() => onDone(text.trim())}
                    onCancel={() => setText(value)}
                    onEditing={(on) => (setEditing(on), !on && text !== value && onDone(text.trim()))}
                    wrong={false}
                    className="text-[13px] font-semibold text-ink"
                    picked="bg-ink text-paper"
                />
            </div>
        </div>
    );
}
