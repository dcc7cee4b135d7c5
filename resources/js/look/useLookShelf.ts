import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { LookDocument, SavedLook } from '../api/types';
import { useLook } from './lookStore';

/** The looks of one opponent, which of them is on the field, and the look as changed by hand. */
export function useLookShelf() {
    const client = useQueryClient();
    const all = useQuery({ queryKey: ['looks'], queryFn: () => api.get<{ looks: SavedLook[] }>('looks') });
    const [chosen, setOpponent] = useState('');
    const [at, setAt] = useState(0);
    const { edited, edit } = useLook();

    const opponents = useMemo(() => [...new Set((all.data?.looks ?? []).map((l) => l.opponent))], [all.data]);
    const opponent = opponents.includes(chosen) ? chosen : (opponents[0] ?? '');
    const looks = useMemo(() => (all.data?.looks ?? []).filter((l) => l.opponent === opponent), [all.data, opponent]);
    const words = useMemo(() => looks.map((l) => l.words), [looks]);
    const current: SavedLook | undefined = looks[Math.min(at, looks.length - 1)];

    const pick = (index: number) => (edit(null), setAt((index + looks.length) % Math.max(1, looks.length)));
    const save = async (document: LookDocument, name: string) => {
        try {
            const done = await api.post<SavedLook>('looks', { name, opponent, document });
            await client.invalidateQueries({ queryKey: ['looks'] });
            edit(null);
            toast(`Saved on the shelf of ${opponent || 'nobody yet'}: ${done.words}`);
        } catch (e) {
            toast.error(e instanceof Problem ? e.message : 'Not saved.');
        }
    };
    /** Puts a look said in words on the field, from the shelf when it stands there. */
    const say = async (said: string) => {
        const index = looks.findIndex((l) => l.words === said);
        if (index >= 0) return pick(index);
        try {
            edit((await api.post<{ document: LookDocument }>('look-words', { words: said })).document);
        } catch (e) {
            toast.error(e instanceof Problem ? e.message : 'The look was not read.');
        }
    };
    return { say, looks, words, at, current, pick, edited, edit, save, opponents, opponent, setOpponent };
}
