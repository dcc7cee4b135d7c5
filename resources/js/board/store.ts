import { temporal } from 'zundo';
import { create } from 'zustand';
import type { Assignment, CallDocument, SavedCall } from '../api/types';

type Board = {
    id: string | null;
    name: string;
    version: number;
    saved: CallDocument | null;
    document: CallDocument | null;
    open: (call: SavedCall) => void;
    draw: (document: CallDocument) => void;
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
            document: null,
            open: (call) =>
                set({
                    id: call.id,
                    name: call.name,
                    version: call.version,
                    saved: call.document,
                    document: call.document,
                }),
            draw: (document) => set({ document }),
            rename: (name) => set({ name }),
            fresh: (document, name) => set({ id: null, name, version: 0, saved: null, document }),
        }),
        { partialize: (s) => ({ document: s.document }), equality: (a, b) => a.document === b.document, limit: 200 },
    ),
);

/** Opens a saved call and forgets what could be undone in the one before. */
export function openCall(call: SavedCall): void {
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

/** The document with one man's assignment changed. */
export function withAssignment(document: CallDocument, man: string, change: Partial<Assignment>): CallDocument {
    return { ...document, assignments: document.assignments.map((a) => (a.man === man ? { ...a, ...change } : a)) };
}

/** The document with a man on another spot, yards. */
export function withSpot(document: CallDocument, man: Assignment['man'], xYd: number, yYd: number): CallDocument {
    const others = (document.spots ?? []).filter((s) => s.man !== man);
    return { ...document, spots: [...others, { man, xYd, yYd }] };
}
