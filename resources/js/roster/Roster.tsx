import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { api } from '../api/client';
import type { Player } from '../api/types';
import { useLetters, useVocabulary } from '../api/useLetters';
import { Button } from '../ui/Button';
import { StaffWordsForm } from './StaffWordsForm';
import { Select } from '../ui/Select';
import { useWrite } from '../api/useWrite';
import { useSession } from '../api/session';
import { Records } from './Records';

const LETTERS = ['Q', 'R', 'F', 'X', 'Z', 'H', 'Y', 'LT', 'LG', 'C', 'RG', 'RT'];
const HEADINGS = ['Letter', 'Number', 'Name', 'Depth', 'Forty, s', 'Stride, yd', 'Throws', 'Able to'];
const BLANK = {
    name: '',
    letter: 'X',
    number: 0,
    depth: 2,
    forty_s: null,
    stride_yd: null,
    throws: 'right',
    flags: [],
};

/** The men: number, letter, depth, timed forty, stride, throwing hand, what each is able to do; and the staff's own words. */
export function Roster() {
    const coordinator = useSession().role === 'coordinator';
    const players = useQuery({ queryKey: ['players'], queryFn: () => api.get<{ players: Player[] }>('players') });
    const list = [...(players.data?.players ?? [])].sort(
        (a, b) => LETTERS.indexOf(a.letter) - LETTERS.indexOf(b.letter) || a.depth - b.depth,
    );
    const keep = useWrite({
        send: ({ player, body }: { player: Player | null; body: object }) =>
            player ? api.put<Player>(`players/${player.id}`, body, player.version) : api.post<Player>('players', body),
        otherwise: 'Not saved.',
        done: (saved) => toast(`Saved ${saved.name}`),
        asksAgain: [['players']],
    });
    const save = async (player: Player | null, change: Partial<Player>) => {
        const { name, letter, number, depth, forty_s, stride_yd, throws, flags } = {
            ...(player ?? BLANK),
            ...change,
        };
        const body = { name, letter, number, depth, forty_s, stride_yd, throws, flags: flags ?? [] };
        return (await keep.write({ player, body })) !== undefined;
    };
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_320px] stacked:block stacked:h-auto">
            <section className="min-h-0 overflow-y-auto px-5 py-4 stacked:overflow-x-auto">
                <h1 className="mb-1 text-[19px] font-semibold">Roster</h1>
                <p className="mb-3 max-w-[70ch] text-[13px] text-soft">
                    A proof with “Our men” runs the first man of each letter with his own forty and stride; 87 % of the
                    timed speed is played in pads (product default). Who has no time runs as the level does.
                </p>
                <table className="w-full text-[13px]">
                    <thead>
                        <tr className="label text-left">
                            {HEADINGS.map((h) => (
                                <th key={h} className="pr-2 pb-1 font-semibold">
                                    {h}
                                </th>
                            ))}
                            {coordinator && <th className="pb-1 font-semibold">Records</th>}
                        </tr>
                    </thead>
                    <tbody>
                        {list.map((p) => (
                            <Row
                                key={`${p.id}-${p.version}`}
                                player={p}
                                records={coordinator}
                                onSave={(change) => void save(p, change)}
                            />
                        ))}
                    </tbody>
                </table>
                <form
                    className="mt-3 flex flex-wrap gap-2"
                    onSubmit={(e) => {
                        e.preventDefault();
                        const form = e.currentTarget;
                        const data = new FormData(form);
                        void save(null, {
                            name: String(data.get('name')),
                            number: Number(data.get('number')),
                            letter: String(data.get('letter')),
                        }).then((ok) => ok && form.reset());
                    }}
                >
                    <Select name="letter" aria-label="Letter of the new man" className="w-16">
                        {LETTERS.map((l) => (
                            <option key={l}>{l}</option>
                        ))}
                    </Select>
                    <input
                        name="number"
                        aria-label="Number of the new man"
                        type="number"
                        min={0}
                        max={99}
                        required
                        placeholder="No."
                        className="field w-16"
                    />
                    <input
                        name="name"
                        aria-label="Name of the new man"
                        required
                        maxLength={120}
                        placeholder="Name"
                        className="field w-52"
                    />
                    <Button type="submit">Add</Button>
                </form>
            </section>
            <aside className="min-h-0 overflow-y-auto border-l border-edge bg-card px-5 py-4">
                <StaffWordsForm />
            </aside>
        </div>
    );
}

type RowProps = { player: Player; records: boolean; onSave: (change: Partial<Player>) => void };

function Row({ player: p, records, onSave }: RowProps) {
    const letters = useLetters();
    const flags = useVocabulary()?.flags ?? [];
    const [open, setOpen] = useState(false);
    const [kept, setKept] = useState(false);
    const number = (key: 'number' | 'depth' | 'forty_s' | 'stride_yd', label: string, step: number) => (
        <input
            type="number"
            step={step}
            aria-label={`${label} of ${p.name}`}
            defaultValue={p[key] ?? ''}
            onBlur={(e) => {
                const value = e.target.value === '' ? null : Number(e.target.value);
                if (value !== p[key]) onSave({ [key]: value });
            }}
            onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
            className="field w-[4.5rem]"
        />
    );
    const able = p.flags ?? [];
    return (
        <tr className="border-t border-faint align-top">
            <td className="py-1.5 pr-2 font-bold">{letters(p.letter)}</td>
            <td className="py-1 pr-2">{number('number', 'Number', 1)}</td>
            <td className="py-1.5 pr-2 font-semibold whitespace-nowrap">{p.name}</td>
            <td className="py-1 pr-2">{number('depth', 'Depth', 1)}</td>
            <td className="py-1 pr-2">{number('forty_s', 'Forty', 0.01)}</td>
            <td className="py-1 pr-2">{number('stride_yd', 'Stride', 0.05)}</td>
            <td className="py-1 pr-2">
                <Select
                    aria-label={`Throwing hand of ${p.name}`}
                    value={p.throws}
                    onChange={(e) => onSave({ throws: e.target.value as Player['throws'] })}
                >
                    <option value="right">right</option>
                    <option value="left">left</option>
                </Select>
            </td>
            <td className="py-1.5">
                <button type="button" onClick={() => setOpen(!open)} aria-expanded={open} className="text-left">
                    {able.join(', ') || <span className="text-soft">say what</span>}
                </button>
                {open &&
                    flags.map((f) => (
                        <label key={f} className="mt-1 flex items-center gap-1.5">
                            <input
                                type="checkbox"
                                checked={able.includes(f)}
                                onChange={(e) =>
                                    onSave({ flags: e.target.checked ? [...able, f] : able.filter((x) => x !== f) })
                                }
                                className="accent-[var(--ink)]"
                            />
                            {f}
                        </label>
                    ))}
            </td>
            {records && (
                <td className="py-1.5">
                    <button
                        type="button"
                        aria-expanded={kept}
                        aria-label={`open: records of ${p.name}`}
                        className="underline"
                        onClick={() => setKept(!kept)}
                    >
                        open
                    </button>
                    {kept && <Records player={p} />}
                </td>
            )}
        </tr>
    );
}
