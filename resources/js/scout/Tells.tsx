import type { Tell } from '../api/scoutTypes';
import { Share } from '../ui/Share';
import { capital } from '../ui/words';
import { Section } from './Section';

type Props = { tells: Tell[]; onOpen: (title: string, ids: string[]) => void };

/** Coverages that start alike, and what tells them apart before the snap. */
export function Tells({ tells, onOpen }: Props) {
    const told = tells.filter((t) => t.told);
    const others = tells.filter((t) => !t.told);
    return (
        <Section
            title="What gives them away"
            note="Coverages that start from one picture. The bar is how often it was right in games that had no part in finding it."
        >
            {tells.length === 0 && (
                <p className="text-soft">
                    Nothing is charted of where they stand. While charting, “fs@12” says the free safety was 12 yd deep,
                    “fs@8&gt;12” that he was 8 deep at first and 12 at the snap, “lc@7i” that the left corner was 7 off
                    and inside.
                </p>
            )}
            <ul>
                {told.map((t) => (
                    <li key={name(t)} className="border-b border-faint py-1">
                        <div className="flex items-center gap-3">
                            <b className="min-w-0 flex-1">
                                {capital(name(t))} <span className="font-normal text-soft">from {t.from}</span>
                            </b>
                            {t.right && <Share of={t.right} />}
                            <button
                                type="button"
                                className="w-18 text-right text-sm underline"
                                aria-label={`${name(t)}: watch ${t.right?.hits} of ${t.right?.of}`}
                                onClick={() => onOpen(name(t), t.ids)}
                            >
                                {t.right?.hits} of {t.right?.of}
                            </button>
                        </div>
                        <p className="text-sm">
                            {t.words}{' '}
                            <span className="text-soft">
                                Always naming the more frequent one: {Math.round(100 * t.byFrequency)} %.
                            </span>
                        </p>
                    </li>
                ))}
            </ul>
            {others.length > 0 && (
                <details className="pt-1 text-sm text-soft print:hidden">
                    <summary>
                        {told.length === 0 ? 'No tell found among ' : 'No tell found among the other '}
                        {others.length} {others.length === 1 ? 'pair' : 'pairs'}
                    </summary>
                    <ul className="pl-4">
                        {others.map((t) => (
                            <li key={`${t.from} ${name(t)}`}>
                                From {t.from}, {t.words}
                            </li>
                        ))}
                    </ul>
                </details>
            )}
        </Section>
    );
}

const name = (t: Tell): string => Object.keys(t.charted).join(' or ');
