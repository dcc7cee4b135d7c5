import { Link, useNavigate, useSearch } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { useRef, useState } from 'react';
import type { Drill, DrillRow } from '../api/drillTypes';
import { refused } from '../api/problems';
import { useDrillCards } from '../api/useDrillCards';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { DrillCard } from './DrillCard';
import { DrillEditor } from './DrillEditor';
import { useDrills } from './useDrills';

/** Every drill card by group on the left, the open one on the right. */
export function DrillCards() {
    const { drill: wanted } = useSearch({ from: '/practice/drills' });
    const navigate = useNavigate();
    const list = useDrillCards();
    const [said, setSaid] = useState('');
    const [editing, setEditing] = useState(false);
    const rows = list.data?.drills ?? [];
    const open = rows.find((r) => r.document.name === wanted) ?? rows[0];
    const show = (name: string) => {
        setEditing(false);
        void navigate({ to: '/practice/drills', search: { drill: name } });
    };
    return (
        <div className="grid h-full grid-cols-[230px_minmax(0,1fr)] stacked:block stacked:h-auto print:block print:h-auto">
            <nav
                aria-label="Drill cards"
                className="no-print flex flex-col gap-2 overflow-y-auto border-r border-edge bg-card p-2 stacked:max-h-60 stacked:border-r-0 stacked:border-b"
            >
                <Link to="/practice" className="px-2 py-1 text-sm underline underline-offset-2">
                    Practice
                </Link>
                <input
                    type="search"
                    aria-label="Find a drill or a fault"
                    placeholder="Drill or fault"
                    value={said}
                    onChange={(e) => setSaid(e.target.value)}
                    className="rounded-md border border-edge bg-paper px-2 py-1 text-sm stacked:min-h-11"
                />
                {list.isPending && <p className="p-2 text-sm text-soft">The cards come …</p>}
                <Groups rows={rows.filter((r) => says(r, said))} open={open?.document.name} onOpen={show} />
                <TakeIn onTaken={show} />
            </nav>
            {open &&
                (editing ? (
                    <DrillEditor key={open.document.name} row={open} onDone={show} onBack={() => setEditing(false)} />
                ) : (
                    <DrillCard key={open.document.name} row={open} onEdit={() => setEditing(true)} />
                ))}
        </div>
    );
}

/** Whether a card has these words in its name, its group, or a fault it cures. */
const says = (row: DrillRow, words: string) =>
    [row.document.name, row.document.group, ...row.cures.map((f) => f.label)]
        .join(' ')
        .toLowerCase()
        .includes(words.trim().toLowerCase());

function Groups({ rows, open, onOpen }: { rows: DrillRow[]; open?: string; onOpen: (name: string) => void }) {
    const groups = [...new Set(rows.map((r) => r.document.group))];
    if (groups.length === 0) return <p className="px-2 text-sm text-soft">No card has that.</p>;
    return groups.map((group) => (
        <section key={group}>
            <h2 className="label px-2">{group}</h2>
            <ul>
                {rows
                    .filter((r) => r.document.group === group)
                    .map(({ id, document }) => (
                        <li key={document.name}>
                            <button
                                type="button"
                                aria-current={document.name === open ? 'page' : undefined}
                                onClick={() => onOpen(document.name)}
                                className={clsx(
                                    'w-full rounded px-2 py-1 text-left text-sm stacked:min-h-11',
                                    document.name === open ? 'bg-ink text-paper' : 'hover:bg-faint',
                                )}
                            >
                                {capital(document.name)}
                                {id && <span className="text-xs">, our own</span>}
                            </button>
                        </li>
                    ))}
            </ul>
        </section>
    ));
}

/** A card from a file, as another staff has given it. */
function TakeIn({ onTaken }: { onTaken: (name: string) => void }) {
    const file = useRef<HTMLInputElement>(null);
    const { save, busy } = useDrills();
    const take = async (given: File) => {
        let document: Drill;
        try {
            document = JSON.parse(await given.text()) as Drill;
        } catch {
            refused(null, `${given.name} is no JSON: take a file that "JSON" on a card has written.`);
            return;
        }
        const saved = await save({ id: null, version: null } as DrillRow, document);
        if (saved) onTaken(saved.document.name);
    };
    return (
        <>
            <Button className="mt-1 stacked:min-h-11" disabled={busy} onClick={() => file.current?.click()}>
                Take in a card
            </Button>
            <input
                ref={file}
                type="file"
                accept="application/json,.json"
                aria-label="File of a card"
                className="hidden"
                onChange={(e) => {
                    const given = e.target.files?.[0];
                    e.target.value = '';
                    if (given) void take(given);
                }}
            />
        </>
    );
}
