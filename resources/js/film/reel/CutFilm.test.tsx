// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Clip, ReelPage } from '../../api/types';
import { eachItsOwn, house, refusal, serve } from '../../test/house';
import { CutFilm } from './CutFilm';

const clip = { id: '9', name: 'whole-game.mp4', angle: 'wide', video: { durationS: 90 } } as unknown as Clip;
const reel = {
    id: '7',
    snaps: [
        { id: '1', place: 1, number: 1, call: 'gun trips right: mesh right', clips: [{ id: '3', angle: 'wide' }] },
        { id: '2', place: 2, number: 2, call: null, clips: [] },
    ],
} as unknown as ReelPage;

async function desk(answer: unknown = { clips: [] }) {
    const server = serve({ 'POST clips/9/cuts': answer });
    house(<CutFilm reel={reel} clip={clip} />);
    await userEvent.click(screen.getByRole('button', { name: 'Cut whole-game.mp4 while watching' }));
    const film = screen.getByLabelText<HTMLVideoElement>(/whole-game.mp4,/);
    Object.defineProperty(film, 'duration', { value: 90 });
    Object.defineProperty(film, 'currentTime', { value: 0, writable: true });
    film.focus();
    const press = async (atS: number, keys: string) => {
        film.currentTime = atS;
        await userEvent.keyboard(keys);
    };
    const listed = () =>
        within(screen.getByRole('list', { name: 'Snaps of the film' }))
            .queryAllByRole('listitem')
            .map((l) => l.textContent);
    return { server, film, press, listed };
}

describe('cutting a film while it is watched', () => {
    eachItsOwn();

    it('takes a key where a snap starts and one where it ends', async () => {
        const { press, listed } = await desk();
        await press(3, 's');
        expect(screen.getByRole('status').textContent).toContain('A snap starts at 3.0 s');
        await press(9.5, 'e');
        await press(40, 's');
        await press(46, 'e');
        expect(listed()).toEqual(['3.0 s to 9.5 ssnap 2off', '40.0 s to 46.0 sa new snapoff']);
        expect(screen.getByRole('button', { name: 'Cut 2 snaps' })).toBeTruthy();
    });

    it('says what is wrong with an end, and keeps what is begun', async () => {
        const { press, listed } = await desk();
        await press(3, 'e');
        expect(screen.getByRole('status').textContent).toContain('Say first where it starts');
        await press(3, 's');
        await press(3.2, 'e');
        expect(screen.getByRole('status').textContent).toContain('half a second');
        await press(8, 'e');
        expect(listed()[0]).toContain('3.0 s to 8.0 s');
    });

    it('goes with the arrows, further with Shift, never past an end', async () => {
        const { press, film } = await desk();
        await press(10, '{ArrowRight}');
        expect(film.currentTime).toBeCloseTo(10.2);
        await press(10, '{Shift>}{ArrowRight}{/Shift}');
        expect(film.currentTime).toBe(15);
        await press(2, '{Shift>}{ArrowLeft}{/Shift}');
        expect(film.currentTime).toBe(0);
        await press(89, '{Shift>}{ArrowRight}{/Shift}');
        expect(film.currentTime).toBe(90);
    });

    it('takes the last one off with Backspace and any one by its button', async () => {
        const { press, listed } = await desk();
        await press(3, 's');
        await press(9, 'e');
        await press(40, 's');
        await press(46, 'e');
        await press(46, '{Backspace}');
        expect(listed()).toHaveLength(1);
        await userEvent.click(screen.getByRole('button', { name: 'Take off the snap from 3.0 s' }));
        expect(listed()).toEqual(['No snap yet.']);
    });

    it('sends them with the snaps they go to', async () => {
        const { press, server } = await desk();
        await press(3, 's');
        await press(9, 'e');
        await press(40, 's');
        await press(46, 'e');
        await userEvent.click(screen.getByRole('button', { name: 'Cut 2 snaps' }));
        await waitFor(() => expect(server.to('POST clips/9/cuts')).toHaveLength(1));
        expect(server.to('POST clips/9/cuts')[0].body).toEqual({
            cuts: [
                { fromS: 3, toS: 9, snapId: '2' },
                { fromS: 40, toS: 46, snapId: null },
            ],
        });
        await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    });

    it('makes new snaps where it is told to', async () => {
        const { press, listed, server } = await desk();
        await press(3, 's');
        await press(9, 'e');
        await userEvent.click(screen.getByRole('checkbox', { name: /onto the snaps that are charted/ }));
        expect(listed()[0]).toContain('a new snap');
        await userEvent.click(screen.getByRole('button', { name: 'Cut 1 snap' }));
        await waitFor(() => expect(server.to('POST clips/9/cuts')).toHaveLength(1));
        expect(server.to('POST clips/9/cuts')[0].body).toEqual({ cuts: [{ fromS: 3, toS: 9, snapId: null }] });
    });

    it('keeps the cuts when the server refuses them, and says why', async () => {
        const { press, listed } = await desk(refusal(422, 'The cut is past the end of the film.'));
        await press(3, 's');
        await press(9, 'e');
        await userEvent.click(screen.getByRole('button', { name: 'Cut 1 snap' }));
        await waitFor(() => expect(screen.getByRole('status').textContent).toContain('past the end'));
        expect(listed()).toHaveLength(1);
    });
});
