import { useEffect, useRef, useState } from 'react';
import type { Angle, Charting, FilmDocument, ReelPage, Snap } from '../api/types';
import { api } from '../api/client';
import { Calibrate, type Aim } from './mark/Calibrate';
import { ChartPanel } from './chart/ChartPanel';
import { DeskTabs, type Tab } from './DeskTabs';
import { DrawBar } from './draw/DrawBar';
import { DrawLayer } from './draw/DrawLayer';
import { useDrawing } from './draw/useDrawing';
import { FilmTempo } from './mark/FilmTempo';
import { GradeDesk } from './grade/GradeDesk';
import { useChartLine } from '../model/chartLine';
import { calibrationAt, useFilm, withChart, withPoints, type Point } from '../model/filmStore';
import { Marks } from './mark/Marks';
import { Picture, type Mode } from './picture/Picture';
import { Modes } from './picture/Modes';
import { PlanRun } from './picture/PlanRun';
import { ReviewOrder } from './grade/ReviewOrder';
import { Questions } from './chart/Questions';
import { Transport } from './Transport';
import { useClipKeys } from './useClipKeys';
import { useFollowing } from './follow/useFollowing';
import { useGrading } from './grade/useGrading';
import { useMarking } from './mark/useMarking';
import { useReview } from './grade/useReview';
import { useMeasured, useOverlay, useViews, viewAt } from './useFilmWork';
import { usePlayer } from './usePlayer';
import { useSnapSaving } from './useSnapSaving';

type Props = {
    reel: ReelPage;
    snap: Snap | null;
    charting: Charting;
    onOpen: (snap: { id: string; reel_id: string }) => void;
    onStep: (by: number) => void;
};

const NONE: Point[] = [];

/** The picture with what is done on it, and beside it the grading, the charting or the open questions. */
export function ClipDesk({ reel, snap, charting, onOpen, onStep }: Props) {
    const { document } = useFilm();
    const work = useFilm.getState().work;
    const saving = useSnapSaving();
    const [angle, setAngle] = useState<Angle>('wide');
    const [tab, setTab] = useState<Tab>(
        snap && snap.clips.length > 0 && !useChartLine.getState().goesOn ? 'grade' : 'chart',
    );
    const [mode, setMode] = useState<Mode>('watch');
    const [plan, setPlan] = useState(true);
    const [run, setRun] = useState(false);
    const [aim, setAim] = useState<Aim>({ across: 'left hash', yard: 35 });
    const clip = snap?.clips.find((c) => c.angle === angle && c.status === 'ready') ?? null;
    const player = usePlayer(clip, angle);
    const { t } = player;
    const points = document ? (calibrationAt(document, t, angle)?.points ?? NONE) : NONE;
    const { measured, problem } = useMeasured(snap ? document : null);
    const { overlay, problem: badPoints } = useOverlay(mode === 'calibrate' ? points : NONE, document, player.size);
    const views = useViews(snap && clip ? document : null, angle, player.durationS, player.size);
    const drawing = useDrawing(snap ? document : null, angle, player);
    const grading = useGrading(snap, measured, saving);
    const following = useFollowing(clip ? `/api/v1/clips/${clip.id}/video` : '', angle, player.shift, player.durationS);
    const men = (measured?.proposals ?? []).map((p) => p.man);
    const marking = useMarking({
        snap,
        document,
        clip,
        angle,
        aim,
        setAim,
        overlay,
        mode,
        t,
        charting,
        who: grading.man,
        men: [...men, ...(measured?.defenders ?? [])],
        onWho: grading.setMan,
        player,
    });
    const flip = () => setAngle((a) => (a === 'wide' ? 'tight' : 'wide'));
    const home = useRef(true);
    useEffect(() => {
        // The desk opens on the snap itself.
        const at = document?.marks?.find((m) => m.kind === 'snap')?.atS;
        if (home.current && at !== undefined && clip) player.seek(at);
        home.current = false;
    }, [clip?.id]); // eslint-disable-line
    const review = useReview({
        steps: measured?.review ?? [],
        angles: (snap?.clips ?? []).filter((c) => c.status === 'ready').map((c) => c.angle),
        clip: clip?.id ?? null,
        player,
        setAngle,
        onStep: () => (setTab('review'), setMode('watch')),
    });
    useClipKeys({
        walk: review.walk,
        player,
        marking,
        grading,
        mode,
        setMode,
        setPlan,
        setRun,
        setTab,
        flip,
        onStep,
        points,
        angle,
        saving,
        filmed: clip !== null,
    });

    const fix = async (id: string, field: string, value: number) => {
        const change = (d: FilmDocument) =>
            field === 'gainYd' ? withChart(d, { gainYd: value }) : withChart(d, {}, { [field]: value });
        if (id === snap?.id) return work(change);
        const other = await api.get<Snap>(`snaps/${id}`);
        await api.put(`snaps/${id}`, { document: change(other.document) }, other.version);
        onOpen(other);
    };
    const remove = async (one: Snap) => {
        const others = reel.snaps.filter((s) => s.id !== one.id);
        if ((await saving.remove(one)) === null) return;
        const next = others.find((s) => s.place > one.place) ?? others.at(-1);
        if (next) onOpen(next);
    };
    const entry = async (made: FilmDocument) => {
        if (snap && document && !document.chart?.result) {
            work((d) => ({
                ...d,
                call: made.call,
                look: made.look,
                situation: { ...d.situation, ...made.situation },
                chart: { ...d.chart, ...made.chart },
                seen: [...(d.seen ?? []).filter((s) => s.what !== 'choice'), ...(made.seen ?? [])],
            }));
            const kept = (await saving.save(true)) !== null;
            if (kept) onStep(1);
            return kept;
        }
        const added = await saving.add(reel.id, made);
        if (added) onOpen(added);
        return added !== null;
    };
    return (
        <>
            <section className="flex min-h-0 min-w-0 flex-col">
                {snap && document ? (
                    <>
                        <div className="min-h-0 flex-1 p-2 pb-1.5 stacked:h-[58vw] stacked:flex-none">
                            <Picture
                                src={clip ? `/api/v1/clips/${clip.id}/video` : null}
                                video={player.video}
                                document={document}
                                angle={angle}
                                size={player.size}
                                shift={player.shift}
                                view={viewAt(views, t)}
                                clicked={mode === 'calibrate' ? overlay?.lines : undefined}
                                mode={mode}
                                plan={plan && mode !== 'calibrate'}
                                man={grading.man}
                                drawn={drawing.drawn}
                                t={t}
                                loop={player.loop}
                                endS={player.durationS}
                                onTime={player.setT}
                                onClick={marking.click}
                            >
                                {clip && mode === 'draw' && <DrawLayer size={player.size} desk={drawing} />}
                                {clip && (
                                    <Modes
                                        mode={mode}
                                        setMode={setMode}
                                        plan={plan}
                                        setPlan={setPlan}
                                        following={following}
                                        player={player}
                                        man={grading.man}
                                        document={document}
                                    />
                                )}
                                {run && measured && <PlanRun document={document} measured={measured} t={t} />}
                                {snap.clips.length > 1 && (
                                    <button
                                        type="button"
                                        onClick={flip}
                                        title="The other angle at the same moment (V)"
                                        className="absolute top-2.5 right-2.5 rounded-full bg-black/75 px-3 py-1 text-xs text-white"
                                    >
                                        <b>{angle}</b> | {angle === 'wide' ? 'tight' : 'wide'} V
                                    </button>
                                )}
                            </Picture>
                        </div>
                        {problem && !badPoints && (
                            <p
                                role="alert"
                                className="mx-2 mb-1 rounded-md border border-ball bg-ball-wash px-3 py-1 text-sm"
                            >
                                {problem}
                            </p>
                        )}
                        <Transport
                            player={player}
                            marking={marking}
                            grading={grading}
                            charting={charting}
                            measured={measured}
                        />
                        {mode === 'draw' && <DrawBar desk={drawing} onSeek={player.seek} />}
                        {mode === 'calibrate' && (
                            <Calibrate
                                overlay={overlay}
                                problem={badPoints}
                                points={points}
                                aim={aim}
                                onAim={setAim}
                                onPoints={(next) => work((d) => withPoints(d, t, next, angle))}
                            />
                        )}
                        {mode !== 'calibrate' && mode !== 'draw' && (
                            <>
                                <FilmTempo
                                    document={document}
                                    measured={measured}
                                    t={t}
                                    duration={player.durationS}
                                    onSeek={player.seek}
                                />
                                <Marks
                                    fps={player.fps}
                                    loop={player.loop}
                                    onSeek={player.seek}
                                    onLoop={player.setRange}
                                />
                            </>
                        )}
                    </>
                ) : (
                    <p className="p-8 text-soft">
                        {reel.snaps.length === 0
                            ? 'No snap yet. Chart the first one at the right, or add film at the top.'
                            : 'Opening the snap…'}
                    </p>
                )}
            </section>
            <aside className="flex min-h-0 flex-col border-l border-edge stacked:border-t stacked:border-l-0">
                <DeskTabs tab={tab} onTab={setTab} open={snap?.questions.length ?? 0} />
                {tab === 'grade' && !measured && (
                    <p className="p-4 text-sm text-soft">{snap ? 'Measuring…' : 'No snap is open.'}</p>
                )}
                {tab === 'grade' && measured && snap && document && (
                    <GradeDesk
                        measured={measured}
                        snap={snap}
                        document={document}
                        charting={charting}
                        grading={grading}
                        saving={saving}
                        running={run}
                        onRun={() => setRun(!run)}
                    />
                )}
                {tab === 'review' && <ReviewOrder {...review} after={snap?.after ?? null} />}
                {tab === 'chart' && (
                    <ChartPanel
                        reel={reel}
                        snap={snap}
                        document={document}
                        charting={charting}
                        onEntry={entry}
                        onFix={(id, f, v) => void fix(id, f, v)}
                        onRemove={(one) => void remove(one)}
                    />
                )}
                {tab === 'open' && (
                    <Questions
                        reelId={reel.id}
                        men={[...men, ...(measured?.defenders ?? [])]}
                        onOpen={(id) => onOpen({ id, reel_id: reel.id })}
                    />
                )}
            </aside>
        </>
    );
}
