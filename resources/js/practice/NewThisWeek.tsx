import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { InstallCost, WeekInstall } from '../api/practiceTypes';
import { Button } from '../ui/Button';

export const installOf = (practice: string) => ['install', practice];

/** What is new in the week of a practice, and what the next day brings. */
export const useInstall = (practice: string) =>
    useQuery({
        queryKey: installOf(practice),
        queryFn: () => api.get<WeekInstall>(`practices/${practice}/install`),
        placeholderData: (before) => before,
    });

/** So many are shown at first, the dearest. */
const FIRST = 4;

/** Calls that were on no film before this week: for whom there is something new, and which fronts need a talk. */
export function NewThisWeek({ practice }: { practice: string }) {
    const [all, setAll] = useState(false);
    const answer = useInstall(practice);
    const calls = answer.data?.calls ?? [];
    if (calls.length === 0) return null;
    const shown = all ? calls : calls.slice(0, FIRST);
    return (
        <section className="no-print mt-4" aria-label="New this week">
            <h2 className="label mb-1">New this week: what it costs</h2>
            <ul>
                {shown.map((cost) => (
                    <li key={cost.call} className="border-b border-faint py-1.5">
                        <Cost cost={cost} />
                    </li>
                ))}
            </ul>
            {calls.length > FIRST && (
                <Button kind="quiet" className="mt-1" onClick={() => setAll(!all)}>
                    {all ? `The ${FIRST} dearest only` : `${calls.length - FIRST} more`}
                </Button>
            )}
        </section>
    );
}

function Cost({ cost }: { cost: InstallCost }) {
    return (
        <>
            <p className="flex justify-between gap-2">
                <span>{cost.name}</span>
                <b className="whitespace-nowrap">
                    {cost.new.length === 0 ? 'nothing new' : `new for ${cost.new.length}`}
                </b>
            </p>
            <ul className="text-xs text-soft">
                {byTask(cost.new).map(({ men, task }) => (
                    <li key={task}>
                        <b className="text-ink">{men}</b> {task}
                    </li>
                ))}
            </ul>
            {cost.talks.length > 0 && (
                <p className="mt-0.5 text-xs text-soft">Talk about {cost.talks.map(talkWords).join('; ')}.</p>
            )}
        </>
    );
}

const LINE = 'LT, LG, C, RG, RT';

/** Who learns the same stands together, the five of the line as "line". */
function byTask(all: InstallCost['new']): { men: string; task: string }[] {
    const men = new Map<string, string[]>();
    for (const { man, task } of all) men.set(task, [...(men.get(task) ?? []), man]);
    return [...men].map(([task, letters]) => ({ task, men: letters.join(', ').replace(LINE, 'line') }));
}

/** "the bear: other jobs for RG, H; the nickel is left over" */
function talkWords({ front, men, left }: InstallCost['talks'][number]): string {
    const says = [
        ...(men.length > 0 ? [`other jobs for ${men.join(', ')}`] : []),
        ...(left.length > 0 ? [`the ${left.join(', the ')} left over`] : []),
    ];
    return `the ${front} (${says.join('; ')})`;
}
