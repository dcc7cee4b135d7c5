import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { useLooks } from '../api/useLooks';
import { api } from '../api/client';
import type { LookDocument, SavedLook } from '../api/types';
import { useLook } from '../model/lookStore';
import { useWrite } from '../api/useWrite';
import { refused } from '../api/problems';

/** The looks of one opponent, which of them is on the field, and the look as changed by hand. */
export function useLookShelf() {
    const all = useLooks().looks;
    const [chosen, setOpponent] = useState('');
    const [at, setAt] = useState(0);
    const { edited, edit } = useLook();

    const opponents = useMemo(() => [...new Set((all ?? []).map((l) => l.opponent))], [all]);
    const opponent = opponents.includes(chosen) ? chosen : (opponents[0] ?? '');
    const looks = useMemo(() => (all ?? []).filter((l) => l.opponent === opponent), [all, opponent]);
    const words = useMemo(() => looks.map((l) => l.words), [looks]);
    const current: SavedLook | undefined = looks[Math.min(at, looks.length - 1)];

    const pick = (index: number) => (edit(null), setAt((index + looks.length) % Math.max(1, looks.length)));
    const keep = useWrite({
        send: (look: { name: string; opponent: string; document: LookDocument }) => api.post<SavedLook>('looks', look),
        otherwise: 'Not saved.',
        done: (look) => {
            edit(null);
            toast(`Saved on the shelf of ${opponent || 'nobody yet'}: ${look.words}`);
        },
        asksAgain: [['looks']],
    });
    const save = (document: LookDocument, name: string) => keep.write({ name, opponent, document });
    /** Puts a look said in words on the field, from the shelf when it stands there. */
    const say = async (said: string) => {
        const index = looks.findIndex((l) => l.words === said);
        if (index >= 0) return pick(index);
        try {
            edit((await api.post<{ document: LookDocument }>('look-words', { words: said })).document);
        } catch (e) {
            refused(e, 'The look was not read.', () => say(said));
        }
    };
    return { say, looks, words, at, current, pick, edited, edit, save, opponents, opponent, setOpponent };
}
