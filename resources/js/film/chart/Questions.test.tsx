// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { openSnap, useFilm } from '../../model/filmStore';
import { eachItsOwn, house, serve } from '../../test/house';
import { Questions } from './Questions';

const question = (kind: string, id: string, text: string) => ({ kind, id, text, snap: 's1', number: 4, version: 2 });
const OPEN = [
    question('man', 'a', 'Who ran the corner route?'),
    question('call', 'b', 'What was called?'),
    question('owner', 'c', 'Whose fault was it?'),
];
const snap = { id: 's1', version: 2, document: { kind: 'jacotaxis.film' }, grades: [], clips: [] };

describe('what a reel leaves open', () => {
    eachItsOwn();

    it('is settled by a press or by words, at the version it was asked at', async () => {
        const server = serve({
            'GET reels/r1/questions': { questions: OPEN },
            'POST snaps/s1/settle': { ...snap, version: 3 },
        });
        openSnap(snap as never);
        house(<Questions reelId="r1" men={['X', 'H']} onOpen={vi.fn()} />);
        await userEvent.click(await screen.findByText('H'));
        await waitFor(() =>
            expect(server.to('POST snaps/s1/settle')[0]).toMatchObject({
                body: { id: 'a', answer: 'H' },
                version: '"2"',
            }),
        );
        expect(await screen.findByText('Settled: H')).toBeTruthy();
        expect(useFilm.getState().snap?.version).toBe(3);
        await userEvent.type(screen.getByLabelText('What was called?'), 'gun 2x2 right: smash right{Enter}');
        await waitFor(() =>
            expect(server.to('POST snaps/s1/settle')[1].body).toEqual({
                id: 'b',
                answer: 'gun 2x2 right: smash right',
            }),
        );
    });

    it('waits while the snap that is open is not saved', async () => {
        const server = serve({ 'GET reels/r1/questions': { questions: OPEN }, 'POST snaps/s1/settle': snap });
        openSnap(snap as never);
        useFilm.setState({ document: { kind: 'jacotaxis.film', note: 'changed' } as never });
        house(<Questions reelId="r1" men={['X', 'H']} onOpen={vi.fn()} />);
        await userEvent.click(await screen.findByText('staff'));
        expect(await screen.findByText(/Save this snap first/)).toBeTruthy();
        expect(server.to('POST snaps/s1/settle')).toEqual([]);
    });

    it('says that nothing is open, and opens the snap a question is about', async () => {
        serve({ 'GET reels/r1/questions': { questions: [] }, 'GET reels/r2/questions': { questions: OPEN } });
        const empty = house(<Questions reelId="r1" men={[]} onOpen={vi.fn()} />);
        expect(await screen.findByText(/Nothing is open/)).toBeTruthy();
        empty.unmount();
        const onOpen = vi.fn();
        house(<Questions reelId="r2" men={[]} onOpen={onOpen} />);
        await userEvent.click((await screen.findAllByText('Snap 4'))[0]);
        expect(onOpen).toHaveBeenCalledWith('s1');
    });
});
