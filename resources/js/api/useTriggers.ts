import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from './client';
import type { Prompt, Triggers } from './planTypes';
import { useWrite } from './useWrite';

type Said = { trigger: string; picture: string; answer: Prompt['answer'] };

/** What a game has shown so far of what we wait for, and a way to say what is made of it. */
export function useTriggers(reel: string | null, counted?: unknown) {
    const client = useQueryClient();
    const key = ['reel', reel, 'triggers', counted];
    const found = useQuery({
        queryKey: key,
        queryFn: () => api.get<Triggers>(`reels/${reel}/triggers`),
        enabled: reel !== null,
        placeholderData: (before) => before,
    });
    const { write, busy } = useWrite<Said, Triggers>({
        send: (said) => api.put<Triggers>(`reels/${reel}/triggers`, said),
        otherwise: 'The answer was not kept.',
        done: (now) => client.setQueryData(key, now),
    });
    const say = (p: Prompt, answer: Prompt['answer']) =>
        void write({ trigger: p.trigger, picture: p.picture, answer: p.answer === answer ? null : answer });
    return { triggers: found.data ?? null, say, busy };
}
