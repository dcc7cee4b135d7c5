import { clsx } from 'clsx';
import type { CallDocument, SavedCall } from '../api/types';

type Props = { calls: SavedCall[]; current: string | null; onOpen: (call: SavedCall) => void };

/** The saved calls as small pictures. */
export function SavedCalls({ calls, current, onOpen }: Props) {
    return (
        <nav aria-label="Saved calls" className="no-print overflow-y-auto border-r border-edge bg-card p-3">
            <h2 className="label mb-2">Saved calls</h2>
            <ul className="space-y-2.5">
                {calls.map((c) => (
                    <li key={c.id}>
                        <button
                            type="button"
                            onClick={() => onOpen(c)}
                            aria-current={c.id === current}
                            className={clsx('block w-full rounded-md border bg-paper text-left', c.id === current ? 'border-2 border-ball' : 'border-edge hover:border-ink')}
                        >
                            <Sketch document={c.document} />
                            <span className="block truncate px-2 pb-1 text-[12.5px] font-semibold narrow">{c.name}</span>
                        </button>
                    </li>
                ))}
            </ul>
        </nav>
    );
}

const LEFT_TO_RIGHT = ['X', 'Y', 'H', 'Z'];

/** A thumbnail: who goes out, how deep, read or not. A reminder, not a diagram. */
function Sketch({ document }: { document: CallDocument }) {
    const order = document.set === 'trips' ? ['X', 'Y', 'H', 'Z'] : LEFT_TO_RIGHT;
    const at = document.set === 'trips' ? [10, 62, 76, 92] : [10, 30, 70, 90];
    const flip = document.side === 'left';
    return (
        <svg viewBox="0 0 102 46" className="block w-full" aria-hidden="true">
            <line x1="4" x2="98" y1="34" y2="34" stroke="var(--edge)" />
            {[-2, -1, 0, 1, 2].map((n) => (
                <rect key={n} x={49 + n * 5} y={32} width="3.4" height="3.4" fill="var(--ink)" />
            ))}
            {order.map((man, i) => {
                const a = document.assignments.find((one) => one.man === man);
                const x = flip ? 102 - at[i] : at[i];
                const deep = 34 - Math.min(28, (a?.depthYd ?? 9) * 1.6);
                const first = document.reads[0] === man;
                return <line key={man} x1={x} x2={x} y1="34" y2={deep} stroke={first ? 'var(--ball)' : 'var(--ink)'} strokeWidth={first ? 2.4 : 1.3} strokeLinecap="round" opacity={document.reads.includes(man as never) ? 1 : 0.4} />;
            })}
        </svg>
    );
}
