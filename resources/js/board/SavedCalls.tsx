import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { SavedCall, SketchLine } from '../api/types';

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
                            <Sketch lines={c.sketch ?? []} />
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

/** A thumbnail of the routes, the first read in vermilion. */
function Sketch({ lines }: { lines: SketchLine[] }) {
    return (
        <svg viewBox="-27 -23 54 31" className="block w-full" aria-hidden="true">
            <line x1="-26" x2="26" y1="0" y2="0" stroke="var(--edge)" strokeWidth="0.5" />
            {[-2, -1, 0, 1, 2].map((n) => (
                <rect key={n} x={n * 1.6 - 0.6} y="-0.2" width="1.2" height="1.2" fill="var(--ink)" />
            ))}
            {lines.map((l) => (
                <polyline
                    key={l.man}
                    points={l.points.map(([x, y]) => `${x},${-Math.min(y, 22)}`).join(' ')}
                    fill="none"
                    stroke={l.read === 1 ? 'var(--ball)' : 'var(--ink)'}
                    strokeWidth={l.read === 1 ? 1.1 : 0.6}
                    strokeLinejoin="round"
                    opacity={l.read === null ? 0.4 : 1}
                />
            ))}
        </svg>
    );
}
