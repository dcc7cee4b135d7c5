import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { SavedCall } from '../api/types';
import { SketchPicture } from '../ui/SketchPicture';

type Props = {
    calls: SavedCall[];
    current: string | null;
    onOpen: (call: SavedCall) => void;
    children?: ReactNode;
};

/** The saved calls as small pictures, and what else is kept with them. */
export function SavedCalls({ calls, current, onOpen, children }: Props) {
    return (
        <nav
            aria-label="Saved calls"
            className="no-print flex min-h-0 flex-col border-r border-edge bg-card stacked:order-last stacked:border-t stacked:border-r-0"
        >
            <h2 className="label px-3 pt-3 pb-2">Saved calls</h2>
            <ul className="min-h-0 flex-1 space-y-2.5 overflow-y-auto px-3 pb-3 stacked:flex stacked:space-y-0 stacked:gap-2 stacked:overflow-x-auto">
                {calls.map((c) => (
                    <li key={c.id} className="stacked:w-32 stacked:shrink-0">
                        <button
                            type="button"
                            onClick={() => onOpen(c)}
                            aria-current={c.id === current}
                            className={clsx(
                                'block w-full rounded-md border bg-paper text-left',
                                c.id === current ? 'border-2 border-ball' : 'border-edge hover:border-ink',
                            )}
                        >
                            <SketchPicture lines={c.sketch ?? []} />
                            <span className="line-clamp-2 px-2 pb-1 text-[12.5px] leading-tight font-semibold narrow">
                                {c.name}
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            {children}
        </nav>
    );
}
