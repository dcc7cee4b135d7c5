// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Clip, ReelPage } from '../../api/types';
import { eachItsOwn, house, inHouse, serve } from '../../test/house';
import { AddFilm } from './AddFilm';

const clip = (change: Partial<Clip>) =>
    ({ id: '9', name: 'whole-game.avi', angle: 'wide', reason: '', version: 1, ...change }) as unknown as Clip;

async function desk(loose: Clip[], routes: Parameters<typeof serve>[0] = {}) {
    const server = serve(routes);
    house(<AddFilm reel={{ id: '7', snaps: [], loose } as unknown as ReelPage} snap={null} />);
    await userEvent.click(screen.getByRole('button', { name: 'Add film' }));
    const film = within((await screen.findByText(loose[0].name)).closest('li')!);
    return { server, film };
}

describe('films of no snap', () => {
    eachItsOwn();

    it('offers to try again where the work broke off, with the reason', async () => {
        const broken = clip({ status: 'broken', reason: 'Making it ready broke off.' });
        const { server, film } = await desk([broken], { 'POST clips/9/again': { ...broken, status: 'waiting' } });
        film.getByText('Making it ready broke off.');
        await userEvent.click(film.getByRole('button', { name: 'Try again' }));
        await waitFor(() => expect(server.to('POST clips/9/again')).toHaveLength(1));
    });

    it.each(['waiting', 'working', 'ready', 'refused'] as const)('offers no such thing of one %s', async (status) => {
        const { film } = await desk([clip({ status })]);
        expect(film.queryByRole('button', { name: 'Try again' })).toBeNull();
    });

    it('shows one that comes while the window is open', async () => {
        serve({});
        const at = (loose: Clip[]) => (
            <AddFilm reel={{ id: '7', snaps: [], loose } as unknown as ReelPage} snap={null} />
        );
        const { rerender, client } = house(at([]));
        await userEvent.click(screen.getByRole('button', { name: 'Add film' }));
        expect(screen.queryByText('Films of no snap')).toBeNull();
        rerender(inHouse(at([clip({ status: 'ready' })]), client));
        await screen.findByText('whole-game.avi');
    });

    it('throws one away, and takes it back while the window is open', async () => {
        const { server, film } = await desk([clip({ status: 'ready' })], {
            'DELETE clips/9': null,
            'POST thrown-away/clip/9': null,
        });
        await userEvent.click(film.getByRole('button', { name: 'Throw whole-game.avi away' }));
        await screen.findByText('Thrown away: whole-game.avi');
        await userEvent.click(screen.getByText('Undo'));
        await waitFor(() => expect(server.to('POST thrown-away/clip/9')).toHaveLength(1));
    });
});
