import { clsx } from 'clsx';
import type { PressRow } from '../api/types';

type Props = {
    row: PressRow;
    letter: string;
    /** What he does now, or null: he plays it by his rule. */
    reaction: string | null;
    onReact: (man: string, reaction: string | null) => void;
};

/** A man in a receiver's face: the plan, and the answer to each thing he may do; pressing one runs the play with it. */
export function PressCard({ row, letter, reaction, onReact }: Props) {
    return (
        <section aria-label={`${letter} against press`} className="border-b border-edge px-4 py-2 text-[13px]">
            <p>
                <b className="text-plum">{row.defender} up on him</b>, {row.cushionYd} yd, {row.leverage} leverage. A{' '}
                {row.purpose} release: {row.steps}, aim {row.aimYd} yd to the {row.aim} of his middle, read {row.reads};
                then {row.finish}.
            </p>
            <ul className="mt-1.5 space-y-0.5">
                {row.reactions.map((r) => (
                    <li key={r.name}>
                        <button
                            type="button"
                            aria-pressed={reaction === r.name}
                            title={`Runs the play when the ${row.defender} ${r.name}`}
                            onClick={() => onReact(row.man, reaction === r.name ? null : r.name)}
                            className={clsx(
                                'grid w-full grid-cols-[68px_1fr_auto] items-baseline gap-x-2 rounded px-1.5 py-0.5 text-left hover:bg-card',
                                reaction === r.name && 'bg-ball-wash',
                            )}
                        >
                            <b className="text-plum narrow">{r.name}</b>
                            <span className="leading-tight">{r.answer}</span>
                            <span className="text-right text-xs whitespace-nowrap text-soft narrow">
                                past {r.pastAt.toFixed(1)} s
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
