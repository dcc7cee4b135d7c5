import type { DependencyList, RefObject } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { useLookShelf } from '../look/useLookShelf';
import { useKeys, useSaid } from '../ui/keys/useKeys';
import { useBoard } from '../model/callStore';
import type { Run } from '../drawing/useRun';

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
    useKeys('bracketleft', 'the look before on the shelf', () => shelf.pick(shelf.at - 1), [
        shelf.at,
        shelf.looks.length,
    ]);
    useKeys('bracketright', 'the next look on the shelf', () => shelf.pick(shelf.at + 1), [
        shelf.at,
        shelf.looks.length,
    ]);
    useKeys('f', 'makes the first fix the rule book offers', does.fix, deps);
    useKeys('m', 'turns the call over', () => turn(null), deps);
    useKeys('shift+f', 'turns the call to the field', () => turn('field'), deps);
    useKeys('shift+b', 'turns the call to the boundary', () => turn('boundary'), deps);
    useKeys('n', 'proves with our own men, or with the level', does.toggleNamed);
    useKeys('d', 'draws a route: drag from a man', does.toggleDrawing);
    useKeys('b', 'both sides: the man across the ball gets it too', does.toggleBoth);
    useKeys('w', 'walks the reads, one by one', run.step, deps);
    useKeys('l', 'to the look line', go(lines.look));
    useKeys('r', 'to the route line of the chosen man', go(lines.route));
    useKeys('slash', 'to the call line', go(lines.call));
    useKeys('space', 'runs or holds the play', (e) => (e.preventDefault(), run.play()), deps);
    useKeys('1', 'the left prong of the fork', () => run.takeProng(0), deps);
    useKeys('2', 'the right prong of the fork', () => run.takeProng(1), deps);
    useKeys('3', 'the left prong of the second key', () => run.takeProng(0, 1), deps);
    useKeys('4', 'the right prong of the second key', () => run.takeProng(1, 1), deps);
    useKeys('u', 'the sideline view', does.sideline, deps);
    useKeys('escape', 'back to the drawing', does.rest);
    useKeys('mod+z', 'undo', () => undo());
    useKeys('mod+shift+z, mod+y', 'redo', () => redo());
    useSaid('mod+s', 'saves the call');
    useHotkeys('mod+s', does.save, { preventDefault: true, enableOnFormTags: true }, deps);
    useKeys('comma', 'a moment back', () => run.scrub(run.clock.t - 0.05), deps);
    useKeys('period', 'a moment on', () => run.scrub(run.clock.t + 0.05), deps);
}
