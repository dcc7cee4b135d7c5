// @vitest-environment happy-dom
import { act, render, screen, waitFor } from '@testing-library/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Toaster } from 'sonner';
import { beforeEach, describe, expect, it } from 'vitest';
import { useConnection } from '../api/connection';
import { SessionContext } from '../api/session';
import type { Session } from '../api/types';
import { hold, useHeldAnswers } from '../model/heldAnswers';
import { eachItsOwn, NO_ANSWER, refusal, serve } from '../test/house';
import { HeldAnswers } from './HeldAnswers';

const AT = '2026-12-01T08:00:00.000Z';

function phone(playerId: string | null) {
    render(
        <QueryClientProvider client={new QueryClient()}>
            <SessionContext value={{ id: '1', name: 'Theo', role: 'player', staff: false, playerId } as Session}>
                <HeldAnswers />
                <Toaster />
            </SessionContext>
        </QueryClientProvider>,
    );
}

const waits = () => useHeldAnswers.getState().held.length;

describe('answers on a phone that comes back to the network', () => {
    eachItsOwn();
    beforeEach(() => {
        useHeldAnswers.setState({ held: [] });
        hold({ player: '7', question: 'a', answer: 'mike', tookS: 1.5, right: true, at: AT });
    });

    it('are sent as they were given, and it is said', async () => {
        const server = serve({ 'POST players/7/reps/a': { kept: true } });
        phone('7');
        await screen.findByText('One answer that waited is sent');
        expect(server.sent.map((s) => s.body)).toEqual([{ answer: 'mike', tookS: 1.5, at: AT }]);
        expect(waits()).toBe(0);
    });

    it('wait while the server does not answer, and go when it does', async () => {
        let up = false;
        const server = serve({ 'POST players/7/reps/a': () => (up ? { kept: true } : NO_ANSWER) });
        phone('7');
        await waitFor(() => expect(useConnection.getState().lost).toBe(true));
        expect(waits()).toBe(1);
        up = true;
        act(() => useConnection.setState({ lost: false }));
        await waitFor(() => expect(waits()).toBe(0));
        expect(server.sent).toHaveLength(2);
    });

    it.each([
        [404, 0],
        [422, 0],
        [401, 1],
        [419, 1],
        [500, 1],
    ])('after an answer of %i there wait %i', async (status, left) => {
        const server = serve({ 'POST players/7/reps/a': refusal(status, 'no') });
        phone('7');
        await waitFor(() => expect(server.sent.length).toBeGreaterThan(0));
        await waitFor(() => expect(waits()).toBe(left));
    });

    it('are not let go without a word', async () => {
        serve({ 'POST players/7/reps/a': refusal(404, 'This question is no longer there.') });
        phone('7');
        await screen.findByText('An answer that waited was not taken: This question is no longer there.');
    });

    it('are no business of somebody else who signs in', async () => {
        const server = serve({});
        phone(null);
        await act(async () => undefined);
        expect([server.sent, waits()]).toEqual([[], 1]);
    });
});
