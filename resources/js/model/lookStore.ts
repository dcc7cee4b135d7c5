import { create } from 'zustand';
import type { DefenderChange, LookDocument } from '../api/types';

type LookBoard = {
    /** The look as changed by hand; null shows the one on the shelf. */
    edited: LookDocument | null;
    edit: (look: LookDocument | null) => void;
};

/** The look on the board, when it is no longer the one on the shelf. */
export const useLook = create<LookBoard>()((set) => ({ edited: null, edit: (edited) => set({ edited }) }));

/** The look with one man's change added to what is changed of him already. */
export function changing(look: LookDocument, defender: string, change: Partial<DefenderChange>): LookDocument {
    const changes = look.changes ?? [];
    const had = changes.find((c) => c.defender === defender);
    const next = { ...had, ...change, defender };
    return { ...look, changes: [...changes.filter((c) => c.defender !== defender), next] };
}

/** The look with everything changed of one man taken back. */
export function restored(look: LookDocument, defender: string): LookDocument {
    return { ...look, changes: (look.changes ?? []).filter((c) => c.defender !== defender) };
}
