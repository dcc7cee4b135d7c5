import { useNavigate, useSearch } from '@tanstack/react-router';
import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { useCalls } from '../api/useCalls';
import { api } from '../api/client';
import type { CallDocument, Fix, LookDocument, NamedRoute, SavedCall } from '../api/types';
import { Field } from '../drawing/Field';
import { LookLine } from '../look/LookLine';
import { Shelf } from '../look/Shelf';
import { useLookShelf } from '../look/useLookShelf';
import { CallLine } from '../set/CallLine';
import { SavedSets } from '../set/SavedSets';
import { TurnBar } from '../set/TurnBar';
import { Side } from '../side/Side';
import { Button } from '../ui/Button';
import { Controls } from './Controls';
import { Decided } from './Decided';
import { SavedCalls } from './SavedCalls';
import { SaveOver } from './SaveOver';
import { SeriesRail } from '../series/SeriesRail';
import { Sideline } from '../run/Sideline';
import { SituationBar } from '../set/SituationBar';
import { useBoard, withAssignment } from '../model/callStore';
import { Tempo } from '../drawing/tempo/Tempo';
import { useBoardKeys } from './useBoardKeys';
import { useProof, useResting, useShelf, type AnyLook, type Press, type Situation } from '../api/useProof';
import { useRun } from '../drawing/useRun';
import { useSaving } from './useSaving';
import { useWanted } from './useWanted';
import { refused } from '../api/problems';

const MIDDLE: Situation = { hash: 'middle', down: 1, toGoYd: 10, ballOnYd: 40, rules: 'nfhs' };

export function Board() {
    const { call: wanted, look: wantedLook } = useSearch({ from: '/board' });
    const navigate = useNavigate();
    const { calls } = useCalls();
    const shelf = useLookShelf();
    const { id, name, version, saved, document } = useBoard();
    const [named, setNamed] = useState(false);
    const [situation, setSituation] = useState<Situation>(MIDDLE);
    const [chosen, setChosen] = useState<string | null>(null);
    const [drawing, setDrawing] = useState(false);
    const [both, setBoth] = useState(false);
    const [sideline, setSideline] = useState(false);
    const [press, setPress] = useState<Press>({});
    const line = useRef<HTMLInputElement>(null);
    const lookLine = useRef<HTMLInputElement>(null);
    const routeLine = useRef<HTMLInputElement>(null);

    const look: AnyLook = shelf.edited ?? shelf.current?.words ?? '';
    const { answer, problem, current } = useProof(document, look, situation, named, press);
    const cells = useShelf(document, shelf.words, situation, named);
    const resting = useResting(document, look, situation, named);
    const run = useRun(document, look, situation, named, answer, press, setPress);
    const { save, asking } = useSaving();

    useWanted(wanted, calls ?? undefined);
    useEffect(() => {
        if (wantedLook) shelf.say(wantedLook);
    }, [wantedLook]); // eslint-disable-line

    const draw = (d: CallDocument) => useBoard.getState().draw(d);
    /** Sends the call with a question and draws the call that comes back. */
    const redraw = async (path: string, body: object) => {
        try {
            draw((await api.post<{ document: CallDocument }>(path, { document, situation, ...body })).document);
        } catch (e) {
            refused(e, 'Nothing was changed.', () => redraw(path, body));
        }
    };
    const turn = (to: 'field' | 'boundary' | null) => void redraw('flips', to === null ? {} : { to });
    const fix = (apply: Fix) => void redraw('fixes', { apply });
    const fixes = answer?.report.findings.filter((f) => f.apply && f.apply.do !== 'number') ?? [];
    const firstFix = (fixes.find((f) => f.severity === 'fault') ?? fixes[0])?.apply;
    /** The path drawn from a man becomes the nearest route of the catalogue. */
    const drawn = async (man: string, points: { xYd: number; yYd: number }[]) => {
        try {
            const { routes } = await api.post<{ routes: NamedRoute[] }>('recognitions/route', {
                document,
                situation,
                man,
                points,
            });
            const now = useBoard.getState().document;
            if (!now || routes.length === 0) return;
            draw(withAssignment(now, man, routes[0].assignment, both ? answer?.report.picture.receivers : undefined));
            setChosen(man);
            toast(`${man} ${routeWords(routes[0])}. Next nearest: ${routes.slice(1).map(routeWords).join(', ')}`);
        } catch (e) {
            refused(e, 'The path was not named.', () => drawn(man, points));
        }
    };

    useBoardKeys({
        shelf,
        run,
        turn,
        save: () => void save(),
        fix: () => firstFix && fix(firstFix),
        toggleNamed: () => setNamed((on) => !on),
        toggleDrawing: () => setDrawing((on) => !on),
        toggleBoth: () => setBoth((on) => !on),
        rest: () => (setDrawing(false), run.rest()),
        sideline: () => answer?.report.run && setSideline(true),
        lines: { call: line, look: lookLine, route: routeLine },
        watch: [document, situation, look, answer, id, version, name, firstFix],
    });

    const changed = document !== saved;
    /** The call that was open is gone: the next one is opened. */
    const thrown = (gone: SavedCall) => {
        const at = (calls ?? []).findIndex((c) => c.id === gone.id);
        const next = calls?.[at + 1] ?? calls?.[at - 1];
        if (next) void navigate({ to: '/board', search: { call: next.id } });
    };
    return (
        <div className="grid h-full grid-cols-[132px_minmax(0,1fr)_316px] grid-rows-[minmax(64px,auto)_minmax(0,1fr)] stacked:flex stacked:h-auto stacked:flex-col print:h-[190mm] print:grid-cols-[minmax(0,1fr)_300px]">
            <header className="col-span-3 flex items-center gap-4 border-b border-edge px-4 py-1 stacked:flex-wrap stacked:gap-2 stacked:px-3 stacked:[&>:first-child]:basis-full print:col-span-2">
                <CallLine ref={line} document={document} situation={situation} onCall={useBoard.getState().say} />
                <SaveOver {...asking} />
                <SituationBar situation={situation} onChange={setSituation} />
                <input
                    aria-label="Name of the call"
                    value={name}
                    onChange={(e) => useBoard.getState().rename(e.target.value)}
                    className="no-print w-32 rounded-md border border-edge bg-paper px-2 py-1 text-sm stacked:flex-1"
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
                calls={calls ?? []}
                current={id}
                onOpen={(c) => void navigate({ to: '/board', search: { call: c.id } })}
                onThrown={thrown}
            >
                {document && <SavedSets document={document} onDraw={draw} />}
                {document && id !== null && <SeriesRail call={id} look={answer?.stage.look ?? ''} />}
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
                <div className="flex items-center gap-2 border-b border-faint px-4 py-1 stacked:flex-wrap stacked:px-3">
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
                        <div className="relative min-h-0 flex-1 px-3 pt-2 stacked:h-[min(68vw,640px)] stacked:flex-none phone:h-[72vw] phone:px-1">
                            {answer.report.decided && <Decided {...answer.report.decided} />}
                            <Field
                                proof={answer}
                                document={document}
                                run={run}
                                chosen={chosen}
                                onChoose={setChosen}
                                look={answer.stage.lookDocument}
                                onLook={(d: LookDocument) => shelf.edit(d)}
                                bands={resting.bands}
                                beats={resting.beats}
                                drawing={drawing}
                                both={both}
                                onDrawn={(man, points) => void drawn(man, points)}
                            />
                        </div>
                        <Controls
                            report={answer.report}
                            current={current}
                            run={run}
                            drawing={drawing}
                            both={both}
                            onDrawing={setDrawing}
                            onBoth={setBoth}
                            onSideline={() => setSideline(true)}
                            calls={calls ?? []}
                            document={document}
                            name={name}
                            situation={situation}
                            look={answer.stage.lookDocument}
                            opponent={shelf.opponent}
                        />
                        <div className="border-t border-edge bg-card">
                            <Tempo
                                outcome={run.choice ?? answer.report.ruleTrue}
                                proof={answer}
                                t={run.clock.t}
                                until={run.until}
                                running={run.clock.running}
                                onScrub={run.scrub}
                            />
                        </div>
                    </>
                ) : (
                    <p className="p-8 text-soft">
                        {calls?.length === 0
                            ? 'Say the first call in the line above, for example gun 2x2: smash right.'
                            : 'Proving…'}
                    </p>
                )}
            </section>
            {sideline && answer && (
                <Sideline report={answer.report} look={answer.stage.look} onClose={() => setSideline(false)} />
            )}
            <aside className="min-h-0 border-l border-edge stacked:border-t stacked:border-l-0">
                {answer && document && (
                    <Side
                        proof={answer}
                        document={document}
                        situation={situation}
                        both={both}
                        routeLine={routeLine}
                        chosen={chosen}
                        onChoose={setChosen}
                        onFix={fix}
                        onDraw={draw}
                        onLook={(d) => shelf.edit(d)}
                        press={press}
                        onReact={run.react}
                        resting={resting}
                        onOpen={(call) => void navigate({ to: '/board', search: { call } })}
                    />
                )}
            </aside>
        </div>
    );
}

const routeWords = (r: NamedRoute) =>
    `${r.assignment.route}${r.assignment.depthYd === undefined ? '' : ` ${r.assignment.depthYd}`}${r.assignment.side ? ` ${r.assignment.side}` : ''}`;
