// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { Cutups } from './Cutups';

const MINE = { id: '7', name: 'Boundary', filter: { hash: 'left' }, shared: false, user_id: '1', version: 1 };
const THEIRS = { id: '8', name: 'Goal line', filter: { zone: 'goal' }, shared: true, user_id: '2', version: 1 };

describe('cut-ups', () => {
    eachItsOwn();

    it('keeps the filter under a name, shared or not, as it is answered', async () => {
        const server = serve({ 'GET cutups': { cutups: [] }, 'POST cutups': { id: '9' } });
        house(<Cutups filter={{ down: 3 }} onFilter={vi.fn()} onPlay={vi.fn()} />);
        await userEvent.click(screen.getByText('Keep as a cut-up'));
        await userEvent.type(await screen.findByLabelText('Name of the cut-up'), 'Third downs{Enter}');
        await userEvent.click(await screen.findByText('Mine alone'));
        await waitFor(() =>
            expect(server.to('POST cutups')[0]?.body).toEqual({
                name: 'Third downs',
                filter: { down: 3 },
                shared: false,
            }),
        );
        expect(await screen.findByText('Cut-up Third downs kept')).toBeTruthy();
    });

    it('keeps nothing when a question is left open', async () => {
        const server = serve({ 'GET cutups': { cutups: [] }, 'POST cutups': { id: '9' } });
        house(<Cutups filter={{}} onFilter={vi.fn()} onPlay={vi.fn()} />);
        await userEvent.click(screen.getByText('Keep as a cut-up'));
        await userEvent.type(await screen.findByLabelText('Name of the cut-up'), 'Third downs{Enter}');
        await screen.findByText('Share Third downs with the whole staff?');
        await userEvent.keyboard('{Escape}');
        expect(server.to('POST cutups')).toEqual([]);
    });

    it('counts and watches what stands there, and lets go only of one’s own', async () => {
        const server = serve({ 'GET cutups': { cutups: [MINE, THEIRS] }, 'DELETE cutups/7': null });
        const onFilter = vi.fn();
        const onPlay = vi.fn();
        house(<Cutups filter={{}} onFilter={onFilter} onPlay={onPlay} />);
        await userEvent.click(await screen.findByText('Goal line'));
        expect(onFilter).toHaveBeenCalledWith({ zone: 'goal' });
        await userEvent.click(screen.getByLabelText('Watch Boundary'));
        expect(onPlay).toHaveBeenCalledWith('Boundary', { hash: 'left' });
        expect(screen.queryByLabelText('Throw Goal line away')).toBeNull();
        await userEvent.click(screen.getByLabelText('Throw Boundary away'));
        await waitFor(() => expect(server.to('DELETE cutups/7').length).toBe(1));
        await waitFor(() => expect(server.to('GET cutups').length).toBe(2));
    });

    it('says why one was not kept', async () => {
        serve({ 'GET cutups': { cutups: [] }, 'POST cutups': refusal(422, 'A cut-up of that name stands there.') });
        house(<Cutups filter={{}} onFilter={vi.fn()} onPlay={vi.fn()} />);
        await userEvent.click(screen.getByText('Keep as a cut-up'));
        await userEvent.type(await screen.findByLabelText('Name of the cut-up'), 'Boundary{Enter}');
        await userEvent.click(await screen.findByText('Share it'));
        expect(await screen.findByText('A cut-up of that name stands there.')).toBeTruthy();
    });
});
