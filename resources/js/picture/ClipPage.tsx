import { useState, type ReactNode } from 'react';
import type { Filter } from '../api/numberTypes';
import { Button } from '../ui/Button';
import { Clips } from './Clips';

type Shown = { title: string; filter: Filter };

export type Watch = {
    /** The snaps behind a number. */
    open: (title: string, ids: string[]) => void;
    /** Every snap a filter lets through. */
    play: (title: string, filter: Filter) => void;
};

type Props = {
    title: string;
    /** What stands beside the title. */
    head: ReactNode;
    children: (watch: Watch) => ReactNode;
};

/** A page of numbers that prints, and whose numbers open their clips beside it. */
export function ClipPage({ title, head, children }: Props) {
    const [clips, setClips] = useState<Shown | null>(null);
    const play = (name: string, filter: Filter) => setClips({ title: name, filter });
    const open = (name: string, ids: string[]) => ids.length > 0 && play(name, { ids });
    return (
        <div className="flex h-full print:block print:h-auto">
            <div
                className="flex min-w-0 flex-1 flex-col overflow-y-auto print:overflow-visible"
                tabIndex={0}
                role="region"
                aria-label={title}
            >
                <header className="flex items-center gap-x-4 border-b border-edge px-5 py-2.5">
                    <h1 className="text-xl font-bold">{title}</h1>
                    <div className="flex min-w-0 flex-1 flex-wrap items-center gap-x-4 gap-y-1">{head}</div>
                    <Button className="no-print" onClick={() => window.print()} keys="Ctrl P">
                        Print
                    </Button>
                </header>
                {children({ open, play })}
            </div>
            {clips && <Clips key={clips.title} {...clips} onClose={() => setClips(null)} />}
        </div>
    );
}
