// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { eachItsOwn, house, serve } from '../test/house';
import { ThrownAway } from './ThrownAway';

const things = {
    things: [
        { kind: 'call', id: '1', name: 'Ridge smash', at: '2026-11-30T10:00:00+00:00' },
        { kind: 'look', id: '2', name: 'bear, cover 0', at: '2026-11-29T10:00:00+00:00' },
    ],
};

describe('what was thrown away', () => {
    eachItsOwn();

    it('is not spoken of where there is nothing', async () => {
        const server = serve({ 'GET thrown-away': { things: [] } });
        house(<ThrownAway />);
        await waitFor(() => expect(server.sent).toHaveLength(1));
        expect(screen.queryByText('Thrown away')).toBeNull();
    });

    it('is taken back', async () => {
        const server = serve({ 'GET thrown-away': things, 'POST thrown-away/look/2': null });
        house(<ThrownAway />);
        const look = within((await screen.findByText('bear, cover 0')).closest('li')!);
        await userEvent.click(look.getByRole('button', { name: 'Take back' }));
        await waitFor(() => expect(server.to('POST thrown-away/look/2')).toHaveLength(1));
    });

    it('is deleted for good only after it was asked', async () => {
        const server = serve({ 'GET thrown-away': things, 'DELETE thrown-away/call/1': null });
        house(<ThrownAway />);
        const call = within((await screen.findByText('Ridge smash')).closest('li')!);
        await userEvent.click(call.getByRole('button', { name: 'Delete for good' }));
        expect(server.to('DELETE thrown-away/call/1')).toEqual([]);
        const asked = within(await screen.findByRole('dialog'));
        await userEvent.click(asked.getByRole('button', { name: 'Delete for good' }));
        await waitFor(() => expect(server.to('DELETE thrown-away/call/1')).toHaveLength(1));
    });
});
