import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { RepDay, RepQuestion } from '../api/repTypes';

type Asked = { question: RepQuestion; again: boolean };

/**
 * The questions of a man's day, one after the other. What he misses is asked once more when the others are done: that
 * answer teaches, it does not count.
 */
export function useReps(player: string) {
    const day = useQuery({
        queryKey: ['reps', player],
        queryFn: () => api.get<RepDay>(`players/${player}/reps`),
        // The day is dealt once: an answer must not change what is still to come.
        staleTime: Infinity,
        gcTime: 0,
        refetchOnWindowFocus: false,
    });
    const [place, setPlace] = useState(0);
    const [missed, setMissed] = useState<RepQuestion[]>([]);
    const [right, setRight] = useState(0);
    const fresh: Asked[] = (day.data?.questions ?? []).map((question) => ({ question, again: false }));
    const queue = [...fresh, ...missed.map((question) => ({ question, again: true }))];
    const now: Asked | null = queue[place] ?? null;
    return {
        day,
        now,
        /** How many are behind him, first answers only, and how many there are in all today. */
        done: (day.data?.answered ?? 0) + Math.min(place, fresh.length),
        all: (day.data?.answered ?? 0) + fresh.length,
        right: (day.data?.right ?? 0) + right,
        missed,
        answered: (isRight: boolean) => {
            if (!now || now.again) return;
            if (isRight) setRight((n) => n + 1);
            else setMissed((list) => [...list, now.question]);
        },
        next: () => setPlace((n) => n + 1),
    };
}
