import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '../api/client';
import type { RepDay, RepPicture, RepQuestion } from '../api/repTypes';
import { useSession } from '../api/session';
import { heldOf, useHeldAnswers } from '../model/heldAnswers';

/** The query for the picture of a question. */
export const pictureOf = (player: string, question: RepQuestion) => ({
    queryKey: ['rep', player, question.id],
    queryFn: () => api.get<RepPicture>(`players/${player}/reps/${question.id}`),
    staleTime: Infinity,
});

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
    const client = useQueryClient();
    const isHis = useSession().playerId === player;
    useEffect(() => {
        // The pictures of the day are fetched at once, so that the network may go.
        for (const question of isHis ? (day.data?.questions ?? []) : [])
            void client.prefetchQuery(pictureOf(player, question));
    }, [client, day.data, isHis, player]);
    const [place, setPlace] = useState(0);
    const [missed, setMissed] = useState<RepQuestion[]>([]);
    const [right, setRight] = useState(0);
    // What was answered without a network is behind him, though the server does not know it yet.
    const [before] = useState(() => heldOf(useHeldAnswers.getState().held, player));
    const isBehind = (question: RepQuestion) => before.some((held) => held.question === question.id);
    const questions = (day.data?.questions ?? []).filter((question) => !isBehind(question));
    const held = before.filter((one) => day.data?.questions.some((question) => question.id === one.question));
    const fresh: Asked[] = questions.map((question) => ({ question, again: false }));
    const queue = [...fresh, ...missed.map((question) => ({ question, again: true }))];
    const now: Asked | null = queue[place] ?? null;
    return {
        day,
        now,
        /** How many are behind him, first answers only, and how many there are in all today. */
        done: (day.data?.answered ?? 0) + held.length + Math.min(place, fresh.length),
        all: (day.data?.answered ?? 0) + held.length + fresh.length,
        right: (day.data?.right ?? 0) + held.filter((one) => one.right).length + right,
        missed,
        answered: (isRight: boolean) => {
            if (!now || now.again) return;
            if (isRight) setRight((n) => n + 1);
            else setMissed((list) => [...list, now.question]);
        },
        next: () => setPlace((n) => n + 1),
    };
}
