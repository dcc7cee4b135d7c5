import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** An answer to a rep that was given without a network. */
export type HeldAnswer = {
    player: string;
    question: string;
    answer: string;
    tookS: number;
    right: boolean;
    at: string;
};

type Held = { held: HeldAnswer[] };

/** Answers that wait for the network, the first given first. They outlive the page. */
export const useHeldAnswers = create<Held>()(persist((): Held => ({ held: [] }), { name: 'held answers' }));

export function hold(answer: HeldAnswer): void {
    useHeldAnswers.setState(({ held }) => ({ held: [...held, answer] }));
}

/** Those of one man, as far as they count to a day: each question once. */
export const heldOf = (held: HeldAnswer[], player: string): HeldAnswer[] =>
    held.filter((one, n) => one.player === player && held.findIndex((o) => sameQuestion(o, one)) === n);

const sameQuestion = (a: HeldAnswer, b: HeldAnswer): boolean => a.player === b.player && a.question === b.question;

let sending = false;

/**
 * Sends what waits of one man, one after the other, and stops at the first the network does not take. What the server
 * refuses is let go: the question is no longer there.
 */
export async function sendHeld(
    player: string,
    send: (answer: HeldAnswer) => Promise<'kept' | 'refused' | 'no network'>,
): Promise<number> {
    if (sending) return 0;
    sending = true;
    let kept = 0;
    try {
        for (;;) {
            const next = useHeldAnswers.getState().held.find((one) => one.player === player);
            const became = next === undefined ? 'no network' : await send(next);
            if (became === 'no network') return kept;
            kept += became === 'kept' ? 1 : 0;
            useHeldAnswers.setState(({ held }) => ({ held: held.filter((one) => one !== next) }));
        }
    } finally {
        sending = false;
    }
}
