import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useSearch } from '@tanstack/react-router';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { Act, Assignment, CallDocument, ProofReport, SavedCall, SavedLook } from '../api/types';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/useKeys';
import { Fork } from '../ui/Fork';
import { capital, margin } from '../ui/words';
import { CallLine } from './CallLine';
import { Field } from './Field';
import { Ledger } from './Ledger';
import { SavedCalls } from './SavedCalls';
import { Shelf } from './Shelf';
import { SituationBar } from './SituationBar';
import { openCall, useBoard, withSpot } from './store';
import { Tempo } from './Tempo';
import { usePlayback } from './usePlayback';
import { useFrames, useProof, useShelf, type Situation } from './useProof';

export function Board() {
    const { call: wanted } = useSearch({ from: '/board' });
    const navigate = useNavigate();
    const client = useQueryClient();
    const calls = useQuery({ queryKey: ['calls'], queryFn: () => api.get<{ calls: SavedCall[] }>('calls') });
    const shelf = useQuery({ queryKey: ['looks'], queryFn: () => api.get<{ looks: SavedLook[] }>('looks') });
    const { id, name, version, saved, document } = useBoard();
    const [lookAt, setLookAt] = useState(0);
    const [situation, setSituation] = useState<Situation>({ hash: 'middle', down: 1, toGoYd: 10, ballOnYd: 40 });
    const [chosen, setChosen] = useState<string | null>(null);
    const [prong, setProng] = useState<number | null>(null);
    const [watching, setWatching] = useState(false);
    const line = useRef<HTMLInputElement>(null);

    const looks = useMemo(() => (shelf.data?.looks ?? []).map((l) => l.words), [shelf.data]);
    const look = looks[lookAt] ?? '';
    const { answer, problem, current } = useProof(document, look, situation);
    const cells = useShelf(document, looks, situation);
    const key = answer?.report.keys[0];
    const choice = prong === null ? undefined : key?.choices[prong];
    const act = useMemo<Act | null>(
        () =>
            key && choice
                ? {
                      defender: key.defender,
                      name: choice.name,
                      index: key.acts.findIndex((a) => a.name === choice.name),
                  }
                : null,
        [key?.defender, choice?.name], // eslint-disable-line
    );
    const frames = useFrames(document, look, situation, act, watching);
    const until = frames ? (frames.at.length - 1) * frames.step : (answer?.report.tempo.caughtAt ?? 3) + 0.6;
    const clock = usePlayback(until);

    useEffect(() => {
        const list = calls.data?.calls;
        if (!list || list.length === 0) return;
        const target = list.find((c) => c.id === wanted) ?? (id === null && document === null ? list[0] : undefined);
        if (target && target.id !== useBoard.getState().id) openCall(target);
    }, [calls.data, wanted]); // eslint-disable-line

    useEffect(() => {
        setProng(null);
        setWatching(false);
        clock.set(0);
    }, [look, document]); // eslint-disable-line

    const play = () => {
        if (clock.running) return clock.stop();
        setWatching(true);
        clock.play();
    };
    const takeProng = (index: number) => {
        if (!key?.choices[index]) return;
        setProng(index);
        setWatching(true);
        clock.set(0);
        setTimeout(() => clock.play(), 120);
    };
    const rest = () => {
        clock.set(0);
        setWatching(false);
        setProng(null);
    };
    const save = async () => {
        if (!document) return;
        try {
            const done = id
                ? await api.put<SavedCall>(`calls/${id}`, { name, document }, version)
                : await api.post<SavedCall>('calls', { name: name || 'New call', document });
            useBoard.setState({ id: done.id, version: done.version, saved: document, name: done.name });
            await client.invalidateQueries({ queryKey: ['calls'] });
            void navigate({ to: '/board', search: { call: done.id }, replace: true });
            toast(`Saved ${done.name}, version ${done.version}`);
        } catch (e) {
            if (e instanceof Problem && e.status === 412) stale(e);
            else toast.error(e instanceof Problem ? e.message : 'Not saved.');
        }
    };
    const stale = (e: Problem) => {
        toast.error(e.message, {
            duration: Infinity,
            action: {
                label: 'Keep mine as a new call',
                onClick: () => (
                    useBoard.getState().fresh(useBoard.getState().document!, `${name} (mine)`),
                    toast('Press Save to keep it as a new call')
                ),
            },
            cancel: { label: 'Show theirs', onClick: () => openCall(e.more.theirs as SavedCall) },
        });
    };
    const { undo, redo } = useBoard.temporal.getState();

    useKeys('bracketleft', () => setLookAt((n) => (n + looks.length - 1) % Math.max(1, looks.length)), [looks.length]);
    useKeys('bracketright', () => setLookAt((n) => (n + 1) % Math.max(1, looks.length)), [looks.length]);
    useKeys('space', (e) => (e.preventDefault(), play()), [clock.running, until]);
    useKeys('1', () => takeProng(0), [key]);
    useKeys('2', () => takeProng(1), [key]);
    useKeys('escape', rest);
    useKeys('slash', (e) => (e.preventDefault(), line.current?.focus(), line.current?.select()));
    useKeys('mod+z', () => undo());
    useKeys('mod+shift+z, mod+y', () => redo());
    useHotkeys('mod+s', () => void save(), { preventDefault: true, enableOnFormTags: true }, [
        document,
        id,
        version,
        name,
    ]);
    useKeys('comma', () => (setWatching(true), clock.set(clock.t - 0.05)), [clock.t, until]);
    useKeys('period', () => (setWatching(true), clock.set(clock.t + 0.05)), [clock.t, until]);

    const changed = document !== saved;
    return (
        <div className="grid h-full grid-cols-[132px_minmax(0,1fr)_316px] grid-rows-[64px_minmax(0,1fr)]">
            <header className="col-span-3 flex items-center gap-4 border-b border-edge px-4">
                <CallLine
                    ref={line}
                    document={document}
                    situation={situation}
                    onCall={(d) => useBoard.getState().draw(d)}
                />
                <SituationBar situation={situation} onChange={setSituation} />
                <input
                    aria-label="Name of the call"
                    value={name}
                    onChange={(e) => useBoard.getState().rename(e.target.value)}
                    className="no-print w-32 rounded-md border border-edge bg-paper px-2 py-1 text-sm"
                />
                <Button
                    kind="strong"
                    className="no-print"
                    onClick={() => void save()}
                    keys="Ctrl S"
                    disabled={!document || (!changed && id !== null)}
                >
                    {changed || id === null ? 'Save' : `Saved, v${version}`}
                </Button>
            </header>
            <SavedCalls
                calls={calls.data?.calls ?? []}
                current={id}
                onOpen={(c) => void navigate({ to: '/board', search: { call: c.id } })}
            />
            <section className="flex min-w-0 flex-col overflow-hidden">
                <Shelf looks={shelf.data?.looks ?? []} cells={cells} current={lookAt} onPick={setLookAt} />
                {problem && (
                    <p role="alert" className="mx-4 mt-2 rounded-md border border-ball bg-ball-wash px-3 py-2 text-sm">
                        {problem}
                    </p>
                )}
                {answer && document ? (
                    <>
                        <div className="relative min-h-0 flex-1 px-3 pt-2">
                            <Field
                                proof={answer}
                                document={document}
                                frames={watching ? frames : null}
                                t={clock.t}
                                chosen={chosen}
                                onChoose={setChosen}
                                onProng={takeProng}
                                prong={prong}
                            />
                        </div>
                        <div className="flex items-center gap-1 px-3 pb-1.5">
                            <Verdict answer={answer} busy={!current} />
                            <span className="no-print flex shrink-0 items-center">
                                <Button onClick={play} keys="Space" className="mx-1.5">
                                    {clock.running ? 'Hold' : 'Run it'}
                                </Button>
                                {watching && (
                                    <Button kind="quiet" onClick={rest} keys="Esc">
                                        Drawing
                                    </Button>
                                )}
                                <Button kind="quiet" onClick={() => undo()} keys="Ctrl Z">
                                    Undo
                                </Button>
                                <Button kind="quiet" onClick={() => redo()} keys="Ctrl Shift Z">
                                    Redo
                                </Button>
                                <Button kind="quiet" onClick={() => window.print()} keys="Ctrl P">
                                    Print
                                </Button>
                            </span>
                        </div>
                        <div className="border-t border-edge bg-card">
                            <Tempo
                                outcome={choice ?? answer.report.ruleTrue}
                                proof={answer}
                                t={clock.t}
                                until={until}
                                running={clock.running}
                                onScrub={(s) => (setWatching(true), clock.set(s))}
                            />
                        </div>
                    </>
                ) : (
                    <p className="p-8 text-soft">
                        {calls.data?.calls.length === 0
                            ? 'Say the first call in the line above, for example gun 2x2: smash right.'
                            : 'Proving…'}
                    </p>
                )}
            </section>
            <aside className="min-h-0 border-l border-edge">
                {answer && document && (
                    <Ledger
                        proof={answer}
                        chosen={chosen}
                        onChoose={setChosen}
                        onFix={(m) =>
                            useBoard
                                .getState()
                                .draw(withSpot(document as CallDocument, m.man as Assignment['man'], m.xYd, m.yYd))
                        }
                    />
                )}
            </aside>
        </div>
    );
}

function Verdict({ answer, busy }: { answer: { report: ProofReport }; busy: boolean }) {
    const { report } = answer;
    const key = report.keys[0];
    return (
        <p
            className="flex min-w-0 flex-1 items-center gap-2 rounded-md border border-edge bg-paper px-3 py-1.5"
            aria-live="polite"
            aria-busy={busy}
            data-testid="verdict"
        >
            <Fork verdict={report.verdict} />
            <b className={report.verdict === 'covered' ? 'text-soft' : 'text-ball'}>{capital(report.verdict)}</b>
            <span className="line-clamp-2 min-w-0 text-[13px] leading-tight" title={report.why}>
                {report.why}
            </span>
            <span
                className="ml-auto font-semibold whitespace-nowrap narrow"
                title={key ? `Least margin over everything the ${key.defender} may do` : 'Margin of the best read'}
            >
                strength {margin(report.strength)}
            </span>
        </p>
    );
}
