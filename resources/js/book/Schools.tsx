import { clsx } from 'clsx';
import { useState } from 'react';
import type { StaffBook } from '../api/types';
import { capital } from '../ui/words';
import type { Lists } from '../api/useBook';
import { Select } from '../ui/Select';

type Props = { data: StaffBook; onSave: (lists: Lists, words: string) => Promise<boolean> };

/** Matters in which staffs disagree: the schools, which is ours, who chose it and when, and what follows from it. */
export function Schools({ data, onSave }: Props) {
    const [filter, setFilter] = useState('all');
    const chosen = data.book.settings ?? [];
    const rows = data.questions.filter((q) => {
        const own = chosen.some((s) => s.id === q.id);
        return filter === 'all' || (filter === 'ours' ? own : q.default === null && !own);
    });
    const choose = (id: string, choice: string | null) => {
        const rest = chosen.filter((s) => s.id !== id);
        const entry = { id, choice: choice as 'A' | 'B' | 'C' };
        void onSave(
            { settings: choice === null ? rest : [...rest, entry] },
            `${id} is ${choice ?? 'the default again'}`,
        );
    };
    return (
        <>
            <p className="no-print mb-2 text-[12.5px] text-soft">
                Show{' '}
                <Select bare aria-label="Which questions" value={filter} onChange={(e) => setFilter(e.target.value)}>
                    <option value="all">all {data.questions.length}</option>
                    <option value="ours">those we chose ourselves</option>
                    <option value="unset">those that are unset</option>
                </Select>
            </p>
            <table className="w-full border-collapse text-left text-[13px]">
                <thead>
                    <tr className="label border-b border-edge">
                        <th className="w-[62px] py-1">No.</th>
                        <th className="w-[210px]">Question</th>
                        <th>Schools</th>
                        <th className="w-[128px]">Chosen by, on</th>
                        <th className="w-[230px]">What it changes</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((q) => {
                        const own = chosen.find((s) => s.id === q.id);
                        const now = own?.choice ?? q.default;
                        return (
                            <tr key={q.id} className="border-b border-faint align-top">
                                <td className="py-1.5 text-soft narrow">{q.id}</td>
                                <th scope="row" className="py-1.5 pr-3 font-semibold">
                                    {q.question}
                                    {now === null && (
                                        <span className="block text-[12px] text-amber">
                                            {q.why.startsWith('by the case') ? 'unset: by the case' : 'unset: choose'}
                                        </span>
                                    )}
                                </th>
                                <td className="py-1">
                                    <div role="radiogroup" aria-label={q.question} className="flex flex-wrap gap-1">
                                        {Object.entries(q.schools).map(([letter, words]) => (
                                            <button
                                                key={letter}
                                                type="button"
                                                role="radio"
                                                aria-checked={now === letter}
                                                onClick={() => choose(q.id, own?.choice === letter ? null : letter)}
                                                title={
                                                    own?.choice === letter ? 'Press again for the default' : undefined
                                                }
                                                className={clsx(
                                                    'rounded border px-2 py-0.5 text-left leading-snug',
                                                    now === letter
                                                        ? own
                                                            ? 'border-ink bg-ink text-paper'
                                                            : 'border-2 border-ink bg-paper'
                                                        : 'border-edge text-soft hover:border-ink hover:text-ink',
                                                )}
                                            >
                                                <b>{letter}</b> {words}
                                            </button>
                                        ))}
                                    </div>
                                </td>
                                <td className="py-1.5 text-[12px] text-soft">
                                    {own ? (
                                        <>
                                            <b className="text-ink">{own.owner}</b>
                                            <br />
                                            {own.on}
                                        </>
                                    ) : q.default ? (
                                        'default'
                                    ) : (
                                        'nobody'
                                    )}
                                </td>
                                <td className="py-1.5 text-[12px] text-soft">
                                    {q.changes}
                                    {q.why && (
                                        <span className="block">
                                            {q.why.startsWith('by the case')
                                                ? capital(q.why)
                                                : `Default because: ${q.why}`}
                                        </span>
                                    )}
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </>
    );
}
