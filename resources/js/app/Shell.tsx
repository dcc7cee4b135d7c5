import { Link, Outlet, useRouterState } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { useSession } from '../api/session';
import { HeldAnswers } from './HeldAnswers';
import { Connection } from './Connection';
import { Asking } from '../ui/window/Asking';
import { KeyPage } from '../ui/keys/KeyPage';
import { OwnPassword } from './OwnPassword';

const STAFF = [
    { to: '/board', name: 'Board' },
    { to: '/series', name: 'Series' },
    { to: '/sheet', name: 'Sheet' },
    { to: '/looks', name: 'Looks' },
    { to: '/scout', name: 'Scout' },
    { to: '/practice', name: 'Practice' },
    { to: '/film', name: 'Film' },
    { to: '/grades', name: 'Grades' },
    { to: '/reps', name: 'Reps' },
    { to: '/numbers', name: 'Numbers' },
    { to: '/roster', name: 'Roster' },
    { to: '/words', name: 'Words' },
    { to: '/book', name: 'Book' },
] as const;

const COORDINATOR = [...STAFF, { to: '/people', name: 'People' }] as const;

const PLAYER = [
    { to: '/grades', name: 'My page' },
    { to: '/reps', name: 'Reps' },
] as const;

/** The frame: a slim rail of words in the order of the week, then the work. */
export function Shell() {
    const session = useSession();
    const path = useRouterState({ select: (s) => s.location.pathname });
    const places = session.role === 'coordinator' ? COORDINATOR : session.staff ? STAFF : PLAYER;
    return (
        <div className="flex h-full min-h-0 stacked:flex-col print:block print:h-auto">
            <nav
                aria-label="Places"
                className="no-print flex w-19 shrink-0 flex-col bg-rail text-rail-ink stacked:w-full stacked:flex-row stacked:items-center stacked:overflow-x-auto"
            >
                <Mark />
                {places.map((p) => (
                    <Link
                        key={p.to}
                        to={p.to}
                        aria-current={path.startsWith(p.to) ? 'page' : undefined}
                        className={clsx(
                            'border-l-4 py-2.5 pl-3 text-sm narrow stacked:flex stacked:border-b-4 stacked:border-l-0 stacked:px-3',
                            path.startsWith(p.to)
                                ? 'border-ball font-bold'
                                : 'border-transparent opacity-80 hover:opacity-100',
                        )}
                    >
                        {p.name}
                    </Link>
                ))}
                <div className="mt-auto flex flex-col gap-1 p-2 text-xs narrow stacked:mt-0 stacked:ml-auto stacked:flex-row stacked:gap-3 stacked:whitespace-nowrap">
                    <KeyPage />
                    <Theme />
                    <OwnPassword />
                    <SignOut name={session.name} />
                </div>
            </nav>
            <div className="flex min-h-0 min-w-0 flex-1 flex-col print:block">
                <Connection />
                <HeldAnswers />
                <main className="min-h-0 min-w-0 flex-1 stacked:overflow-y-auto">
                    <Outlet />
                </main>
            </div>
            <Asking />
        </div>
    );
}

function Mark() {
    return (
        <svg
            viewBox="0 0 32 32"
            className="m-4 mb-5 size-11 stacked:mx-2 stacked:my-1 stacked:size-9 stacked:shrink-0 phone:hidden"
            role="img"
            aria-label="Jacotaxis"
        >
            <path
                d="M16 29V18M16 18C16 12 7 13 7 5M16 18c0-6 9-5 9-13"
                fill="none"
                stroke="currentColor"
                strokeWidth="2.4"
                strokeLinecap="round"
            />
            <circle cx="7" cy="4.5" r="2.8" fill="var(--ball)" />
            <circle cx="25" cy="4.5" r="2.8" fill="var(--ball)" />
        </svg>
    );
}

function Theme() {
    const [dark, setDark] = useState(document.documentElement.dataset.theme === 'dark');
    const flip = () => {
        const next = dark ? 'light' : 'dark';
        document.documentElement.dataset.theme = next;
        localStorage.setItem('theme', next);
        setDark(!dark);
    };
    return (
        <button type="button" onClick={flip} className="rounded py-1 text-left opacity-85 hover:opacity-100">
            {dark ? 'Light' : 'Dark'} room
        </button>
    );
}

function SignOut({ name }: { name: string }) {
    const client = useQueryClient();
    const out = async () => {
        await api.remove('session');
        client.clear();
        location.assign('/');
    };
    return (
        <button
            type="button"
            onClick={out}
            title={`Signed in as ${name}`}
            className="rounded py-1 text-left opacity-85 hover:opacity-100"
        >
            Sign out
        </button>
    );
}
