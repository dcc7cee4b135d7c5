import { useState } from 'react';
import { useCalls } from '../api/useCalls';
import { api } from '../api/client';
import type { BookFamily, StaffBook } from '../api/types';
import { Button } from '../ui/Button';
import type { Lists } from '../api/useBook';
import { Select } from '../ui/Select';
import { refused } from '../api/problems';

type Props = { data: StaffBook; onSave: (lists: Lists, words: string) => Promise<boolean> };

const FIELDS = [
    ['said', 'How the routes are said'],
    ['read', 'How the read is said'],
    ['protection', 'Which protection goes with it'],
] as const;

/** Families drawn by the staff; one is ready to be called when its three fields are filled. */
export function OwnFamilies({ data, onSave }: Props) {
    const families = data.book.families ?? [];
    const { calls } = useCalls();
    const [name, setName] = useState('');
    const [from, setFrom] = useState('');
    const [side, setSide] = useState('');
    const list = calls ?? [];
    const take = async () => {
        const call = list.find((c) => c.id === (from || list[0]?.id));
        if (!call) return;
        try {
            const drawn = await api.post<BookFamily>('staff-book/families', {
                name,
                document: call.document,
                side: side || null,
            });
            const rest = families.filter((f) => f.name !== drawn.name);
            if (await onSave({ families: [...rest, drawn] }, `${drawn.name} is in the book`)) setName('');
        } catch (e) {
            refused(e, 'The family was not taken.', take);
        }
    };
    const change = (family: BookFamily, field: 'said' | 'read' | 'protection', text: string) => {
        if ((family[field] ?? '') === text.trim()) return;
        void onSave(
            { families: families.map((f) => (f === family ? { ...f, [field]: text.trim() } : f)) },
            `${family.name} is saved`,
        );
    };
    return (
        <div className="max-w-4xl">
            <form
                onSubmit={(e) => (e.preventDefault(), void take())}
                className="no-print mb-4 flex items-end gap-3"
                aria-label="New family"
            >
                <label className="label">
                    Name
                    <input
                        required
                        value={name}
                        onChange={(e) => setName(e.target.value)}
                        className="field block w-40 text-[14px] text-ink"
                    />
                </label>
                <label className="label">
                    as drawn in
                    <Select value={from} onChange={(e) => setFrom(e.target.value)} className="block w-48 text-[14px]">
                        {list.map((c) => (
                            <option key={c.id} value={c.id}>
                                {c.name}
                            </option>
                        ))}
                    </Select>
                </label>
                <label className="label">
                    on the
                    <Select value={side} onChange={(e) => setSide(e.target.value)} className="block text-[14px]">
                        <option value="">strength</option>
                        <option>left</option>
                        <option>right</option>
                    </Select>
                </label>
                <Button type="submit">Take it into the book</Button>
            </form>
            {families.length === 0 && (
                <p className="text-[13px] text-soft">
                    No family of your own yet. Draw one on the board, save the call, and take it from here: the tool
                    then knows it in every call and from every set that has the men.
                </p>
            )}
            {families.map((f) => {
                const missing = FIELDS.filter(([key]) => !(f[key] ?? '').trim());
                return (
                    <section
                        key={f.name}
                        aria-label={f.name}
                        className="mb-3 rounded-md border border-edge bg-card px-4 py-3"
                    >
                        <h2 className="flex items-baseline gap-3">
                            <b className="text-[16px]">{f.name}</b>
                            <span className="text-[13px]">
                                {Object.entries(f.front)
                                    .map(([n, route]) => `${route.replace('~', '')} by #${n}`)
                                    .join(', ')}
                                {f.back && `, ${f.back} by the back`}
                            </span>
                            <span
                                className={
                                    missing.length ? 'ml-auto text-[12px] text-amber' : 'ml-auto text-[12px] text-open'
                                }
                            >
                                {missing.length ? 'not ready to be called' : 'ready to be called'}
                            </span>
                            <Button
                                kind="quiet"
                                className="no-print !py-0"
                                onClick={() =>
                                    void onSave(
                                        { families: families.filter((o) => o !== f) },
                                        `${f.name} is out of the book`,
                                    )
                                }
                            >
                                Take out
                            </Button>
                        </h2>
                        <div className="mt-2 grid grid-cols-3 gap-3">
                            {FIELDS.map(([key, label]) => (
                                <label key={key} className="label">
                                    {label}
                                    <input
                                        key={f[key] ?? ''}
                                        defaultValue={f[key] ?? ''}
                                        onBlur={(e) => change(f, key, e.target.value)}
                                        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
                                        className="field block w-full text-[13px] text-ink"
                                    />
                                </label>
                            ))}
                        </div>
                        <p className="mt-1.5 text-[12px] text-soft">
                            {f.owner}, {f.on}. Reads:{' '}
                            {f.reads.map((r) => r.replace('front ', '#')).join(', then ') || 'in the order said'}.
                        </p>
                    </section>
                );
            })}
        </div>
    );
}
