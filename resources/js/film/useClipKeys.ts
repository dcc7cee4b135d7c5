import { flushSync } from 'react-dom';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Dispatch, SetStateAction } from 'react';
import type { Angle } from '../api/types';
import { useKeys, useSaid } from '../ui/keys/useKeys';
import { useFilm, withPoints, type Point } from '../model/filmStore';
import { MARK_KEYS } from './mark/MarkBar';
import type { Mode } from './picture/Picture';
import type { Grading } from './grade/useGrading';
import type { Marking } from './mark/useMarking';
import type { Player } from './usePlayer';
import type { useSnapSaving } from './useSnapSaving';

type Keys = {
    walk: (by: number) => void;
    player: Player;
    marking: Marking;
    grading: Grading;
    mode: Mode;
    setMode: Dispatch<SetStateAction<Mode>>;
    setPlan: Dispatch<SetStateAction<boolean>>;
    setRun: Dispatch<SetStateAction<boolean>>;
    setTab: (tab: 'grade' | 'review' | 'chart' | 'open') => void;
    flip: () => void;
    onStep: (by: number) => void;
    points: Point[];
    angle: Angle;
    saving: ReturnType<typeof useSnapSaving>;
    /** Whether there is a picture to draw on. */
    filmed: boolean;
};

/** Every key of the film room. */
export function useClipKeys(k: Keys) {
    const { player, marking, grading } = k;
    const toggle = (mode: Mode) => k.setMode((m) => (m === mode ? 'watch' : mode));
    const all = [player.t, grading.man, grading.faults, grading.flags, k.mode, k.points, k.angle];
    useKeys('space', 'plays or holds the film', player.play, [player.shift, player.rate, player.durationS]);
    useKeys('comma', 'one picture back', () => player.step(-1), [player.t, player.fps, player.seek]);
    useKeys('period', 'one picture on', () => player.step(1), [player.t, player.fps, player.seek]);
    useKeys(
        Object.values(MARK_KEYS).join(',').toLowerCase(),
        `marks ${Object.keys(MARK_KEYS).join(', ')}`,
        (e) => {
            const kind = Object.entries(MARK_KEYS).find(([, key]) => key.toLowerCase() === e.key.toLowerCase())?.[0];
            if (kind) marking.mark(kind);
        },
        [marking],
    );
    useKeys('k', 'calibrates', () => toggle('calibrate'));
    useKeys('p', 'plots men', () => toggle('plot'));
    useKeys('d', 'draws on the picture', () => k.filmed && (player.seek(player.t), toggle('draw')), [
        player.t,
        player.seek,
        k.filmed,
    ]);
    useKeys('v', 'the other angle at the same moment', k.flip);
    useKeys('l', 'the plan over the film', () => k.setPlan((on) => !on));
    useKeys('f', 'the proof run over the film', () => k.setRun((on) => !on));
    useKeys('w', 'walks the reads on', () => k.walk(1), [k.walk]);
    useKeys('shift+w', 'walks the reads back', () => k.walk(-1), [k.walk]);
    useKeys('y', 'sets both angles to one moment', () => void marking.synchronise(), [marking]);
    useKeys('escape', 'back to watching', () => (k.setMode('watch'), player.setRange(0, 0, 1)), all);
    useKeys(
        'backspace',
        'takes the last point back',
        () =>
            k.mode === 'calibrate' &&
            useFilm.getState().work((d) => withPoints(d, player.t, k.points.slice(0, -1), k.angle)),
        all,
    );
    useKeys('n, pagedown', 'the next snap', () => k.onStep(1), [k.onStep]);
    useKeys('shift+n, pageup', 'the snap before', () => k.onStep(-1), [k.onStep]);
    useKeys('mod+z', 'undo', () => useFilm.temporal.getState().undo());
    useKeys('mod+shift+z, mod+y', 'redo', () => useFilm.temporal.getState().redo());
    useSaid('mod+s', 'saves the snap');
    useHotkeys('mod+s', () => void k.saving.save(), { preventDefault: true, enableOnFormTags: true });
    useKeys('slash', 'to the charting line', () => {
        // At once: the next key already belongs to the line.
        flushSync(() => k.setTab('chart'));
        document.getElementById('entry')?.focus();
    });
    useKeys('j, down', 'the next man', () => grading.next(1), [grading]);
    useKeys('u, up', 'the man before', () => grading.next(-1), [grading]);
    useKeys('enter', 'keeps what is proposed for him', () => k.mode === 'watch' && grading.accept(), [grading, k.mode]);
    useKeys('shift+enter', 'keeps every proposal of the snap', () => void k.saving.confirm(), [k.saving]);
    useKeys('a', 'all others did their job', () => k.mode === 'watch' && void k.saving.confirm(true), [
        k.saving,
        k.mode,
    ]);
    useKeys('equal, shift+equal, add', 'a plus, and the next man', () => grading.giveOn(1), [grading]);
    useKeys('0', 'even, and the next man', () => grading.giveOn(0), [grading]);
    useKeys('minus, subtract', 'a minus, and the next man', () => grading.giveOn(-1), [grading]);
    useKeys('1,2,3,4,5,6,7,8,9', 'a fault of his group', (e) => grading.key(Number(e.key)), [grading]);
    useKeys('e', 'a mental error', () => grading.flag('bust'), [grading]);
    useKeys('i', 'a play that helped', () => grading.flag('impact'), [grading]);
    useKeys('r', 'a remark', () => grading.setSaying('remark'), [grading]);
    useKeys('h', 'what is seen by eye', () => grading.setSaying('by eye'), [grading]);
}
