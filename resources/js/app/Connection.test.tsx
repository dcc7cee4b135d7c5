// @vitest-environment happy-dom
import { act, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { eachItsOwn, house, NO_ANSWER, serve } from '../test/house';
import { Connection } from './Connection';

describe('a connection that is lost', () => {
    eachItsOwn();

    it('is said, and asked for until it is back', async () => {
        vi.useFakeTimers();
        let up = false;
        const server = serve({ 'GET session': () => (up ? { id: '1' } : NO_ANSWER), 'GET calls': NO_ANSWER });
        house(<Connection />);
        expect(screen.queryByRole('alert')).toBeNull();
        await act(async () => void (await api.get('calls').catch(() => undefined)));
        expect(screen.getByRole('alert').textContent).toContain('is not saved until it does');
        await act(() => vi.advanceTimersByTimeAsync(5_100));
        expect(server.to('GET session').length).toBe(1);
        expect(screen.queryByRole('alert')).not.toBeNull();
        up = true;
        await act(() => vi.advanceTimersByTimeAsync(5_000));
        expect(screen.queryByRole('alert')).toBeNull();
        await act(() => vi.advanceTimersByTimeAsync(20_000));
        expect(server.to('GET session').length).toBe(2);
        vi.useRealTimers();
    });

    it('is said to a player as it is on his phone', async () => {
        serve({ 'GET calls': NO_ANSWER });
        house(<Connection />, { id: '3', name: 'Theo', role: 'player', staff: false, playerId: '7' });
        await act(async () => void (await api.get('calls').catch(() => undefined)));
        expect(screen.getByRole('alert').textContent).toContain('waits on this phone');
    });

    it('is said where an answer is one of before that his phone kept', async () => {
        vi.stubGlobal('fetch', async () => new Response('{}', { status: 200, headers: { 'X-Kept-Here': '1' } }));
        house(<Connection />, { id: '3', name: 'Theo', role: 'player', staff: false, playerId: '7' });
        await act(async () => void (await api.get('players/7')));
        expect(screen.getByRole('alert').textContent).toContain('This is what was here last');
        vi.stubGlobal('fetch', async () => new Response('{}', { status: 200 }));
        await act(async () => void (await api.get('players/7')));
        expect(screen.queryByRole('alert')).toBeNull();
    });

    it('is not said for a refusal: the server answered', async () => {
        serve({});
        house(<Connection />);
        await act(async () => void (await api.get('nothing').catch(() => undefined)));
        expect(screen.queryByRole('alert')).toBeNull();
    });
});
