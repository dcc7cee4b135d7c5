// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, serve } from '../test/house';
import { ClipPlayer } from './ClipPlayer';

const clip = { id: '9', angle: 'wide' as const, from_s: 2, to_s: null };
const ring = {
    id: 'a',
    kind: 'ring',
    word: null,
    closed: true,
    atS: 1,
    untilS: 3,
    onField: true,
    frames: [
        {
            atS: 1,
            line: [
                [0, 0],
                [4, 4],
            ],
        },
    ],
};
const word = { ...ring, id: 'b', kind: 'word', word: 'Eyes here', closed: false };

async function player(drawings: unknown[], places: unknown[] = []) {
    const told = { widthPx: 640, heightPx: 360, shiftS: 2, drawings, places };
    serve({ 'GET clips/9/drawings?man=H': told });
    house(<ClipPlayer clips={[clip]} label="Snap 4" man="H" />);
    const film = screen.getByLabelText<HTMLVideoElement>('Snap 4');
    const state = { at: 2, paused: true };
    Object.defineProperty(film, 'currentTime', {
        get: () => state.at,
        set: (v: number) => {
            state.at = v;
        },
    });
    Object.defineProperty(film, 'paused', { get: () => state.paused });
    film.pause = vi.fn(() => (state.paused = true));
    film.play = vi.fn(() => ((state.paused = false), Promise.resolve()));
    return { film, state };
}

describe('a clip a coach drew on', () => {
    eachItsOwn();

    it('shows a drawing at its moment and not before', async () => {
        const { state } = await player([ring, word]);
        await screen.findByRole('img', { name: 'What your coach drew' });
        expect(screen.queryByText('Eyes here')).toBeNull();
        state.at = 3.2;
        expect(await screen.findByText('Eyes here')).toBeTruthy();
    });

    it('goes to the drawing on a press, and stands there', async () => {
        const { film, state } = await player([ring, word]);
        await userEvent.click(await screen.findByRole('button', { name: '2 drawings' }));
        expect(state.at).toBeCloseTo(3.001, 6);
        expect(film.pause).toHaveBeenCalled();
    });

    it('holds a film that runs over a drawing', async () => {
        const { film, state } = await player([ring]);
        await screen.findByRole('button', { name: 'The drawing' });
        state.paused = false;
        state.at = 2.9;
        await new Promise((done) => setTimeout(done, 60));
        expect(film.pause).not.toHaveBeenCalled();
        state.at = 3.05;
        await waitFor(() => expect(film.pause).toHaveBeenCalledTimes(1));
    });

    it('rings its man, and follows him when it is asked to', async () => {
        const at = (atS: number, xPx: number) => ({ atS, xPx, yPx: 200, rxPx: 9, ryPx: 4, tallPx: 36 });
        const { film, state } = await player([], [at(1, 300), at(1.1, 320)]);
        await screen.findByRole('button', { name: 'Enlarge H' });
        expect(screen.queryByTestId('ringed')).toBeNull();
        state.at = 3.05;
        const ring = await screen.findByTestId('ringed');
        await waitFor(() => expect(Number(ring.querySelector('ellipse')!.getAttribute('cx'))).toBeCloseTo(310, 6));
        expect(film.parentElement!.style.transform).toBe('');
        expect(film.controls).toBe(true);
        await userEvent.click(screen.getByRole('button', { name: 'Enlarge H' }));
        expect(film.parentElement!.style.transform).toContain('scale(4.000)');
        expect(film.controls).toBe(false);
        await userEvent.click(screen.getByRole('button', { name: 'Play or hold' }));
        expect(film.play).toHaveBeenCalledTimes(1);
        await userEvent.click(film);
        expect(film.pause).toHaveBeenCalledTimes(1);
        await userEvent.click(screen.getByRole('button', { name: 'Enlarge H' }));
        expect(film.parentElement!.style.transform).toBe('');
    });

    it('is a plain film where nobody drew', async () => {
        await player([]);
        await new Promise((done) => setTimeout(done, 60));
        expect(screen.queryByRole('img')).toBeNull();
        expect(screen.queryByRole('button', { name: /drawing/ })).toBeNull();
    });
});
