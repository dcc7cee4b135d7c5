import { clsx } from 'clsx';
import { useState, type ReactNode } from 'react';
import { useSession } from '../api/session';
import type { SavedCall } from '../api/types';
import { CALLS } from '../api/useCalls';
import { useThrowAway } from '../api/useThrowAway';
import { Button } from '../ui/Button';
import { SketchPicture } from '../ui/SketchPicture';

type Props = {
    calls: SavedCall[];
    current: string | null;
    onOpen: (call: SavedCall) => void;
    /** The call that was open has been thrown away. */
    onThrown: (call: SavedCall) => void;
    children?: ReactNode;
};

/** From so many calls on they can be looked for by a word. */
const MANY = 8;

/** The saved calls as small pictures, and what else is kept with them. */
export function SavedCalls({ calls, current, onOpen, onThrown, children }: Props) {
    const [said, setSaid] = useState('');
    const { throwAway, busy } = useThrowAway('call', [CALLS]);
    const mayThrow = useSession().role === 'coordinator';
    const found = calls.filter((c) => `${c.name} ${c.words}`.toLowerCase().includes(said.trim().toLowerCase()));
    return (
        <nav
            aria-label="Saved calls"
            className="no-print flex min-h-0 flex-col border-r border-edge bg-card stacked:order-last stacked:border-t stacked:border-r-0"
        >
            <h2 className="label px-3 pt-3 pb-2">Saved calls</h2>
            {calls.length > MANY && (
                <input
                    type="search"
                    aria-label="Find a call"
                    placeholder={`${calls.length} calls`}
                    value={said}
                    onChange={(e) => setSaid(e.target.value)}
                    className="mx-3 mb-2 min-w-0 rounded-md border border-edge bg-paper px-2 py-1 text-[12.5px]"
                />
            )}
            {found.length === 0 && said !== '' && <p className="px-3 text-[12.5px] text-soft">No call has that.</p>}
            <ul className="min-h-0 flex-1 space-y-2.5 overflow-y-auto px-3 pb-3 stacked:flex stacked:space-y-0 stacked:gap-2 stacked:overflow-x-auto">
                {found.map((c) => (
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
                        {c.id === current && mayThrow && (
                            <Button
                                kind="quiet"
                                className="px-0 py-0.5 text-xs"
                                disabled={busy}
                                onClick={() => void throwAway(c).then((gone) => gone !== undefined && onThrown(c))}
                            >
                                Throw it away
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            {children}
        </nav>
    );
}
