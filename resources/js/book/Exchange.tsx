import { useState } from 'react';
import { api, Problem } from '../api/client';
import type { BookClashes, StaffBook } from '../api/types';
import { Button } from '../ui/Button';

type Props = { data: StaffBook; onDone: (book: StaffBook, words: string) => Promise<void> };

/** The book as one file, out and in; what comes in is shown first, with every clash to be settled. */
export function Exchange({ data, onDone }: Props) {
    const [book, setBook] = useState<unknown>(null);
    const [preview, setPreview] = useState<BookClashes | null>(null);
    const [take, setTake] = useState<string[]>([]);
    const [problem, setProblem] = useState('');
    const choose = async (file: File | undefined) => {
        setPreview(null);
        setTake([]);
        setProblem('');
        if (!file) return;
        try {
            const read: unknown = JSON.parse(await file.text());
            setPreview(await api.post<BookClashes>('staff-book/preview', { book: read }));
            setBook(read);
        } catch (e) {
            setProblem(
                e instanceof Problem
                    ? e.message
                    : `${file.name} is not JSON. Choose a file that was written here as a staff book.`,
            );
        }
    };
    const bring = async () => {
        try {
            const done = await api.post<StaffBook>('staff-book/import', { book, take }, undefined, data.version);
            setPreview(null);
            setBook(null);
            await onDone(done, 'The book is taken in');
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'Nothing was taken in.');
        }
    };
    return (
        <div className="max-w-3xl space-y-5 text-[13.5px]">
            <section>
                <h2 className="font-bold">Out</h2>
                <p className="mb-2 text-soft">
                    Letters, cadence, words, choices, values, families and sets in one file, described in the file
                    formats.
                </p>
                <a
                    href="/api/v1/staff-book/file"
                    download="staff-book.json"
                    className="inline-block rounded-md border border-edge px-3 py-1.5 font-semibold hover:border-ink"
                >
                    Write the book to a file
                </a>
            </section>
            <section>
                <h2 className="font-bold">In</h2>
                <p className="mb-2 text-soft">Nothing is changed before you have seen what would be.</p>
                <input
                    type="file"
                    accept="application/json,.json"
                    aria-label="Staff book file"
                    onChange={(e) => void choose(e.target.files?.[0])}
                    className="text-[13px]"
                />
                {problem && (
                    <p role="alert" className="mt-2 font-semibold text-ball">
                        {problem}
                    </p>
                )}
                {preview && (
                    <div className="mt-3 space-y-3">
                        <p>
                            <b>{preview.adds.length}</b> entries come in, <b>{preview.clashes.length}</b> clash,{' '}
                            {preview.same} are the same.
                        </p>
                        {preview.adds.length > 0 && (
                            <p className="text-soft">New: {preview.adds.map((p) => p.replace('/', ' ')).join(', ')}</p>
                        )}
                        {preview.clashes.map((c) => (
                            <fieldset key={c.path} className="rounded-md border border-edge px-3 py-2">
                                <legend className="px-1 font-semibold">{c.path.replace('/', ' ')}</legend>
                                {(['mine', 'theirs'] as const).map((whose) => (
                                    <label key={whose} className="flex items-baseline gap-2">
                                        <input
                                            type="radio"
                                            name={c.path}
                                            checked={(whose === 'theirs') === take.includes(c.path)}
                                            onChange={() =>
                                                setTake((now) =>
                                                    whose === 'theirs'
                                                        ? [...now, c.path]
                                                        : now.filter((p) => p !== c.path),
                                                )
                                            }
                                            className="accent-[var(--ink)]"
                                        />
                                        <span className="w-14 text-soft">{whose === 'mine' ? 'ours' : 'theirs'}</span>
                                        <code className="min-w-0 flex-1 break-words text-[12px]">{c[whose]}</code>
                                    </label>
                                ))}
                            </fieldset>
                        ))}
                        <Button kind="strong" onClick={() => void bring()}>
                            Take it in
                        </Button>
                    </div>
                )}
            </section>
        </div>
    );
}
