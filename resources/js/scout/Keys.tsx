import type { EvidenceRow } from '../api/numberTypes';
import { Share } from '../ui/Share';
import { capital } from '../ui/words';
import { Section } from './Section';

type Props = { keys: EvidenceRow[]; few: number; onOpen: (title: string, ids: string[]) => void };

/** What each of their key men did when he was put in conflict. */
export function Keys({ keys, few, onOpen }: Props) {
    return (
        <Section title="What their keys did" note="Put between two of ours, and what he took.">
            {keys.length === 0 && (
                <p className="text-soft">
                    Nobody was seen in conflict yet: it is charted of our own snaps, and of film of ours alone.
                </p>
            )}
            <ul>
                {keys.map((k, i) => (
                    <li
                        key={`${k.of} ${k.name}`}
                        className="flex items-center gap-3 border-b border-faint py-0.5 text-sm"
                    >
                        <b className="w-32">{k.of === keys[i - 1]?.of ? '' : capital(k.of)}</b>
                        <span className="min-w-0 flex-1">{k.name}</span>
                        {k.share.of >= few && <Share of={k.share} />}
                        <button
                            type="button"
                            className="w-18 text-right underline"
                            aria-label={`${k.of} ${k.name}: watch ${k.share.hits} of ${k.share.of}`}
                            onClick={() => onOpen(`${capital(k.of)}: ${k.name}`, k.ids)}
                        >
                            {k.share.hits} of {k.share.of}
                        </button>
                    </li>
                ))}
            </ul>
        </Section>
    );
}
