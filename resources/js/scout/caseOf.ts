import type { Habit } from '../api/scoutTypes';

/** How the case of a part of the situation is said, as "from gun trips". */
const SAID: Record<string, (name: string) => string> = {
    formation: (name) => `from ${name}`,
    personnel: (name) => `against ${name} personnel`,
    hash: (name) => (name === 'middle' ? 'in the middle' : `on the ${name} hash`),
    motion: (name) => (name === 'no motion' ? 'without motion' : `after ${name}`),
    zone: (name) => `at ${name}`,
    score: (name) => (name === 'level' ? 'when level' : `with the ${name}`),
    time: (name) => `in the ${name}`,
    quarter: (name) => `in ${name.toLowerCase()}`,
};

/** In which case, in words. */
export const caseOf = (h: Pick<Habit, 'by' | 'name'>): string => (SAID[h.by] ?? ((name) => `on ${name}`))(h.name);
