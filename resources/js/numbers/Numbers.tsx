import { useQuery } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { useState } from 'react';
import { api } from '../api/client';
import { ClipPage } from '../picture/ClipPage';
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
    const groups = useQuery({
        queryKey: ['numbers', 'groups', by, filter],
        queryFn: () => api.get<GroupsAnswer>(`numbers/groups?by=${by}&${query(filter)}`),
    });
    const head = (
        <nav aria-label="Kinds of numbers" className="no-print flex flex-wrap gap-x-3 gap-y-1">
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
    );
    return (
        <ClipPage title="Numbers" head={head}>
            {({ open, play }) => (
                <>
                    <div
                        className={clsx('flex-wrap items-end gap-3 px-5 pt-3', page === 'triggers' ? 'hidden' : 'flex')}
                    >
                        <FilterBar filter={filter} onFilter={setFilter} />
                        <Cutups filter={filter} onFilter={setFilter} onPlay={play} />
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
                </>
            )}
        </ClipPage>
    );
}
