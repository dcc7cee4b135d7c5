import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import { capital } from '../ui/words';

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
    const s = answer.data;
    if (!s) return null;
    const change = async (body: Partial<Record<string, unknown>>) => {
        try {
            client.setQueryData(['grading'], await api.put<School>('grading', body, s.version));
            for (const key of ['week', 'charting', 'player']) void client.invalidateQueries({ queryKey: [key] });
        } catch (e) {
            toast.error(e instanceof Problem ? e.message : 'Not kept.');
            void answer.refetch();
        }
    };
    const place = (n: number, id: string) => {
        const keys = [...s.keys[group]];
        if (id === '') keys.splice(n, 1);
        else keys[n] = id;
        void change({ fault_keys: { ...s.keys, [group]: [...new Set(keys)] } });
    };
    const rename = (id: string) => {
        const name = window.prompt('What your staff calls it', s.library.find((l) => l.id === id)?.called)?.trim();
        if (name) void change({ fault_labels: { ...s.labels, [id]: name } });
    };
    const select = 'rounded-md border border-edge bg-paper px-2 py-1 text-sm';
    return (
        <section className="no-print mt-3 rounded-md border border-edge bg-card p-4" aria-label="How we grade">
            <div className="flex flex-wrap gap-4 text-sm">
                <label>
                    School{' '}
                    <select value={s.scale} onChange={(e) => void change({ scale: e.target.value })} className={select}>
                        {Object.entries(s.scales).map(([id, words]) => (
                            <option key={id} value={id}>
                                {words}
                            </option>
                        ))}
                    </select>
                </label>
                <label>
                    Wins from{' '}
                    <select
                        value={s.winning}
                        onChange={(e) => void change({ winning: Number(e.target.value) })}
                        className={select}
                    >
                        {[0.7, 0.75, 0.8, 0.85, 0.9, 0.95].map((w) => (
                            <option key={w} value={w}>
                                {Math.round(100 * w)} %
                            </option>
                        ))}
                    </select>
                </label>
                <label>
                    Keys of{' '}
                    <select value={group} onChange={(e) => setGroup(e.target.value)} className={select}>
                        {Object.keys(s.keys).map((g) => (
                            <option key={g}>{g}</option>
                        ))}
                    </select>
                </label>
            </div>
            <ol className="mt-3 grid gap-1.5 text-sm sm:grid-cols-2 xl:grid-cols-3">
                {Array.from({ length: Math.min(9, s.keys[group].length + 1) }, (_, n) => (
                    <li key={n} className="flex items-center gap-1.5">
                        <b className="w-3">{n + 1}</b>
                        <select
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
                        </select>
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
