import type { Period, PracticeAnswer, ScriptRow } from '../api/practiceTypes';

/* A practice and a server that keeps it, for tests. */

export const period = (change: Partial<Period> = {}): Period => ({
    kind: 'team',
    minutes: 20,
    contact: true,
    where: '',
    emphasis: '',
    script: [],
    ...change,
});
export const row = (call: string, look: string | null = '4-2 nickel, cover 3'): ScriptRow => ({
    call,
    look,
    hash: 'left',
});
export const answer = (periods: Period[], change: object = {}): PracticeAnswer => ({
    practice: {
        id: '5',
        held_on: '2026-10-06',
        title: 'First scripts',
        opponent: 'Granite Pass',
        starts_at: '15:30',
        periods,
        runs: 'any',
        version: 3,
    },
    minutes: 40,
    contactMinutes: 20,
    week: { contactMinutes: 20, over: false, caution: '20 of 90 min of full contact this week.' },
    kinds: [
        { kind: 'individual', hasScript: false, hasDrills: true, contact: false },
        { kind: 'group', hasScript: false, hasDrills: true, contact: false },
        { kind: 'inside run', hasScript: true, hasDrills: false, contact: true },
        { kind: 'seven on seven', hasScript: true, hasDrills: false, contact: false },
        { kind: 'team', hasScript: true, hasDrills: false, contact: true },
    ],
    reps: [],
    ...change,
});
export const routes = {
    'GET calls': {
        calls: [
            { id: 'a', name: 'Smash right', words: 'gun 2x2 right: smash right' },
            { id: 'b', name: 'Zone read', words: 'gun trey right: zone left' },
        ],
    },
    'GET looks': {
        looks: [
            { id: '1', words: '4-2 nickel, cover 3', opponent: 'Granite Pass', shown: 9 },
            { id: '2', words: 'bear, cover 0', opponent: 'Granite Pass', shown: 2 },
            { id: '3', words: '3-4, cover 3', opponent: 'Larkspur Valley', shown: 4 },
        ],
    },
};
/** A server that answers with what it was sent. */
export const keeps = ({ body }: { body: unknown }) => {
    const sent = body as PracticeAnswer['practice'];
    return { ...answer(sent.periods), practice: { ...answer([]).practice, ...sent, version: 4 } };
};
export const periodsOf = (sent: { body: unknown }) => (sent.body as PracticeAnswer['practice']).periods;
