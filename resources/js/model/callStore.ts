import { temporal } from 'zundo';
import { create } from 'zustand';
import type { Assignment, CallDocument, SavedCall } from '../api/types';

/** A saved call, or one that was only said so far. */
type Opened = Pick<SavedCall, 'name' | 'document'> & { id: string | null; version?: number };

type Board = {
    id: string | null;
    name: string;
    version: number;
    saved: CallDocument | null;
    savedName: string;
    document: CallDocument | null;
    /** The words of a call said over a saved one; null while the saved one is only edited. */
    saidOver: string | null;
    open: (call: Opened) => void;
    draw: (document: CallDocument) => void;
    say: (document: CallDocument, words: string) => void;
    rename: (name: string) => void;
    fresh: (document: CallDocument, name: string) => void;
};

/** The call on the board. Only the document can be undone. */
export const useBoard = create<Board>()(
    temporal(
        (set) => ({
            id: null,
            name: '',
            version: 0,
            saved: null,
            savedName: '',
            document: null,
            saidOver: null,
            open: (call) =>
                set({
                    id: call.id,
                    name: call.name,
                    savedName: call.name,
                    version: call.version ?? 0,
                    saved: call.id === null ? null : call.document,
                    document: call.document,
                    saidOver: null,
                }),
            draw: (document) => set({ document }),
            say: (document, words) => set((s) => ({ document, saidOver: s.id === null ? null : words })),
            rename: (name) => set({ name }),
            fresh: (document, name) =>
                set({ id: null, name, savedName: '', version: 0, saved: null, document, saidOver: null }),
        }),
        {
            partialize: (s) => ({ document: s.document, saidOver: s.saidOver }),
            equality: (a, b) => a.document === b.document,
            limit: 200,
        },
    ),
);

/** Opens a saved call and forgets what could be undone in the one before. */
export function openCall(call: Opened): void {
    useBoard.getState().open(call);
    useBoard.temporal.getState().clear();
}

/** The document before a drag; a whole drag is one step to undo. */
let before: CallDocument | null = null;

export function startDrag(): void {
    before = useBoard.getState().document;
    useBoard.temporal.getState().pause();
}

export function endDrag(): void {
    const after = useBoard.getState().document;
    if (before && after && before !== after) {
        useBoard.getState().draw(before);
        useBoard.temporal.getState().resume();
        useBoard.getState().draw(after);
    } else {
        useBoard.temporal.getState().resume();
    }
    before = null;
}

export type Receivers = { left: string[]; right: string[] };

/**
 * The document with one man's assignment changed. A change that names a route replaces the one he had. With receivers given
 * the man of the same number across the ball gets the same, mirrored.
 */
export function withAssignment(
    document: CallDocument,
    man: string,
    change: Partial<Assignment>,
    receivers?: Receivers,
): CallDocument {
    const apply = (who: string, what: Partial<Assignment>) => (a: Assignment) =>
        a.man !== who ? a : what.route ? ({ man: a.man, ...what, job: 'route' } as Assignment) : { ...a, ...what };
    const across = receivers && acrossFrom(man, receivers);
    const assignments = document.assignments.map(apply(man, change));
    const side = change.side === 'left' ? 'right' : change.side === 'right' ? 'left' : undefined;
    const others = (document.reads as string[]).filter((r) => r !== man);
    const unread = change.route && others.length === document.reads.length;
    const reads = change.flag ? others : unread ? [...document.reads, man] : document.reads;
    return {
        ...document,
        reads: reads as CallDocument['reads'],
        assignments: across ? assignments.map(apply(across, side ? { ...change, side } : change)) : assignments,
    };
}

/** The man of the same number on the other side. */
export function acrossFrom(man: string, receivers: Receivers): string | undefined {
    const at = (side: string[]) => side.indexOf(man);
    return at(receivers.left) >= 0 ? receivers.right[at(receivers.left)] : receivers.left[at(receivers.right)];
}

/** The document with a man on another spot, yards. */
export function withSpot(document: CallDocument, man: Assignment['man'], xYd: number, yYd: number): CallDocument {
    const others = (document.spots ?? []).filter((s) => s.man !== man);
    return { ...document, spots: [...others, { man, xYd, yYd }] };
}
