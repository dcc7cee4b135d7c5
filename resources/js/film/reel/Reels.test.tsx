// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Reel, Snap } from '../../api/types';
import { useFilm } from '../../model/filmStore';
import { eachItsOwn, house, serve } from '../../test/house';
import { Reels } from './Reels';

const navigate = vi.fn();
vi.mock('@tanstack/react-router', () => ({ useNavigate: () => navigate }));

const reel = (id: string, title: string) =>
    ({ id, title, kind: 'game', ours: true, snaps_count: 3, clips_count: 1 }) as unknown as Reel;
const ROUTES = {
    'GET reels': { reels: [reel('7', 'Week 3'), reel('8', 'Week 4')], kinds: ['game'] },
    'DELETE reels/7': null,
    'DELETE reels/8': null,
    'POST thrown-away/film/8': null,
};

async function desk() {
    const server = serve(ROUTES);
    house(<Reels current={reel('7', 'Week 3')} />);
    await userEvent.click(screen.getByRole('button', { name: /Week 3/ }));
    await screen.findByRole('button', { name: 'Throw Week 4 away' });
    return server;
}

describe('throwing a reel away', () => {
    eachItsOwn();
    beforeEach(() => navigate.mockReset());

    it('asks first, and is taken back by the note', async () => {
        const server = await desk();
        await userEvent.click(screen.getByRole('button', { name: 'Throw Week 4 away' }));
        expect(server.to('DELETE reels/8')).toEqual([]);
        await userEvent.click(await screen.findByRole('button', { name: 'Throw it away' }));
        await waitFor(() => expect(server.to('DELETE reels/8')).toHaveLength(1));
        expect(navigate).not.toHaveBeenCalled();
        await userEvent.click(await screen.findByText('Undo'));
        await waitFor(() => expect(server.to('POST thrown-away/film/8')).toHaveLength(1));
    });

    it('leaves the snap that is open when its reel goes', async () => {
        useFilm.setState({ snap: { id: '1' } as unknown as Snap, document: null });
        const server = await desk();
        await userEvent.click(screen.getByRole('button', { name: 'Throw Week 3 away' }));
        await userEvent.click(await screen.findByRole('button', { name: 'Throw it away' }));
        await waitFor(() => expect(server.to('DELETE reels/7')).toHaveLength(1));
        expect(navigate).toHaveBeenCalledWith({ to: '/film', search: {} });
        expect(useFilm.getState().snap).toBeNull();
    });

    it('stays when nobody is sure', async () => {
        const server = await desk();
        await userEvent.click(screen.getByRole('button', { name: 'Throw Week 4 away' }));
        await screen.findByRole('button', { name: 'Throw it away' });
        await userEvent.keyboard('{Escape}');
        expect(server.sent.filter((s) => s.method === 'DELETE')).toEqual([]);
    });
});
