import { useQuery } from '@tanstack/react-query';
import { Link } from '@tanstack/react-router';
import { useEffect, useState } from 'react';
import { api, Problem } from '../api/client';
import { openCall } from '../model/callStore';
import type { CallDocument, SketchLine } from '../api/types';
import { SketchPicture } from '../ui/SketchPicture';
import { useVocabulary } from '../api/useLetters';
import { LESSONS } from './lessons';
import { Vocabulary } from './Vocabulary';

type Read = { document: CallDocument; words: string; assumed: string[]; sketch: SketchLine[] };
type Said = { spoken: string; family: string | null; why: string; nearest: { family: string; differs: string }[] };

/** Say it, see it: a line of words, the picture it makes, what was filled in, and how it is read over a phone. */
export function SayIt() {
    const words = useVocabulary();
    const [text, setText] = useState<string>(LESSONS[1].example);
    const [read, setRead] = useState<Read | null>(null);
    const [said, setSaid] = useState<Said | null>(null);
    const [problem, setProblem] = useState('');
    useEffect(() => {
        const stop = new AbortController();
        const timer = setTimeout(async () => {
            try {
                const answer = await api.post<Read>('words', { words: text }, stop.signal);
                setRead(answer);
                setProblem('');
                setSaid(await api.post<Said>('descriptions', { document: answer.document }, stop.signal));
            } catch (e) {
                if (e instanceof Problem) setProblem(e.message);
            }
        }, 200);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [text]);
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_340px] stacked:block stacked:h-auto print:h-auto print:block">
            <div className="min-h-0 overflow-y-auto px-6 py-4">
                <h1 className="text-lg font-bold">Say it, see it</h1>
                <input
                    aria-label="Say a call"
                    value={text}
                    spellCheck={false}
                    onChange={(e) => setText(e.target.value)}
                    aria-invalid={problem !== ''}
                    className="mt-2 w-full border-b-2 border-ink bg-transparent pb-1 text-xl font-semibold outline-none"
                />
                <div className="mt-3 grid grid-cols-[minmax(0,420px)_minmax(0,1fr)] gap-5 phone:grid-cols-1">
                    <div className="rounded-md border border-edge bg-paper">
                        {read && <SketchPicture lines={read.sketch} letters />}
                    </div>
                    <div className="min-w-0 space-y-2 text-[13.5px]" aria-live="polite">
                        {problem ? (
                            <p className="font-semibold text-ball">{problem}</p>
                        ) : (
                            read && (
                                <>
                                    <p>
                                        <span className="label">Read as</span>
                                        <br />
                                        <b>{read.words}</b>
                                    </p>
                                    {said?.family && (
                                        <p>
                                            <span className="label">Family</span>
                                            <br />
                                            <b>{said.family}</b>: {said.why}
                                            {said.nearest[0] && (
                                                <span className="block text-soft">
                                                    Nearest: {said.nearest[0].family}; {said.nearest[0].differs}
                                                </span>
                                            )}
                                        </p>
                                    )}
                                    {read.assumed.length > 0 && (
                                        <p>
                                            <span className="label">Assumed, because nobody said it</span>
                                            <br />
                                            {read.assumed.join('; ')}
                                        </p>
                                    )}
                                    {said && (
                                        <p>
                                            <span className="label">Over the phone</span>
                                            <br />
                                            {said.spoken}
                                        </p>
                                    )}
                                    <Link
                                        to="/board"
                                        onClick={() =>
                                            openCall({
                                                id: null,
                                                name: said?.family ?? 'New call',
                                                document: read.document,
                                            })
                                        }
                                        className="inline-block rounded-md border border-edge px-3 py-1.5 font-semibold hover:border-ink"
                                    >
                                        Take it to the board
                                    </Link>
                                </>
                            )
                        )}
                    </div>
                </div>
                <h2 className="label mt-5 mb-2">Step by step: press one, then change a word</h2>
                <ol className="grid grid-cols-3 gap-3">
                    {LESSONS.map((l, n) => (
                        <li key={l.title}>
                            <button
                                type="button"
                                onClick={() => setText(l.example)}
                                className="flex h-full w-full flex-col justify-start rounded-md border border-edge bg-paper p-2 text-left hover:border-ink"
                            >
                                <span className="block text-[13px] font-bold">
                                    {n + 1}. {l.title}
                                </span>
                                <LessonPicture words={l.example} />
                                <span className="block text-[12px] leading-tight font-semibold narrow">
                                    {l.example}
                                </span>
                                <span className="mt-0.5 block text-[12px] leading-tight text-soft">{l.says}</span>
                            </button>
                        </li>
                    ))}
                </ol>
            </div>
            <aside className="min-h-0 overflow-y-auto border-l border-edge bg-card px-4 py-4">
                {words && <Vocabulary words={words} onTake={(word) => setText((t) => `${t.trimEnd()} ${word}`)} />}
            </aside>
        </div>
    );
}

function LessonPicture({ words }: { words: string }) {
    const read = useQuery({
        queryKey: ['lesson', words],
        queryFn: () => api.post<Read>('words', { words }),
        staleTime: Infinity,
    });
    return <SketchPicture lines={read.data?.sketch ?? []} />;
}
