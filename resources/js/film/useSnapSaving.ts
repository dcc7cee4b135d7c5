import { useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { FilmDocument, Grade, Proposed, Snap } from '../api/types';
import { openSnap, useFilm } from '../model/filmStore';
import { remarkOf } from './grade/useGrading';
import { askYes } from '../ui/window/asking';
import { conflict, isStale, refused } from '../api/problems';

/** Saves the snap that is worked on, and grades of men on it; a stale save shows both ways out and loses nothing. */
export function useSnapSaving() {
    const client = useQueryClient();
    const reel = () => void client.invalidateQueries({ queryKey: ['reel'] });
    const save = async (quiet = false): Promise<Snap | null> => {
        const now = useFilm.getState();
        if (!now.snap || !now.document) return null;
        if (now.document === now.snap.document) return now.snap;
        const sent = now.document;
        try {
            const done = await api.put<Snap>(`snaps/${now.snap.id}`, { document: sent }, now.snap.version);
            // The server adds to the history what was revised.
            if (useFilm.getState().snap?.id === done.id) {
                const document = useFilm.getState().document === sent ? done.document : useFilm.getState().document;
                useFilm.setState({ snap: done, document });
            }
            reel();
            if (!quiet) toast(`Saved, version ${done.version}`);
            return done;
        } catch (e) {
            stale(e, save);
            return null;
        }
    };
    const grade = async (p: Proposed, mark: number, faults: string[], more: Partial<Grade> = {}) => {
        if (!(await save(true))) return;
        const now = useFilm.getState().snap!;
        const before = now.grades.find((g) => g.man === p.man);
        // What was asked and done, the decision and the reason are composed by the server.
        const body = { mark, marks: p.marks, faults, ...more };
        try {
            const done = await api.put<Grade>(`snaps/${now.id}/grades/${p.man}`, body, before?.version ?? 0);
            kept([...now.grades.filter((g) => g.man !== p.man), done]);
            toast(`${p.man} graded ${mark > 0 ? 'plus' : mark < 0 ? 'minus' : 'even'}; it is on his page`, {
                action: { label: 'Undo', onClick: () => void takeBack(now.id, done, before) },
            });
        } catch (e) {
            refused(e, 'Not graded.', () => grade(p, mark, faults, more));
        }
    };
    /** Puts the grade of before in place again, or takes the new one away. */
    const takeBack = async (snapId: string, done: Grade, before: Grade | undefined) => {
        try {
            const others = (useFilm.getState().snap?.grades ?? []).filter((g) => g.man !== done.man);
            if (before) {
                const { mark, marks, bust, impact, faults } = before;
                const body = { mark, marks, bust, impact, faults, ...remarkOf(before) };
                kept([...others, await api.put<Grade>(`snaps/${snapId}/grades/${done.man}`, body, done.version)]);
            } else {
                await api.remove(`snaps/${snapId}/grades/${done.man}`);
                kept(others);
            }
        } catch (e) {
            refused(e, 'Not taken back.', () => takeBack(snapId, done, before));
        }
    };
    /** Takes grades away that were given together. */
    const takeAllBack = async (snapId: string, given: Grade[]) => {
        try {
            for (const one of given) await api.remove(`snaps/${snapId}/grades/${one.man}`);
            const men = given.map((one) => one.man);
            kept((useFilm.getState().snap?.grades ?? []).filter((g) => !men.includes(g.man)));
        } catch (e) {
            refused(e, 'Not taken back.', () => takeAllBack(snapId, given));
        }
    };
    /** Keeps what is proposed; of all others, where they did their job, a plus. */
    const confirm = async (others = false) => {
        if (!(await save(true))) return;
        const now = useFilm.getState().snap!;
        try {
            const done = await api.post<{ grades: Grade[] }>(`snaps/${now.id}/grades`, { others });
            kept([...now.grades, ...done.grades]);
            const many = done.grades.length;
            if (others && many > 0) {
                toast(`${many === 1 ? 'One man' : `${many} men`} graded: all others did their job`, {
                    action: { label: 'Undo', onClick: () => void takeAllBack(now.id, done.grades) },
                });
            } else if (others) toast('Everybody is graded already.');
            else toast(many > 0 ? `${many} proposals confirmed` : 'Nothing to confirm: measure a man first.');
        } catch (e) {
            refused(e, 'Not confirmed.', () => confirm(others));
        }
    };
    const kept = (grades: Grade[]) => {
        useFilm.setState((s) => ({ snap: s.snap && { ...s.snap, grades } }));
        for (const key of ['players', 'player', 'week', 'reel']) void client.invalidateQueries({ queryKey: [key] });
    };
    /** Keeps a new snap and opens it. */
    const add = async (reelId: string, document: FilmDocument): Promise<Snap | null> => {
        try {
            const made = await api.post<Snap>(`reels/${reelId}/snaps`, { document });
            reel();
            toast(`Snap ${made.number ?? made.place} charted`, {
                action: { label: 'Undo', onClick: () => void remove(made) },
            });
            return made;
        } catch (e) {
            refused(e, 'Not charted.');
            return null;
        }
    };
    /** Throws a snap away, one that is graded only after it was asked; the undo puts it there again with all it had. */
    const remove = async (snap: Snap, graded = false): Promise<unknown> => {
        try {
            const gone = await api.remove(`snaps/${snap.id}${graded ? '?graded=1' : ''}`);
            reel();
            toast(`Snap ${snap.number ?? snap.place} thrown away`, {
                action: {
                    label: 'Undo',
                    onClick: () =>
                        void api
                            .post(`thrown-away/snap/${snap.id}`, {})
                            .then(reel)
                            .catch((e: unknown) => refused(e, 'It was not taken back.')),
                },
            });
            return gone;
        } catch (e) {
            if (!graded && e instanceof Problem && e.status === 409) {
                const sure = await askYes({
                    title: `Snap ${snap.number ?? snap.place} is graded: its grades go with it, and come back with it.`,
                    yes: 'Throw it away',
                });
                return sure ? remove(snap, true) : null;
            }
            refused(e, 'Not thrown away.', () => remove(snap, graded));
            return null;
        }
    };
    return { save, grade, confirm, add, remove };
}

function stale(e: unknown, save: () => Promise<unknown>) {
    if (!isStale(e)) return refused(e, 'Not saved.', save);
    conflict(
        e,
        {
            label: 'Save mine over it',
            take: () => {
                useFilm.setState((s) => ({ snap: s.snap && { ...s.snap, version: Number(e.more.currentVersion) } }));
                return save();
            },
        },
        {
            label: 'Take theirs',
            take: () => {
                const now = useFilm.getState().snap;
                if (now) openSnap({ ...now, ...(e.more.theirs as Snap) });
            },
        },
    );
}
