import { toast } from 'sonner';
import { Problem } from './client';

/** What is said of a failure: the server's reason and its cure, else `otherwise`. */
export const reason = (e: unknown, otherwise: string): string => (e instanceof Problem ? e.message : otherwise);

export type Asked = { word: string; meanings: string[] };

/** The word a refusal asks about, with what it may mean, where one of several meanings is to be chosen. */
export function askedIn(e: unknown): Asked | null {
    const more = e instanceof Problem ? e.more : {};
    const meanings = Array.isArray(more.meanings) ? more.meanings.map(String) : [];
    return meanings.length > 0 && typeof more.word === 'string' ? { word: more.word, meanings } : null;
}

/** Whether somebody else has changed what was sent. */
export const isStale = (e: unknown): e is Problem => e instanceof Problem && e.status === 412;

/** Says a refusal. Where the server did not answer at all, trying again is one press away. */
export function refused(e: unknown, otherwise: string, again?: () => unknown) {
    const lost = e instanceof Problem && e.status === 0 && again !== undefined;
    toast.error(reason(e, otherwise), {
        duration: lost ? Infinity : undefined,
        action: lost ? { label: 'Try again', onClick: () => void again() } : undefined,
    });
}

type Way = { label: string; take: () => unknown };

/** Says that two have changed the same thing, with both ways out; it stays until one is taken, so nothing is lost. */
export function conflict(e: Problem, mine: Way, theirs: Way) {
    toast.error(e.message, {
        duration: Infinity,
        action: { label: mine.label, onClick: () => void mine.take() },
        cancel: { label: theirs.label, onClick: () => void theirs.take() },
    });
}
