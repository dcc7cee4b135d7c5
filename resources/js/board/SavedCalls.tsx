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
        <nav aria-label="Saved calls" className="no-print flex min-h-0 flex-col border-r border-edge bg-card">
            <h2 className="label px-3 pt-3 pb-2">Saved calls</h2>
            <ul className="min-h-0 flex-1 space-y-2.5 overflow-y-auto px-3 pb-3">
                {calls.map((c) => (
                    <li key={c.id}>
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
                            <span className="block truncate px-2 pb-1 text-[12.5px] font-semibold narrow">
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
