import type { Habit } from '../api/scoutTypes';
import { Share } from '../ui/Share';
import { capital } from '../ui/words';
import { Section } from './Section';
import { caseOf } from './caseOf';

type Props = {
    habits: Habit[];
    onOpen: (title: string, ids: string[]) => void;
};

/** What they do in one case and not in others. */
export function Habits({ habits, onOpen }: Props) {
    return (
        <Section title="What they do when" note="Surely more often in this case than in all others.">
            {habits.length === 0 && (
                <p className="text-soft">
                    Nothing stands out yet: what they show differs no more from case to case than chance lets it.
                </p>
            )}
            <ul>
                {habits.map((h) => (
                    <li
                        key={`${h.by} ${h.name} ${h.what}`}
                        className="flex items-center gap-3 border-b border-faint py-1"
                    >
                        <span className="min-w-0 flex-1">
                            <b>{capital(h.what)}</b> {caseOf(h)}
                            <span className="text-xs text-soft">
                                ; elsewhere {h.else.hits} of {h.else.of}
                            </span>
                        </span>
                        <Share of={h.share} />
                        <button
                            type="button"
                            className="w-18 text-right text-sm underline"
                            aria-label={`${h.what} ${caseOf(h)}: watch ${h.share.hits} of ${h.share.of}`}
                            onClick={() => onOpen(`${capital(h.what)} ${caseOf(h)}`, h.ids)}
                        >
                            {h.share.hits} of {h.share.of}
                        </button>
                    </li>
                ))}
            </ul>
        </Section>
    );
}
