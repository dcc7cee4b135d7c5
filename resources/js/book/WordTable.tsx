import { useState } from 'react';
import { api, Problem } from '../api/client';
import type { WordList } from '../api/types';
import { Button } from '../ui/Button';

type Props = { onTake: (entries: WordList['entries']) => Promise<boolean> };

/** A staff's list of words from a table: shown first, with what is wrong with it, then taken in. */
export function WordTable({ onTake }: Props) {
    const [list, setList] = useState<WordList | null>(null);
    const [problem, setProblem] = useState('');
    const read = async (file: File | undefined) => {
        setList(null);
        setProblem('');
        if (!file) return;
        try {
            setList(await api.post<WordList>('staff-book/words', { csv: await file.text() }));
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : `${file.name} was not read. Choose a CSV file.`);
        }
    };
    const take = async () => {
        if (list && (await onTake(list.entries))) setList(null);
    };
    return (
        <div className="no-print mb-3 text-[13px]">
            <label className="flex items-baseline gap-2 text-soft">
                A list of words (CSV: our word, what it means)
                <input
                    type="file"
                    accept="text/csv,.csv,.txt"
                    aria-label="List of words"
                    onChange={(e) => void read(e.target.files?.[0])}
                    className="text-[13px]"
                />
            </label>
            {problem && (
                <p role="alert" className="mt-1 font-semibold text-ball">
                    {problem}
                </p>
            )}
            {list && (
                <div className="mt-2 rounded-md border border-edge px-3 py-2">
                    <p>
                        <b>{list.entries.length}</b> words come in, {list.same} stand there already,{' '}
                        <b>{list.problems.length}</b> cannot be taken.
                    </p>
                    {list.problems.length > 0 && (
                        <ul className="mt-1 list-disc pl-5 text-ball">
                            {list.problems.map((p) => (
                                <li key={p.row}>
                                    Row {p.row}: {p.text}
                                </li>
                            ))}
                        </ul>
                    )}
                    {list.entries.length > 0 && (
                        <>
                            <p className="my-1 text-soft">
                                {list.entries.map((e) => `${e.alias}: ${e.word || 'no meaning yet'}`).join('; ')}
                            </p>
                            <Button kind="strong" onClick={() => void take()}>
                                Take {list.entries.length === 1 ? 'it' : 'them'} in
                            </Button>
                        </>
                    )}
                </div>
            )}
        </div>
    );
}
