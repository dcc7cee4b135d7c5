import { forwardRef, useEffect, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { api, Problem } from '../api/client';
import type { CallDocument, Vocabulary } from '../api/types';
import { completions } from './completions';
import type { Situation } from '../board/useProof';

type Props = { document: CallDocument | null; situation: Situation; onCall: (document: CallDocument) => void };
type Differs = { said: string; stands: string; man: string } | null;
type Read = { document: CallDocument; words: string; assumed: string[] };

/** The line that is always there: takes a call in words, completes it, and reads any drawn call back. */
export const CallLine = forwardRef<HTMLInputElement, Props>(function CallLine({ document, situation, onCall }, ref) {
    const [text, setText] = useState('');
    const [editing, setEditing] = useState(false);
    const [problem, setProblem] = useState('');
    const [assumed, setAssumed] = useState<string[]>([]);
    const [differs, setDiffers] = useState<Differs>(null);
    const words = useQuery({
        queryKey: ['vocabulary'],
        queryFn: () => api.get<Vocabulary>('vocabulary'),
        staleTime: Infinity,
    });
    const [pick, setPick] = useState(0);

    useEffect(() => {
        if (!document || editing) return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<{ words: string; disagrees: Differs }>('descriptions', { document, situation }, stop.signal)
                .then((d) => (setText(d.words), setDiffers(d.disagrees)))
                .catch(() => undefined);
        }, 120);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [document, situation, editing]);

    const options = editing && words.data ? completions(text, words.data) : [];
    const take = (option: string) => {
        setText(text.replace(/[\w#-]*$/, '') + option + ' ');
        setPick(0);
    };
    const send = async () => {
        try {
            const read = await api.post<Read>('words', { words: text, situation });
            setProblem('');
            setAssumed(read.assumed);
            setEditing(false);
            onCall(read.document);
            setText(read.words);
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The words were not read.');
        }
    };

    return (
        <div className="relative min-w-0 flex-1">
            <input
                ref={ref}
                role="combobox"
                aria-expanded={options.length > 0}
                aria-controls="completions"
                aria-autocomplete="list"
                aria-label="Call line"
                aria-invalid={problem !== ''}
                aria-describedby="call-line-says"
                spellCheck={false}
                value={text}
                placeholder="gun 2x2: smash right"
                onFocus={() => setEditing(true)}
                onBlur={() => problem === '' && setEditing(false)}
                onChange={(e) => {
                    setText(e.target.value);
                    setProblem('');
                    setAssumed([]);
                    setPick(0);
                }}
                onKeyDown={(e) => {
                    if (e.key === 'Enter') void send();
                    else if (e.key === 'Tab' && !e.shiftKey && options.length > 0) {
                        e.preventDefault();
                        take(options[Math.min(pick, options.length - 1)]);
                    } else if (e.key === 'ArrowDown' && options.length > 0) {
                        e.preventDefault();
                        setPick((pick + 1) % options.length);
                    } else if (e.key === 'Escape') {
                        setProblem('');
                        setEditing(false);
                        e.currentTarget.blur();
                    }
                }}
                className="w-full bg-transparent py-1 text-[19px] font-semibold outline-none placeholder:text-soft"
            />
            <div id="call-line-says" role="status" className="truncate text-xs">
                {problem ? (
                    <span className="font-semibold text-ball">{problem}</span>
                ) : differs && !editing ? (
                    <span className="text-amber">
                        Called {differs.said}, but the men stand in {differs.stands} ({differs.man} is farthest off)
                    </span>
                ) : assumed.length > 0 ? (
                    <span className="text-soft">Assumed: {assumed.join('; ')}</span>
                ) : (
                    <span className="text-soft">
                        {editing ? 'Enter shows it, Tab completes' : 'Say a call here (key /), or drag on the field'}
                    </span>
                )}
            </div>
            {options.length > 0 && (
                <ul
                    id="completions"
                    role="listbox"
                    aria-label="Completions"
                    className="absolute top-11 left-0 z-20 flex gap-1 rounded-md border border-edge bg-paper p-1 shadow-lg"
                >
                    {options.map((o, i) => (
                        <li
                            key={o}
                            role="option"
                            aria-selected={i === pick}
                            onMouseDown={(e) => (e.preventDefault(), take(o))}
                            className={
                                i === pick
                                    ? 'cursor-pointer rounded bg-ink px-2 py-0.5 text-paper'
                                    : 'cursor-pointer rounded px-2 py-0.5'
                            }
                        >
                            {o}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
});
