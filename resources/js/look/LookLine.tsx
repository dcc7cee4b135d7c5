import { useQuery } from '@tanstack/react-query';
import { forwardRef, useEffect, useState } from 'react';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import { askedIn, type Asked } from '../api/problems';
import type { LookDocument, Vocabulary } from '../api/types';
import { WordLine } from '../ui/WordLine';
import { lookCompletions } from '../ui/completions';
import { EnterShows } from '../ui/said/EnterShows';
import { useUnderstood } from '../ui/said/useUnderstood';
import { WhichMeaning } from '../ui/said/WhichMeaning';

type Props = { words: string; onLook: (document: LookDocument, words: string) => void };
type Read = { document: LookDocument; words: string; assumed: string[] };

/** The look in words: shows what is on the field, takes another, completes as you type. */
export const LookLine = forwardRef<HTMLInputElement, Props>(function LookLine({ words, onLook }, ref) {
    const [text, setText] = useState(words);
    const [editing, setEditing] = useState(false);
    const [problem, setProblem] = useState('');
    const [asked, setAsked] = useState<Asked | null>(null);
    const v = useQuery({
        queryKey: ['vocabulary'],
        queryFn: () => api.get<Vocabulary>('vocabulary'),
        staleTime: Infinity,
    });
    useEffect(() => {
        if (!editing) setText(words);
    }, [words, editing]);

    const [typed, setTyped] = useState(false);
    const said = text.replace(/,\s*$/, '');
    const understood = useUnderstood('look-words', said, editing && typed && problem === '');
    const options = editing && v.data ? lookCompletions(text, v.data) : [];
    const send = async () => {
        try {
            const read = await api.post<Read>('look-words', { words: said });
            setProblem('');
            setAsked(null);
            setEditing(false);
            setTyped(false);
            onLook(read.document, read.words);
            if (read.assumed.length > 0) toast(`Assumed: ${read.assumed.join('; ')}`);
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The words were not read.');
            setAsked(askedIn(e));
        }
    };

    return (
        <WordLine
            ref={ref}
            label="Look line"
            text={text}
            onText={(t) => {
                setText(t);
                setTyped(true);
                setProblem('');
                setAsked(null);
            }}
            placeholder="4-2 nickel, cover 3, corners press"
            options={problem ? [] : options}
            onTake={(option) => {
                const kept = text.split(',').slice(0, -1);
                setText([...kept, ' ' + option].join(',').trimStart() + (kept.length < 2 ? ', ' : ''));
            }}
            onSend={() => void send()}
            onCancel={() => {
                setProblem('');
                setAsked(null);
                setEditing(false);
            }}
            onEditing={setEditing}
            wrong={problem !== ''}
            className="text-[15px] font-semibold text-plum"
            picked="bg-plum text-paper"
        >
            {understood && options.length === 0 && (
                <p
                    role="status"
                    className="absolute top-6 left-0 z-20 rounded border border-edge bg-paper px-2 text-xs whitespace-nowrap"
                >
                    <EnterShows understood={understood} />
                </p>
            )}
            {problem && (
                <p
                    role="status"
                    className="absolute top-6 left-0 z-20 rounded border border-ball bg-ball-wash px-2 text-xs"
                >
                    {asked ? <WhichMeaning asked={asked} onMeant={() => void send()} /> : problem}
                </p>
            )}
        </WordLine>
    );
});
