import type { ProofReport, Stage } from '../api/types';

export type SeriesMember = {
    id: string;
    name: string;
    words: string;
    kind: string;
    base: boolean;
    verdict: ProofReport['verdict'];
    strength: number;
    why: string;
    same: { share: number; gives: { man: string; atS: number; yd: number }[] };
    stage: Pick<Stage, 'men' | 'defenders' | 'routes' | 'blocks' | 'tracks' | 'field'>;
};
export type SeriesAnswer = {
    members: SeriesMember[];
    missing: string[];
    bind: { defender: string; comes: string[]; stays: string[]; wrong: boolean; missing: string | null }[];
    base: string | null;
};
