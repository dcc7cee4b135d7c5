import { useState, type RefObject } from 'react';
import { api, Problem } from '../api/client';
import { acrossFrom, withAssignment } from '../model/callStore';
import type { Situation } from '../api/useProof';
import type { Assignment, CallDocument, ProofAnswer, Vocabulary } from '../api/types';
import { Choice } from '../ui/Choice';
import { WordLine } from '../ui/WordLine';
import { plain } from '../ui/words';

type Props = {
    man: string;
    letter: string;
    proof: ProofAnswer;
    document: CallDocument;
    situation: Situation;
    words: Vocabulary;
    both: boolean;
    line: RefObject<HTMLInputElement | null>;
    onDraw: (document: CallDocument) => void;
    onMove: () => void;
    onClose: () => void;
};

const FLAGS = ['clear', 'alert', 'decoy', 'check-down'] as const;

/** One man's route: typed in words, or chosen; his read, his release and how he ends it. */
export function RouteCard({
    man,
    letter,
    proof,
    document,
    situation,
    words,
    both,
    line,
    onDraw,
    onMove,
    onClose,
}: Props) {
    const job = document.assignments.find((a) => a.man === man);
    const drawn = proof.stage.routes.find((r) => r.man === man);
    const [text, setText] = useState('');
    const [editing, setEditing] = useState(false);
    const [problem, setProblem] = useState('');
    const runs = job?.job === 'route';
    const said = runs ? sayRoute(job) : 'protects';
    const receivers = both ? proof.report.picture.receivers : undefined;
    const across = receivers && acrossFrom(man, receivers);
    const set = (change: Partial<Assignment>) => onDraw(withAssignment(document, man, change, receivers));
    const word = text.split(/\s+/).at(-1)!.toLowerCase();
    const names = [...words.routes.map((r) => r.name), 'at sticks', 'settling', 'moving', 'clear', 'alert', 'decoy'];
    const options =
        editing && word
            ? names.filter((n) => n.startsWith(text.toLowerCase()) || (text.includes(' ') && n.startsWith(word)))
            : [];

    const send = async () => {
        try {
            let next = document;
            for (const who of across ? [man, across] : [man]) {
                const asked = { document: next, situation, man: who, words: text };
                next = (await api.post<{ document: CallDocument }>('assignments', asked)).document;
            }
            setProblem('');
            setEditing(false);
            setText('');
            line.current?.blur();
            onDraw(next);
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The route was not read.');
        }
    };
    const read = document.reads.indexOf(man as never) + 1;
    const setRead = (value: string) => {
        const rest = document.reads.filter((r) => r !== man);
        if (value) rest.splice(Number(value) - 1, 0, man as never);
        onDraw({
            ...document,
            reads: rest,
            assignments: document.assignments.map((a) => (a.man === man && value ? { ...a, flag: undefined } : a)),
        });
    };
    const routes = document.assignments.filter((a) => a.job === 'route').length;

    return (
        <section aria-label={`Route of ${letter}`} className="no-print border-b-2 border-ink bg-card px-4 py-2">
            <h2 className="flex items-baseline gap-2">
                <b className="text-[15px]">{letter}</b>
                <WordLine
                    ref={line}
                    label={`Route of ${letter} in words`}
                    text={editing ? text : said}
                    onText={(t) => (setText(t), setProblem(''))}
                    placeholder="dig 12 settling"
                    options={options.slice(0, 4)}
                    onTake={(o) =>
                        setText(o.startsWith(text.toLowerCase()) ? o + ' ' : text.replace(/\S*$/, '') + o + ' ')
                    }
                    onSend={() => void send()}
                    onCancel={() => (setEditing(false), setText(''), setProblem(''))}
                    onEditing={(on) => (setEditing(on), on && setText(''))}
                    wrong={problem !== ''}
                    className="border-b border-edge pb-0.5 text-[14px] font-semibold"
                    picked="bg-ink text-paper"
                />
                <kbd className="text-[11px] text-soft">R</kbd>
                <button type="button" onClick={onClose} aria-label="Close" className="px-1 text-soft hover:text-ink">
                    ✕
                </button>
            </h2>
            {problem && <p className="mt-1 text-xs font-semibold text-ball">{problem}</p>}
            {drawn?.called && (
                <p className="mt-1 text-xs text-amber">
                    Called {drawn.called}; against this look he runs the {drawn.name}.
                </p>
            )}
            {drawn?.ghosts.map((g) => (
                <p key={g.words} className="mt-0.5 text-xs text-soft">
                    {g.words}
                </p>
            ))}
            {runs && (
                <div className="mt-1.5 grid grid-cols-4 gap-x-2">
                    <Choice
                        label="Read"
                        value={read ? String(read) : ''}
                        empty="none"
                        options={Array.from({ length: Math.min(5, routes) }, (_, i) => String(i + 1))}
                        onChange={setRead}
                    />
                    <Choice
                        label="Job"
                        value={job.flag ?? ''}
                        empty={read ? 'read' : 'not read'}
                        options={FLAGS}
                        onChange={(flag) =>
                            onDraw(withAssignment(document, man, { flag: (flag || undefined) as Assignment['flag'] }))
                        }
                    />
                    <Choice
                        label="Release"
                        value={job.release ?? ''}
                        empty="his"
                        options={['inside', 'outside']}
                        onChange={(r) => set({ release: (r || undefined) as Assignment['release'] })}
                    />
                    <Choice
                        label="Ends"
                        value={job.finish ?? ''}
                        empty="usual"
                        options={['settling', 'moving']}
                        onChange={(f) => set({ finish: (f || undefined) as Assignment['finish'] })}
                    />
                </div>
            )}
            <p className="mt-1 flex text-xs text-soft">
                {across && <span>Both sides: {across} gets the same.</span>}
                <button type="button" onClick={onMove} className="ml-auto font-semibold text-ball narrow">
                    Before the snap
                </button>
            </p>
        </section>
    );
}

const sayRoute = (a: Assignment) =>
    [
        a.checks && 'check',
        a.chips && 'chip',
        a.route,
        a.depthYd !== undefined && a.at !== 'sticks' && plain(a.depthYd),
        a.at && `at ${a.at}`,
        a.side,
        a.finish,
        a.release && `${a.release} release`,
        a.flag !== 'check-down' && a.flag,
    ]
        .filter(Boolean)
        .join(' ');
