import { useQuery } from '@tanstack/react-query';
import { useNavigate, useSearch } from '@tanstack/react-router';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { Act, CallDocument, Fix, LookDocument, SavedCall } from '../api/types';
import { LookLine } from '../look/LookLine';
import { Shelf } from '../look/Shelf';
import { useLookShelf } from '../look/useLookShelf';
import { CallLine } from '../set/CallLine';
import { SavedSets } from '../set/SavedSets';
import { TurnBar } from '../set/TurnBar';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/useKeys';
import { Field } from '../field/Field';
import { SavedCalls } from './SavedCalls';
import { Side } from '../side/Side';
import { SituationBar } from './SituationBar';
import { openCall, useBoard } from './store';
import { Tempo } from './Tempo';
import { usePlayback } from './usePlayback';
import { useFrames, useProof, useShelf, type AnyLook, type Situation } from './useProof';
import { useSaving } from './useSaving';
import { Verdict } from './Verdict';

export function Board() {
    const { call: wanted } = useSearch({ from: '/board' });
    const navigate = useNavigate();
    const calls = useQuery({ queryKey: ['calls'], queryFn: () => api.get<{ calls: SavedCall[] }>('calls') });
    const shelf = useLookShelf();
    const { id, name, version, saved, document } = useBoard();
    const [named, setNamed] = useState(false);
    const [situation, setSituation] = useState<Situation>({
        hash: 'middle',
        down: 1,
        toGoYd: 10,
        ballOnYd: 40,
        rules: 'nfhs',
    });
    const [chosen, setChosen] = useState<string | null>(null);
    const [prong, setProng] = useState<number | null>(null);
    const [watching, setWatching] = useState(false);
    const line = useRef<HTMLInputElement>(null);
    const lookLine = useRef<HTMLInputElement>(null);

    const look: AnyLook = shelf.edited ?? shelf.current?.words ?? '';
    const { answer, problem, current } = useProof(document, look, situation, named);
    const cells = useShelf(document, shelf.words, situation, named);
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
    const frames = useFrames(document, look, situation, act, watching, named);
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
    const save = useSaving();
    /** Sends the call with a question and draws the call that comes back. */
    const redraw = async (path: string, body: object) => {
        try {
            const done = await api.post<{ document: CallDocument }>(path, { document, situation, ...body });
            useBoard.getState().draw(done.document);
        } catch (e) {
            toast.error(e instanceof Problem ? e.message : 'Nothing was changed.');
        }
    };
    const turn = (to: 'field' | 'boundary' | null) => void redraw('flips', to === null ? {} : { to });
    const fix = (apply: Fix) => void redraw('fixes', { apply });
    const fixes = answer?.report.findings.filter((f) => f.apply && f.apply.do !== 'number') ?? [];
    const firstFix = (fixes.find((f) => f.severity === 'fault') ?? fixes[0])?.apply;
    const { undo, redo } = useBoard.temporal.getState();

    useKeys('bracketleft', () => shelf.pick(shelf.at - 1), [shelf.at, shelf.looks.length]);
    useKeys('bracketright', () => shelf.pick(shelf.at + 1), [shelf.at, shelf.looks.length]);
    useKeys('f', () => firstFix && fix(firstFix), [firstFix, document]);
    useKeys('m', () => turn(null), [document, situation]);
    useKeys('shift+f', () => turn('field'), [document, situation]);
    useKeys('shift+b', () => turn('boundary'), [document, situation]);
    useKeys('n', () => setNamed((on) => !on));
    useKeys('l', (e) => (e.preventDefault(), lookLine.current?.focus(), lookLine.current?.select()));
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
        <div className="grid h-full grid-cols-[132px_minmax(0,1fr)_316px] grid-rows-[64px_minmax(0,1fr)] print:h-[190mm] print:grid-cols-[minmax(0,1fr)_300px]">
            <header className="col-span-3 flex print:col-span-2 items-center gap-4 border-b border-edge px-4">
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
            >
                {document && <SavedSets document={document} onDraw={(d) => useBoard.getState().draw(d)} />}
            </SavedCalls>
            <section className="flex min-w-0 flex-col overflow-hidden">
                <Shelf
                    looks={shelf.looks}
                    cells={cells}
                    current={shelf.edited ? -1 : shelf.at}
                    opponents={shelf.opponents}
                    opponent={shelf.opponent}
                    onOpponent={(o) => (shelf.setOpponent(o), shelf.pick(0))}
                    onPick={shelf.pick}
                />
                <div className="flex items-center gap-2 border-b border-faint px-4 py-1">
                    <LookLine
                        ref={lookLine}
                        words={answer?.stage.look ?? shelf.current?.words ?? ''}
                        onLook={(d) => shelf.edit(d)}
                    />
                    {shelf.edited && (
                        <span className="no-print flex shrink-0">
                            <Button
                                kind="quiet"
                                onClick={() => void shelf.save(shelf.edited!, answer?.stage.look ?? 'Look')}
                            >
                                Save look
                            </Button>
                            <Button kind="quiet" onClick={() => shelf.edit(null)}>
                                Back to the shelf
                            </Button>
                        </span>
                    )}
                    <TurnBar named={named} onNamed={setNamed} onTurn={turn} short={shelf.edited !== null} />
                </div>
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
                                look={answer.stage.lookDocument}
                                onLook={(d: LookDocument) => shelf.edit(d)}
                            />
                        </div>
                        <div className="flex items-center gap-1 px-3 pb-1.5">
                            <Verdict report={answer.report} busy={!current} />
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
                    <Side
                        proof={answer}
                        document={document}
                        chosen={chosen}
                        onChoose={setChosen}
                        onFix={fix}
                        onDraw={(d) => useBoard.getState().draw(d)}
                        onLook={(d) => shelf.edit(d)}
                    />
                )}
            </aside>
        </div>
    );
}
