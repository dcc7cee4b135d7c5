import { useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api } from '../../api/client';
import type { Angle, Charting, Clip, FilmDocument, Overlay, Snap } from '../../api/types';
import { yardLine } from '../../ui/words';
import type { Aim } from './Calibrate';
import { nextToPlot, useFilm, withMark, withPlot, withPoint } from '../../model/filmStore';
import type { Mode } from '../picture/Picture';
import type { Player } from '../usePlayer';
import { refused } from '../../api/problems';
import { askWord } from '../../ui/window/asking';

type About = {
    snap: Snap | null;
    document: FilmDocument | null;
    clip: Clip | null;
    angle: Angle;
    aim: Aim;
    setAim: (a: Aim) => void;
    overlay: Overlay | null;
    mode: Mode;
    t: number;
    charting: Charting;
    who: string;
    /** Everybody there is to plot, in order, and choosing one of them. */
    men: string[];
    onWho: (man: string) => void;
    player: Player;
};

/** A picture is that of the snap when it is this near, seconds. */
const AT_SNAP_S = 0.1;

const FREE_MARK = { title: 'A mark of your own', label: 'What is marked here?', most: 60, yes: 'Mark it' };

/** Marks and clicks on the picture, and putting the second angle on the clock of the first. */
export function useMarking(a: About) {
    const client = useQueryClient();
    const work = useFilm.getState().work;
    const mark = async (kind: string) => {
        const rule = a.charting.marks.find((m) => m.kind === kind);
        if (!rule) return;
        const thrown = kind === 'ball out' || kind === 'catch';
        const man = rule.perMan || thrown ? (thrown && a.who === 'Q' ? undefined : a.who) : undefined;
        const label = kind === 'free' ? await askWord(FREE_MARK) : undefined;
        if (label === null) return;
        work((d) => withMark(d, rule, a.t, man, label));
        toast(`${label ?? kind}${man ? ` ${man}` : ''} at ${a.t.toFixed(2)} s`);
    };
    const click = (at: [number, number], missPx: number) => {
        if (a.mode === 'plot') {
            work((d) => withPlot(d, a.who, a.t, at, a.angle, { missPx }));
            afterPlot();
        } else if (a.mode === 'calibrate' && a.overlay) {
            const { aim, overlay } = a;
            work((d) =>
                withPoint(
                    d,
                    a.t,
                    {
                        xPx: Math.round(at[0] * 10) / 10,
                        yPx: Math.round(at[1] * 10) / 10,
                        fieldXYd: Math.round(overlay.marks[aim.across] * 1000) / 1000,
                        fieldYYd: aim.yard,
                        clickPx: missPx,
                        mark: `${aim.across} on ${yardLine(aim.yard)}`,
                    },
                    a.angle,
                ),
            );
            a.setAim(nextAim(aim));
        }
    };
    /** On the picture of the snap everybody is plotted once: the next man is chosen. Later one man is followed. */
    const afterPlot = () => {
        const now = useFilm.getState().document;
        const snapAt = now?.marks?.find((m) => m.kind === 'snap')?.atS;
        if (!now || snapAt === undefined || Math.abs(a.t - snapAt) > AT_SNAP_S) return;
        a.onWho(nextToPlot(now, a.men, a.who, a.t, a.angle));
    };
    /** This picture of the tight angle is the snap: from here on both angles run together. */
    const synchronise = async () => {
        const snapAt = a.document?.marks?.find((m) => m.kind === 'snap')?.atS;
        if (!a.clip || a.angle !== 'tight' || snapAt === undefined) {
            return toast('Mark the snap on the wide angle, then find the same moment on the tight one.');
        }
        const now = a.player.video.current?.currentTime ?? 0;
        try {
            const done = await api.put<Clip>(
                `clips/${a.clip.id}`,
                { sync_s: now - a.clip.from_s - snapAt },
                a.clip.version,
            );
            useFilm.setState((s) => ({
                snap: s.snap && { ...s.snap, clips: s.snap.clips.map((c) => (c.id === done.id ? done : c)) },
            }));
            void client.invalidateQueries({ queryKey: ['snap'] });
            // The picture stays, and its clock is that of the snap from now on.
            a.player.setT(snapAt);
            toast('The two angles run together now.');
        } catch (e) {
            refused(e, 'Not synchronised.', synchronise);
        }
    };
    return { mark, click, synchronise };
}

export type Marking = ReturnType<typeof useMarking>;

/** The next mark to click: the other hash, then the next fifteen yards. */
function nextAim(a: Aim): Aim {
    if (a.across === 'left hash') return { ...a, across: 'right hash' };
    return { across: 'left hash', yard: Math.min(95, a.yard + 15) };
}
