import { forwardRef, useEffect, useMemo, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { api, Problem } from '../api/client';
import { askedIn, type Asked } from '../api/problems';
import type { CallDocument, Vocabulary } from '../api/types';
import { WordLine } from '../ui/WordLine';
import { completions } from '../ui/completions';
import { EnterShows } from '../ui/said/EnterShows';
import { useUnderstood } from '../ui/said/useUnderstood';
import { WhichMeaning } from '../ui/said/WhichMeaning';
import type { Situation } from '../api/useProof';

type Props = {
    document: CallDocument | null;
    situation: Situation;
    onCall: (document: CallDocument, words: string) => void;
};
type Differs = { said: string; stands: string; man: string } | null;
type Read = { document: CallDocument; words: string; assumed: string[] };

/** The line that is always there: takes a call in words, completes it, and reads any drawn call back. */
export const CallLine = forwardRef<HTMLInputElement, Props>(function CallLine({ document, situation, onCall }, ref) {
    const [text, setText] = useState('');
    const [editing, setEditing] = useState(false);
    const [problem, setProblem] = useState('');
    const [asked, setAsked] = useState<Asked | null>(null);
    const [assumed, setAssumed] = useState<string[]>([]);
    const [differs, setDiffers] = useState<Differs>(null);
    const words = useQuery({
        queryKey: ['vocabulary'],
        queryFn: () => api.get<Vocabulary>('vocabulary'),
        staleTime: Infinity,
    });

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

    const [typed, setTyped] = useState(false);
    const about = useMemo(() => ({ situation }), [situation]);
    const understood = useUnderstood('words', text, editing && typed && problem === '', about);
    const options = editing && words.data ? completions(text, words.data) : [];
    const send = async () => {
        try {
            const read = await api.post<Read>('words', { words: text, situation });
            setProblem('');
            setAsked(null);
            setAssumed(read.assumed);
            setEditing(false);
            setTyped(false);
            onCall(read.document, read.words);
            setText(read.words);
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The words were not read.');
            setAsked(askedIn(e));
        }
    };

    return (
        <WordLine
            ref={ref}
            label="Call line"
            text={text}
            onText={(t) => {
                setText(t);
                setTyped(true);
                setProblem('');
                setAsked(null);
                setAssumed([]);
            }}
            placeholder="gun 2x2: smash right"
            options={options}
            onTake={(option) => setText(text.replace(/[\w#-]*$/, '') + option + ' ')}
            onSend={() => void send()}
            onCancel={() => {
                setProblem('');
                setAsked(null);
                setEditing(false);
            }}
            onEditing={setEditing}
            wrong={problem !== ''}
            describedBy="call-line-says"
            className="py-1 text-[19px] font-semibold"
            picked="bg-ink text-paper"
        >
            <div id="call-line-says" role="status" className="no-print text-xs leading-tight">
                {asked ? (
                    <WhichMeaning asked={asked} onMeant={() => void send()} />
                ) : problem ? (
                    <span className="font-semibold text-ball">{problem}</span>
                ) : differs && !editing ? (
                    <span className="text-amber">
                        Called {differs.said}, but the men stand in {differs.stands} ({differs.man} is farthest off)
                    </span>
                ) : understood ? (
                    <EnterShows understood={understood} />
                ) : assumed.length > 0 ? (
                    <span className="text-soft">Assumed: {assumed.join('; ')}</span>
                ) : (
                    <span className="text-soft">
                        {editing ? 'Enter shows it, Tab completes' : 'Say a call here (key /), or drag on the field'}
                    </span>
                )}
            </div>
        </WordLine>
    );
});
