import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useSearch } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { useState } from 'react';
import { useLooks } from '../api/useLooks';
import { api } from '../api/client';
import type { PracticeAnswer, PracticeRow } from '../api/practiceTypes';
import { useWrite } from '../api/useWrite';
import { Button } from '../ui/Button';
import { dayWords } from '../ui/words';
import { PracticePlan } from './PracticePlan';

/** The practices, the newest first, and the one that is open. */
export function Practices() {
    const { practice: wanted } = useSearch({ from: '/practice' });
    const list = useQuery({
        queryKey: ['practices'],
        queryFn: () => api.get<{ practices: PracticeRow[] }>('practices'),
    });
    const rows = list.data?.practices ?? [];
    const open = wanted ?? rows[0]?.id;
    return (
        <div className="grid h-full grid-cols-[190px_minmax(0,1fr)] stacked:block stacked:h-auto print:block print:h-auto">
            <nav
                aria-label="Practices"
                className="no-print flex flex-col gap-3 overflow-y-auto border-r border-edge bg-card p-2 stacked:border-r-0 stacked:border-b"
            >
                <NewPractice last={rows[0]} />
                <Link to="/practice/drills" className="px-2 text-sm underline underline-offset-2 stacked:py-2">
                    Drill cards
                </Link>
                <ul className="stacked:flex stacked:gap-1 stacked:overflow-x-auto">
                    {rows.map((p) => (
                        <li key={p.id}>
                            <Link
                                to="/practice"
                                search={{ practice: p.id }}
                                aria-current={p.id === open ? 'page' : undefined}
                                className={clsx(
                                    'block rounded px-2 py-1.5 stacked:shrink-0 stacked:whitespace-nowrap',
                                    p.id === open ? 'bg-ink text-paper' : 'hover:bg-faint',
                                )}
                            >
                                <b className="block text-sm">{dayWords(p.held_on)}</b>
                                <span className="text-[13px] narrow">
                                    {p.title}, {p.minutes} min
                                </span>
                            </Link>
                        </li>
                    ))}
                </ul>
            </nav>
            {open ? (
                <PracticePlan key={open} id={open} />
            ) : (
                <p className="max-w-prose p-8 text-soft">
                    {list.isPending
                        ? 'The practices come …'
                        : 'No practice is planned yet. Give one a day on the left: it begins with the usual periods, and each later one with those of the last.'}
                </p>
            )}
        </div>
    );
}

function NewPractice({ last }: { last?: PracticeRow }) {
    const navigate = useNavigate();
    const { looks } = useLooks();
    const [day, setDay] = useState(new Date().toLocaleDateString('en-CA'));
    const { write, busy } = useWrite<void, PracticeAnswer>({
        send: () =>
            api.post('practices', {
                held_on: day,
                title: 'Practice',
                opponent: last?.opponent ?? looks?.[0]?.opponent ?? '',
            }),
        otherwise: 'The practice was not made.',
        done: ({ practice }) => void navigate({ to: '/practice', search: { practice: practice.id } }),
        asksAgain: [['practices']],
    });
    return (
        <form
            className="flex flex-col gap-2"
            onSubmit={(e) => {
                e.preventDefault();
                void write();
            }}
        >
            <input
                type="date"
                aria-label="Day of the new practice"
                required
                value={day}
                onChange={(e) => setDay(e.target.value)}
                className="rounded-md border border-edge bg-paper px-2 py-1 text-sm stacked:min-h-11"
            />
            <Button type="submit" kind="strong" disabled={busy} className="stacked:min-h-11">
                New practice
            </Button>
        </form>
    );
}
