import { useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api, Problem } from '../api/client';
import type { Clip, Grade, Measured } from '../api/types';
import { openClip, useFilm } from './filmStore';
import { gradeOf } from './gradeOf';

/** Saves the clip that is worked on, and the grade of a man on it; a stale save shows both ways out and loses nothing. */
export function useClipSaving() {
    const client = useQueryClient();
    const save = async (): Promise<Clip | null> => {
        const now = useFilm.getState();
        if (!now.clip || !now.document) return null;
        if (now.document === now.clip.document) return now.clip;
        try {
            const done = await api.put<Clip>(`clips/${now.clip.id}`, { document: now.document }, now.clip.version);
            useFilm.setState({ clip: { ...done, document: now.document } });
            void client.invalidateQueries({ queryKey: ['clips'] });
            toast(`Saved, version ${done.version}`);
            return done;
        } catch (e) {
            const message = e instanceof Problem ? e.message : 'Not saved.';
            if (e instanceof Problem && e.status === 412) {
                toast.error(message, {
                    duration: Infinity,
                    action: {
                        label: 'Save mine over it',
                        onClick: () => (
                            useFilm.setState((s) => ({
                                clip: s.clip && { ...s.clip, version: Number(e.more.currentVersion) },
                            })),
                            void save()
                        ),
                    },
                    cancel: { label: 'Take theirs', onClick: () => openClip(e.more.theirs as Clip) },
                });
            } else toast.error(message);
            return null;
        }
    };
    const grade = async (about: string, value: number, measured: Measured, faults: string[]) => {
        if (!(await save())) return;
        const now = useFilm.getState().clip!;
        const before = now.grades.find((g) => g.man === about);
        const body = gradeOf(about, value, measured, faults);
        try {
            const done = await api.put<Grade>(`clips/${now.id}/grades/${about}`, body, before?.version ?? 0);
            useFilm.setState({ clip: { ...now, grades: [...now.grades.filter((g) => g.man !== about), done] } });
            void client.invalidateQueries({ queryKey: ['players'] });
            void client.invalidateQueries({ queryKey: ['player'] });
            toast(`${about} graded ${value > 0 ? 'plus' : value < 0 ? 'minus' : 'even'}; it is on his page`);
        } catch (e) {
            toast.error(e instanceof Problem ? e.message : 'Not graded.');
        }
    };
    return { save, grade };
}
