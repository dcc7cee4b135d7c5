import type { DependencyList, RefObject } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { useLookShelf } from '../look/useLookShelf';
import { useKeys } from '../ui/useKeys';
import { useBoard } from './store';
import type { Run } from './useRun';

type Line = RefObject<HTMLInputElement | null>;

type Keys = {
    shelf: ReturnType<typeof useLookShelf>;
    run: Run;
    turn: (to: 'field' | 'boundary' | null) => void;
    save: () => void;
    fix: () => void;
    toggleNamed: () => void;
    toggleDrawing: () => void;
    toggleBoth: () => void;
    rest: () => void;
    /** Who is left and the tag that has him, readable at arm's length. */
    sideline: () => void;
    lines: { call: Line; look: Line; route: Line };
    /** What the keys act on. */
    watch: DependencyList;
};

/** Every key of the board. */
export function useBoardKeys({ shelf, run, turn, lines, watch, ...does }: Keys) {
    const { undo, redo } = useBoard.temporal.getState();
    const go = (line: Line) => (e: KeyboardEvent) => (
        e.preventDefault(),
        line.current?.focus(),
        line.current?.select()
    );
    const deps = [...watch, run.clock.t, run.clock.running, run.until, run.walk.length];
    useKeys('bracketleft', () => shelf.pick(shelf.at - 1), [shelf.at, shelf.looks.length]);
    useKeys('bracketright', () => shelf.pick(shelf.at + 1), [shelf.at, shelf.looks.length]);
    useKeys('f', does.fix, deps);
    useKeys('m', () => turn(null), deps);
    useKeys('shift+f', () => turn('field'), deps);
    useKeys('shift+b', () => turn('boundary'), deps);
    useKeys('n', does.toggleNamed);
    useKeys('d', does.toggleDrawing);
    useKeys('b', does.toggleBoth);
    useKeys('w', run.step, deps);
    useKeys('l', go(lines.look));
    useKeys('r', go(lines.route));
    useKeys('slash', go(lines.call));
    useKeys('space', (e) => (e.preventDefault(), run.play()), deps);
    useKeys('1', () => run.takeProng(0), deps);
    useKeys('2', () => run.takeProng(1), deps);
    useKeys('3', () => run.takeProng(0, 1), deps);
    useKeys('4', () => run.takeProng(1, 1), deps);
    useKeys('u', does.sideline, deps);
    useKeys('escape', does.rest);
    useKeys('mod+z', () => undo());
    useKeys('mod+shift+z, mod+y', () => redo());
    useHotkeys('mod+s', does.save, { preventDefault: true, enableOnFormTags: true }, deps);
    useKeys('comma', () => run.scrub(run.clock.t - 0.05), deps);
    useKeys('period', () => run.scrub(run.clock.t + 0.05), deps);
}
