import { flushSync } from 'react-dom';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Dispatch, SetStateAction } from 'react';
import type { Angle } from '../api/types';
import { useKeys } from '../ui/useKeys';
import { useFilm, withPoints, type Point } from './filmStore';
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
};

/** Every key of the film room. */
export function useClipKeys(k: Keys) {
    const { player, marking, grading } = k;
    const toggle = (mode: Mode) => k.setMode((m) => (m === mode ? 'watch' : mode));
    const all = [player.t, grading.man, grading.faults, grading.flags, k.mode, k.points, k.angle];
    useKeys('space', player.play, [player.shift, player.rate, player.durationS]);
    useKeys('comma', () => player.step(-1), [player.t, player.fps, player.seek]);
    useKeys('period', () => player.step(1), [player.t, player.fps, player.seek]);
    useKeys(
        Object.values(MARK_KEYS).join(',').toLowerCase(),
        (e) => {
            const kind = Object.entries(MARK_KEYS).find(([, key]) => key.toLowerCase() === e.key.toLowerCase())?.[0];
            if (kind) marking.mark(kind);
        },
        [marking],
    );
    useKeys('k', () => toggle('calibrate'));
    useKeys('p', () => toggle('plot'));
    useKeys('v', k.flip);
    useKeys('l', () => k.setPlan((on) => !on));
    useKeys('f', () => k.setRun((on) => !on));
    useKeys('w', () => k.walk(1), [k.walk]);
    useKeys('shift+w', () => k.walk(-1), [k.walk]);
    useKeys('y', () => void marking.synchronise(), [marking]);
    useKeys('escape', () => (k.setMode('watch'), player.setRange(0, 0, 1)), all);
    useKeys(
        'backspace',
        () =>
            k.mode === 'calibrate' &&
            useFilm.getState().work((d) => withPoints(d, player.t, k.points.slice(0, -1), k.angle)),
        all,
    );
    useKeys('n, pagedown', () => k.onStep(1), [k.onStep]);
    useKeys('shift+n, pageup', () => k.onStep(-1), [k.onStep]);
    useKeys('mod+z', () => useFilm.temporal.getState().undo());
    useKeys('mod+shift+z, mod+y', () => useFilm.temporal.getState().redo());
    useHotkeys('mod+s', () => void k.saving.save(), { preventDefault: true, enableOnFormTags: true });
    useKeys('slash', () => {
        // At once: the next key already belongs to the line.
        flushSync(() => k.setTab('chart'));
        document.getElementById('entry')?.focus();
    });
    useKeys('j, down', () => grading.next(1), [grading]);
    useKeys('u, up', () => grading.next(-1), [grading]);
    useKeys('enter', () => k.mode === 'watch' && grading.accept(), [grading, k.mode]);
    useKeys('shift+enter', () => void k.saving.confirm(), [k.saving]);
    useKeys('equal, shift+equal, add', () => grading.give(grading.man, 1), [grading]);
    useKeys('0', () => grading.give(grading.man, 0), [grading]);
    useKeys('minus, subtract', () => grading.give(grading.man, -1), [grading]);
    useKeys('1,2,3,4,5,6,7,8,9', (e) => grading.key(Number(e.key)), [grading]);
    useKeys('e', () => grading.flag('bust'), [grading]);
    useKeys('i', () => grading.flag('impact'), [grading]);
    useKeys('r', () => grading.setSaying('remark'), [grading]);
    useKeys('h', () => grading.setSaying('by eye'), [grading]);
}
