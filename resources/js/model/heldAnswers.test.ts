// @vitest-environment happy-dom
import { beforeEach, describe, expect, it } from 'vitest';
import { heldOf, hold, sendHeld, useHeldAnswers, type HeldAnswer } from './heldAnswers';

const answer = (question: string, change: Partial<HeldAnswer> = {}): HeldAnswer => ({
    player: '7',
    question,
    answer: 'mike',
    tookS: 1.5,
    right: true,
    at: '2026-12-01T08:00:00.000Z',
    ...change,
});
const waiting = () => useHeldAnswers.getState().held.map((one) => one.question);

describe('answers that wait for the network', () => {
    beforeEach(() => useHeldAnswers.setState({ held: [] }));

    it('outlive the page', () => {
        hold(answer('a'));
        expect(JSON.parse(localStorage.getItem('held answers') ?? '{}').state.held).toEqual([answer('a')]);
    });

    it('go in the order they were given, each once', async () => {
        ['a', 'b', 'c'].forEach((q) => hold(answer(q)));
        const sent: string[] = [];
        const kept = await sendHeld('7', async (one) => (sent.push(one.question), 'kept'));
        expect([kept, sent, waiting()]).toEqual([3, ['a', 'b', 'c'], []]);
    });

    it('stay from the first the network does not take', async () => {
        ['a', 'b', 'c'].forEach((q) => hold(answer(q)));
        const kept = await sendHeld('7', async (one) => (one.question === 'b' ? 'no network' : 'kept'));
        expect([kept, waiting()]).toEqual([1, ['b', 'c']]);
    });

    it('let go what the server refuses', async () => {
        ['a', 'b'].forEach((q) => hold(answer(q)));
        const kept = await sendHeld('7', async (one) => (one.question === 'a' ? 'refused' : 'kept'));
        expect([kept, waiting()]).toEqual([1, []]);
    });

    it('are sent by no two at once', async () => {
        hold(answer('a'));
        const sent: string[] = [];
        const slow = async (one: HeldAnswer) => {
            sent.push(one.question);
            await new Promise((done) => setTimeout(done, 5));
            return 'kept' as const;
        };
        const kept = await Promise.all([sendHeld('7', slow), sendHeld('7', slow)]);
        expect([kept, sent]).toEqual([[1, 0], ['a']]);
    });

    it('take an answer that comes while they are sent', async () => {
        hold(answer('a'));
        await sendHeld('7', async (one) => {
            if (one.question === 'a') hold(answer('b'));
            return 'kept';
        });
        expect(waiting()).toEqual([]);
    });

    it('are sent by him alone who gave them', async () => {
        hold(answer('a', { player: '8' }));
        hold(answer('b'));
        await sendHeld('7', async () => 'kept');
        expect(waiting()).toEqual(['a']);
    });

    it('count once to a day, and only his', () => {
        const held = [answer('a'), answer('a', { right: false }), answer('b', { player: '8' }), answer('c')];
        expect(heldOf(held, '7')).toEqual([answer('a'), answer('c')]);
    });
});
