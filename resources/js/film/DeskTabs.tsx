import { clsx } from 'clsx';

export type Tab = 'grade' | 'review' | 'chart' | 'open';

const TABS: [Tab, string][] = [
    ['grade', 'Grade'],
    ['review', 'Review'],
    ['chart', 'Chart'],
    ['open', 'Open questions'],
];

type Props = {
    tab: Tab;
    onTab: (tab: Tab) => void;
    /** Questions the snap leaves open. */
    open: number;
};

/** What is worked on beside the film. */
export function DeskTabs({ tab, onTab, open }: Props) {
    return (
        <div role="tablist" aria-label="Beside the film" className="flex gap-3 border-b border-edge px-3">
            {TABS.map(([id, name]) => (
                <button
                    key={id}
                    role="tab"
                    type="button"
                    aria-selected={tab === id}
                    onClick={() => onTab(id)}
                    className={clsx(
                        'border-b-2 py-1.5 text-sm',
                        tab === id ? 'border-ball font-bold' : 'border-transparent text-soft',
                    )}
                >
                    {name}
                    {id === 'open' && open > 0 ? ` ${open}` : ''}
                </button>
            ))}
        </div>
    );
}
