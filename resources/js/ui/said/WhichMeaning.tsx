import { useBook } from '../../api/useBook';
import type { Asked } from '../../api/problems';

type Props = { asked: Asked; onMeant: () => unknown };

/**
 * What staffs mean by a word where they mean different things: one press says which is ours. It is kept in the staff
 * book, so it is asked once.
 */
export function WhichMeaning({ asked, onMeant }: Props) {
    const { data, save } = useBook();
    const remember = async (meaning: string) => {
        const rest = (data?.book.aliases ?? []).filter((a) => a.alias.toLowerCase() !== asked.word);
        const aliases = [...rest, { alias: asked.word, word: meaning }];
        if (await save({ aliases }, `“${asked.word}” is ${meaning} from now on; the staff book has it`)) onMeant();
    };
    return (
        <span role="group" aria-label={`What "${asked.word}" means to us`} className="inline-flex flex-wrap gap-1">
            <span className="font-semibold">“{asked.word}” is to us</span>
            {asked.meanings.map((meaning) => (
                <button
                    key={meaning}
                    type="button"
                    disabled={data === undefined}
                    // The line keeps the focus, so that its words stay.
                    onMouseDown={(e) => e.preventDefault()}
                    onClick={() => void remember(meaning)}
                    className="rounded border border-edge bg-paper px-1.5 font-semibold text-ink hover:bg-card"
                >
                    {meaning}
                </button>
            ))}
        </span>
    );
}
