import type { Compared as Comparison } from '../api/schema';
import { useLetters } from '../api/useLetters';
import { capital } from '../ui/words';

type Props = { compared: readonly Comparison[]; onChoose: (man: string) => void };

/** A pass beside what it is made to look like: how many do the same, and what each of the others does there. */
export function Compared({ compared, onChoose }: Props) {
    const letters = useLetters();
    return compared.map((c) => {
        const others = c.men.filter((m) => !m.same);
        const same = c.men.length - others.length;
        return (
            <details key={c.with} className="border-b border-faint px-4 py-2 text-[13px]">
                <summary className="cursor-pointer">
                    <b>Beside {c.with}</b>{' '}
                    <span className="text-soft">
                        {same} of {c.men.length} do the same
                    </span>
                </summary>
                <ul className="mt-1.5 space-y-1.5">
                    {others.map((m) => (
                        <li key={m.man} className="flex gap-3">
                            <button
                                type="button"
                                className="w-6 shrink-0 self-start text-left font-bold"
                                aria-label={`Show ${letters(m.man)}`}
                                onClick={() => onChoose(m.man)}
                            >
                                {letters(m.man)}
                            </button>
                            <span className="min-w-0">
                                {capital(m.here)}
                                <span className="block text-[12px] text-soft">there: {m.there}</span>
                            </span>
                        </li>
                    ))}
                </ul>
            </details>
        );
    });
}
