// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Snap } from '../api/types';
import { useFilm } from '../model/filmStore';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { useSnapSaving } from './useSnapSaving';

const snap = { id: '8', reel_id: '7', place: 3, number: 12 } as unknown as Snap;

/** One button that throws the snap away, and what became of it. */
function Bin({ told }: { told: unknown[] }) {
    const { remove } = useSnapSaving();
    return (
        <button type="button" onClick={() => void remove(snap).then((a) => told.push(a))}>
            throw
        </button>
    );
}

async function thrown(routes: Parameters<typeof serve>[0]) {
    const server = serve(routes);
    const told: unknown[] = [];
    house(<Bin told={told} />);
    await userEvent.click(screen.getByText('throw'));
    return { server, told };
}

describe('throwing a snap away', () => {
    eachItsOwn();

    it('is taken back whole by the note', async () => {
        const { server, told } = await thrown({ 'DELETE snaps/8': { place: 3 }, 'POST thrown-away/snap/8': null });
        await screen.findByText('Snap 12 thrown away');
        expect(told).toEqual([{ place: 3 }]);
        await userEvent.click(screen.getByText('Undo'));
        await waitFor(() => expect(server.to('POST thrown-away/snap/8')).toHaveLength(1));
    });

    it('says so where it cannot be taken back', async () => {
        await thrown({
            'DELETE snaps/8': { place: 3 },
            'POST thrown-away/snap/8': refusal(409, 'Take the film it belongs to back first.'),
        });
        await userEvent.click(await screen.findByText('Undo'));
        await screen.findByText(/Take the film it belongs to back first/);
    });

    it('asks before the grades of a snap go with it', async () => {
        const graded = refusal(409, 'Its grades would go with it.');
        const { server, told } = await thrown({ 'DELETE snaps/8': graded, 'DELETE snaps/8?graded=1': { place: 3 } });
        await screen.findByText(/Snap 12 is graded/);
        expect(server.to('DELETE snaps/8?graded=1')).toEqual([]);
        await userEvent.click(screen.getByText('Throw it away'));
        await waitFor(() => expect(server.to('DELETE snaps/8?graded=1')).toHaveLength(1));
        await waitFor(() => expect(told).toEqual([{ place: 3 }]));
    });

    it('leaves it where it is when nobody is sure', async () => {
        const graded = refusal(409, 'Its grades would go with it.');
        const { server, told } = await thrown({ 'DELETE snaps/8': graded });
        await screen.findByText(/Snap 12 is graded/);
        await userEvent.keyboard('{Escape}');
        await waitFor(() => expect(told).toEqual([null]));
        expect(server.sent).toHaveLength(1);
    });
});

/** One key that gives all others who did their job a grade. */
function Others() {
    const { confirm } = useSnapSaving();
    return (
        <button type="button" onClick={() => void confirm(true)}>
            others
        </button>
    );
}

describe('all others did their job', () => {
    eachItsOwn();

    const document = { kind: 'jacotaxis.film', version: 1 };
    const open = (grades: unknown[]) => useFilm.setState({ snap: { ...snap, document, grades }, document } as never);
    const men = () => useFilm.getState().snap!.grades.map((g) => g.man);

    it('is one key, and one word takes it back', async () => {
        open([{ man: 'H', mark: -1 }]);
        const server = serve({
            'POST snaps/8/grades': { grades: [{ man: 'Q' }, { man: 'LT' }] },
            'DELETE snaps/8/grades/Q': {},
            'DELETE snaps/8/grades/LT': {},
        });
        house(<Others />);
        await userEvent.click(screen.getByText('others'));
        await screen.findByText('2 men graded: all others did their job');
        expect(server.to('POST snaps/8/grades')[0].body).toEqual({ others: true });
        expect(men()).toEqual(['H', 'Q', 'LT']);
        await userEvent.click(screen.getByText('Undo'));
        await waitFor(() => expect(men()).toEqual(['H']));
        expect(server.sent.filter((s) => s.method === 'DELETE')).toHaveLength(2);
    });

    it('says so when everybody is graded', async () => {
        open([{ man: 'H', mark: -1 }]);
        serve({ 'POST snaps/8/grades': { grades: [] } });
        house(<Others />);
        await userEvent.click(screen.getByText('others'));
        await screen.findByText('Everybody is graded already.');
        expect(men()).toEqual(['H']);
    });
});
