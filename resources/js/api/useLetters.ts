import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import type { Vocabulary } from './types';

export function useVocabulary(): Vocabulary | undefined {
    return useQuery({
        queryKey: ['vocabulary'],
        queryFn: () => api.get<Vocabulary>('vocabulary'),
        staleTime: Infinity,
    }).data;
}

/** The staff's own letter for a man of the sets. */
export function useLetters(): (man: string) => string {
    const letters = useVocabulary()?.letters;
    return (man) => letters?.[man] ?? man;
}
