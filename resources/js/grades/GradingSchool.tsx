import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { capital } from '../ui/words';
import { Select } from '../ui/Select';
import { useWrite } from '../api/useWrite';
import { askWord } from '../ui/window/asking';

type School = {
    version: number;
    scale: string;
    winning: number;
    keys: Record<string, string[]>;
    labels: Record<string, string>;
    scales: Record<string, string>;
    library: { id: string; called: string; label: string; groups: string[]; praise: boolean }[];
};

/** The school of the grades, and which fault stands on which key under which name. */
export function GradingSchool() {
    const client = useQueryClient();
    const [group, setGroup] = useState('receivers');
    const answer = useQuery({ queryKey: ['grading'], queryFn: () => api.get<School>('grading') });
    const { write } = useWrite({
        send: ({ body, version }: { body: Partial<Record<string, unknown>>; version: number }) =>
            api.put<School>('grading', body, version),
        otherwise: 'Not kept.',
        done: (school) => client.setQueryData(['grading'], school),
        asksAgain: [['grading'], ['week'], ['charting'], ['player']],
    });
    const s = answer.data;
    if (!s) return null;
    const change = (body: Partial<Record<string, unknown>>) => write({ body, version: s.version });
    const place = (n: number, id: string) => {
        const keys = [...s.keys[group]];
        if (id === '') keys.splice(n, 1);
        else keys[n] = id;
        void change({ fault_keys: { ...s.keys, [group]: [...new Set(keys)] } });
    };
    const rename = async (id: string) => {
        const fault = s.library.find((l) => l.id === id);
        const name = await askWord({
            title: fault?.label ?? 'Fault',
            label: 'What your staff calls it',
            value: fault?.called,
            yes: 'Call it that',
        });
        if (name) void change({ fault_labels: { ...s.labels, [id]: name } });
    };
    const select = 'text-sm';
    return (
        <section className="no-print mt-3 rounded-md border border-edge bg-card p-4" aria-label="How we grade">
            <div className="flex flex-wrap gap-4 text-sm">
                <label>
                    School{' '}
                    <Select value={s.scale} onChange={(e) => void change({ scale: e.target.value })} className={select}>
                        {Object.entries(s.scales).map(([id, words]) => (
                            <option key={id} value={id}>
                                {words}
                            </option>
                        ))}
                    </Select>
                </label>
                <label>
                    Wins from{' '}
                    <Select
                        value={s.winning}
                        onChange={(e) => void change({ winning: Number(e.target.value) })}
                        className={select}
                    >
                        {[0.7, 0.75, 0.8, 0.85, 0.9, 0.95].map((w) => (
                            <option key={w} value={w}>
                                {Math.round(100 * w)} %
                            </option>
                        ))}
                    </Select>
                </label>
                <label>
                    Keys of{' '}
                    <Select value={group} onChange={(e) => setGroup(e.target.value)} className={select}>
                        {Object.keys(s.keys).map((g) => (
                            <option key={g}>{g}</option>
                        ))}
                    </Select>
                </label>
            </div>
            <ol className="mt-3 grid gap-1.5 text-sm sm:grid-cols-2 xl:grid-cols-3">
                {Array.from({ length: Math.min(9, s.keys[group].length + 1) }, (_, n) => (
                    <li key={n} className="flex items-center gap-1.5">
                        <b className="w-3">{n + 1}</b>
                        <Select
                            aria-label={`Key ${n + 1} of ${group}`}
                            value={s.keys[group][n] ?? ''}
                            onChange={(e) => place(n, e.target.value)}
                            className={`${select} min-w-0 flex-1`}
                        >
                            <option value="">nothing</option>
                            {s.library.map((l) => (
                                <option key={l.id} value={l.id}>
                                    {capital(l.called)}
                                    {l.praise ? ' (praise)' : ''}
                                </option>
                            ))}
                        </Select>
                        {s.keys[group][n] && (
                            <button
                                type="button"
                                className="text-xs underline"
                                onClick={() => rename(s.keys[group][n])}
                            >
                                rename
                            </button>
                        )}
                    </li>
                ))}
            </ol>
        </section>
    );
}
