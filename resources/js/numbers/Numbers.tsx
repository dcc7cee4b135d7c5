import { useQuery } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { useState } from 'react';
import { api } from '../api/client';
import { Button } from '../ui/Button';
import { Clips } from '../picture/Clips';
import { Cutups } from './Cutups';
import { Decisions } from './Decisions';
import { Groups } from './Groups';
import { Leanings, Model } from './Leanings';
import { FilterBar } from './FilterBar';
import { Opponent } from './Opponent';
import { Pairs } from './Pairs';
import { query } from './query';
import { TriggersPage } from './TriggersPage';
import type { Filter, GroupsAnswer } from '../api/numberTypes';

type Page = 'groups' | 'decisions' | 'leanings' | 'opponent' | 'triggers' | 'pairs' | 'model';
const PAGES: [Page, string][] = [
    ['groups', 'Tries and gains'],
    ['decisions', 'Decisions'],
    ['leanings', 'What we give away'],
    ['opponent', 'What they do'],
    ['triggers', 'Triggers'],
    ['pairs', 'Side by side'],
    ['model', 'The model’s own score'],
];

/** The numbers over any snaps. Every number opens its clips. */
export function Numbers() {
    const [page, setPage] = useState<Page>('groups');
    const [by, setBy] = useState('call');
    const [filter, setFilter] = useState<Filter>({ kind: 'game', ours: true });
    const [clips, setClips] = useState<{ title: string; filter: Filter } | null>(null);
    const groups = useQuery({
        queryKey: ['numbers', 'groups', by, filter],
        queryFn: () => api.get<GroupsAnswer>(`numbers/groups?by=${by}&${query(filter)}`),
    });
    const open = (title: string, ids: string[]) => ids.length > 0 && setClips({ title, filter: { ids } });
    return (
        <div className="flex h-full print:block print:h-auto">
            <div
                className="flex min-w-0 flex-1 flex-col overflow-y-auto print:overflow-visible"
                tabIndex={0}
                role="region"
                aria-label="Numbers"
            >
                <header className="flex items-center gap-x-4 border-b border-edge px-5 py-2.5">
                    <h1 className="text-xl font-bold">Numbers</h1>
                    <nav
                        aria-label="Kinds of numbers"
                        className="no-print flex min-w-0 flex-1 flex-wrap gap-x-3 gap-y-1"
                    >
                        {PAGES.map(([id, name]) => (
                            <button
                                key={id}
                                type="button"
                                aria-current={page === id ? 'page' : undefined}
                                onClick={() => setPage(id)}
                                className={clsx(
                                    'border-b-2 text-sm',
                                    page === id ? 'border-ball font-bold' : 'border-transparent text-soft',
                                )}
                            >
                                {name}
                            </button>
                        ))}
                    </nav>
                    <Button className="no-print" onClick={() => window.print()} keys="Ctrl P">
                        Print
                    </Button>
                </header>
                <div className={clsx('flex-wrap items-end gap-3 px-5 pt-3', page === 'triggers' ? 'hidden' : 'flex')}>
                    <FilterBar filter={filter} onFilter={setFilter} />
                    <Cutups
                        filter={filter}
                        onFilter={setFilter}
                        onPlay={(name, f) => setClips({ title: name, filter: f })}
                    />
                </div>
                <div className="px-5 py-3">
                    {page === 'groups' && groups.data && (
                        <Groups answer={groups.data} by={by} onBy={setBy} onOpen={open} />
                    )}
                    {page === 'decisions' && <Decisions filter={filter} onOpen={open} />}
                    {page === 'leanings' && <Leanings filter={filter} onOpen={open} />}
                    {page === 'opponent' && <Opponent filter={filter} onOpen={open} />}
                    {page === 'triggers' && <TriggersPage onOpen={open} />}
                    {page === 'pairs' && <Pairs filter={filter} />}
                    {page === 'model' && <Model filter={filter} onOpen={open} />}
                </div>
            </div>
            {clips && <Clips key={clips.title} {...clips} onClose={() => setClips(null)} />}
        </div>
    );
}
