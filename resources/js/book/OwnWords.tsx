import { useState } from 'react';
import type { StaffBook } from '../api/types';
import { Button } from '../ui/Button';
import { WordTable } from './WordTable';
import type { Lists } from '../api/useBook';

type Props = { data: StaffBook; onSave: (lists: Lists, words: string) => Promise<boolean> };

/** Our own words for words of the language; one without a meaning is kept and never guessed. */
export function OwnWords({ data, onSave }: Props) {
    const aliases = data.book.aliases ?? [];
    const [alias, setAlias] = useState('');
    const [word, setWord] = useState('');
    const add = async () => {
        const rest = aliases.filter((a) => a.alias.toLowerCase() !== alias.trim().toLowerCase());
        if (alias.trim() === '') return;
        if (
            await onSave(
                { aliases: [...rest, { alias: alias.trim(), word: word.trim() }] },
                `“${alias.trim()}” is in the book`,
            )
        ) {
            setAlias('');
            setWord('');
        }
    };
    return (
        <div className="max-w-3xl">
            <p className="mb-2 text-[13px] text-soft">
                Say your word in the call line and it is read as what stands beside it: a family, a route, a set, or
                several words.
            </p>
            <form
                onSubmit={(e) => (e.preventDefault(), void add())}
                className="no-print mb-3 flex items-end gap-3"
                aria-label="New word"
            >
                <label className="label">
                    Our word
                    <input
                        value={alias}
                        onChange={(e) => setAlias(e.target.value)}
                        className="field block w-44 text-[14px] text-ink"
                    />
                </label>
                <label className="label">
                    means
                    <input
                        value={word}
                        onChange={(e) => setWord(e.target.value)}
                        list="known-words"
                        placeholder="not decided yet"
                        className="field block w-64 text-[14px] text-ink"
                    />
                </label>
                <datalist id="known-words">
                    {data.families.map((f) => (
                        <option key={f.name} value={f.name} />
                    ))}
                </datalist>
                <Button type="submit">Add</Button>
            </form>
            <WordTable
                onTake={(entries) => {
                    const taken = new Set(entries.map((e) => e.alias.toLowerCase()));
                    const rest = aliases.filter((a) => !taken.has(a.alias.toLowerCase()));
                    return onSave({ aliases: [...rest, ...entries] }, `${entries.length} words are in the book`);
                }}
            />
            <table className="w-full border-collapse text-left text-[13px]">
                <thead>
                    <tr className="label border-b border-edge">
                        <th className="py-1">Our word</th>
                        <th>Means</th>
                        <th>Owner, date</th>
                        <th />
                    </tr>
                </thead>
                <tbody>
                    {aliases.map((a) => (
                        <tr key={a.alias} className="border-b border-faint">
                            <th scope="row" className="py-1.5">
                                {a.alias}
                            </th>
                            <td>
                                {a.word || <span className="text-amber">no meaning yet: kept, never guessed</span>}
                                <span className="block text-[12px] text-soft">
                                    {data.families.find((f) => f.name === a.word)?.definition}
                                </span>
                            </td>
                            <td className="text-[12px] text-soft">
                                {a.owner}, {a.on}
                            </td>
                            <td className="no-print text-right">
                                <Button
                                    kind="quiet"
                                    onClick={() =>
                                        void onSave(
                                            { aliases: aliases.filter((o) => o !== a) },
                                            `“${a.alias}” is out of the book`,
                                        )
                                    }
                                >
                                    Take out
                                </Button>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
