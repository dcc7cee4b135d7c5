import { useQuery } from '@tanstack/react-query';
import { forwardRef, useEffect, useState } from 'react';
import { api, Problem } from '../api/client';
import type { LookDocument, Vocabulary } from '../api/types';
import { lookCompletions } from '../set/completions';

type Props = { words: string; onLook: (document: LookDocument, words: string) => void };
type Read = { document: LookDocument; words: string };

/** The look in words: shows what is on the field, takes another, completes as you type. */
export const LookLine = forwardRef<HTMLInputElement, Props>(function LookLine({ words, onLook }, ref) {
    const [text, setText] = useState(words);
    const [editing, setEditing] = useState(false);
    const [problem, setProblem] = useState('');
    const [pick, setPick] = useState(0);
    const v = useQuery({
        queryKey: ['vocabulary'],
        queryFn: () => api.get<Vocabulary>('vocabulary'),
        staleTime: Infinity,
    });
    useEffect(() => {
        if (!editing) setText(words);
    }, [words, editing]);

    const options = editing && v.data ? lookCompletions(text, v.data) : [];
    const take = (option: string) => {
        const kept = text.split(',').slice(0, -1);
        setText([...kept, ' ' + option].join(',').trimStart() + (kept.length < 2 ? ', ' : ''));
        setPick(0);
    };
    const send = async () => {
        try {
            const read = await api.post<Read>('look-words', { words: text.replace(/,\s*$/, '') });
            setProblem('');
            setEditing(false);
            onLook(read.document, read.words);
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The words were not read.');
        }
    };

    return (
        <div className="relative min-w-0 flex-1">
            <input
                ref={ref}
                role="combobox"
                aria-label="Look line"
                aria-expanded={options.length > 0}
                aria-controls="look-completions"
                aria-autocomplete="list"
                aria-invalid={problem !== ''}
                spellCheck={false}
                value={text}
                placeholder="4-2 nickel, cover 3, corners press"
                onFocus={() => setEditing(true)}
                onBlur={() => problem === '' && setEditing(false)}
                onChange={(e) => (setText(e.target.value), setProblem(''), setPick(0))}
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
                className="w-full bg-transparent text-[15px] font-semibold text-plum outline-none placeholder:text-soft"
            />
            {problem && (
                <p
                    role="status"
                    className="absolute top-6 left-0 z-20 rounded border border-ball bg-ball-wash px-2 text-xs"
                >
                    {problem}
                </p>
            )}
            {options.length > 0 && !problem && (
                <ul
                    id="look-completions"
                    role="listbox"
                    aria-label="Look completions"
                    className="absolute top-7 left-0 z-20 flex gap-1 rounded-md border border-edge bg-paper p-1 text-[13px] shadow-lg"
                >
                    {options.map((o, i) => (
                        <li
                            key={o}
                            role="option"
                            aria-selected={i === pick}
                            onMouseDown={(e) => (e.preventDefault(), take(o))}
                            className={`cursor-pointer rounded px-2 py-0.5 whitespace-nowrap ${i === pick ? 'bg-plum text-paper' : ''}`}
                        >
                            {o}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
});
