// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { words } from '../test/samples';
import { Roster } from './Roster';

const player = (change: object = {}) => ({
    id: '11',
    version: 2,
    name: 'Ovid Tarn',
    letter: 'Z',
    number: 84,
    depth: 1,
    forty_s: 4.7,
    stride_yd: null,
    throws: 'right',
    flags: [],
    ...change,
});
const WORDS = {
    version: 1,
    letters: { X: 'X', Z: 'Z', H: 'H', Y: 'Y', R: 'R', F: 'F' },
    groups: { heavy: '22' },
    school: 'inside eye',
    cadence: { words: ['down', 'set', 'go'], beatS: 0.5, soundS: 0.25 },
};
const routes = {
    'GET players': { players: [player()] },
    'GET staff-words': WORDS,
    'GET vocabulary': words,
    'GET letters': {},
};

describe('the roster', () => {
    eachItsOwn();

    it('saves a figure when its field is left, and not when nothing changed', async () => {
        const server = serve({ ...routes, 'PUT players/11': player({ version: 3, forty_s: 4.6 }) });
        house(<Roster />);
        const forty = await screen.findByLabelText(/Forty.* of Ovid Tarn/);
        await userEvent.click(forty);
        await userEvent.tab();
        expect(server.to('PUT players/11')).toEqual([]);
        await userEvent.clear(forty);
        await userEvent.type(forty, '4.6{Enter}');
        await waitFor(() =>
            expect(server.to('PUT players/11')[0]).toMatchObject({
                version: '"2"',
                body: { name: 'Ovid Tarn', forty_s: 4.6, stride_yd: null },
            }),
        );
        expect(await screen.findByText('Saved Ovid Tarn')).toBeTruthy();
    });

    it('adds a man, and keeps the form when he is refused', async () => {
        const server = serve({ ...routes, 'POST players': refusal(422, 'Number 84 is taken by Ovid Tarn.') });
        house(<Roster />);
        await userEvent.type(await screen.findByLabelText('Number of the new man'), '84');
        await userEvent.type(screen.getByLabelText('Name of the new man'), 'Bram Loess{Enter}');
        expect(await screen.findByText('Number 84 is taken by Ovid Tarn.')).toBeTruthy();
        expect((screen.getByLabelText('Name of the new man') as HTMLInputElement).value).toBe('Bram Loess');
        expect(server.to('POST players')[0].body).toMatchObject({ name: 'Bram Loess', number: 84, flags: [] });
    });

    it('keeps the words of the staff at their version', async () => {
        const server = serve({ ...routes, 'PUT staff-words': { ...WORDS, version: 2 } });
        house(<Roster />);
        const groups = await screen.findByLabelText(/Personnel groups/);
        await userEvent.clear(groups);
        await userEvent.type(groups, 'heavy = 22, base = 11');
        const flanker = screen.getByLabelText('Letter of the flanker');
        await userEvent.clear(flanker);
        await userEvent.type(flanker, 'w');
        fireEvent.submit(screen.getByRole('form', { name: 'Words of the staff' }));
        await waitFor(() =>
            expect(server.to('PUT staff-words')[0]).toMatchObject({
                version: '"1"',
                body: { groups: { heavy: '22', base: '11' }, letters: { Z: 'W', X: 'X' } },
            }),
        );
        expect(await screen.findByText('Saved the words of the staff')).toBeTruthy();
    });
});
