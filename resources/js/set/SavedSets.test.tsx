// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { call } from '../test/samples';
import { SavedSets } from './SavedSets';

const RIDGE = {
    id: '3',
    name: 'ridge',
    words: 'gun trips right',
    document: { kind: 'jacotaxis.formation', version: 1, quarterback: 'gun', set: 'trips', side: 'right' },
};

describe('sets of the staff', () => {
    eachItsOwn();

    it('lines the call up in one, and takes its motions away', async () => {
        serve({ 'GET formations': { formations: [RIDGE] } });
        const onDraw = vi.fn();
        const moved = { ...call, motions: [{ man: 'H', kind: 'jet' }] } as never;
        house(<SavedSets document={moved} onDraw={onDraw} />);
        await userEvent.click(await screen.findByText('ridge'));
        expect(onDraw.mock.calls[0][0]).toMatchObject({ set: 'trips', motions: [], assignments: call.assignments });
    });

    it('keeps the set on the board under a name, without the routes', async () => {
        const server = serve({ 'GET formations': { formations: [] }, 'POST formations': { ...RIDGE, name: 'hill' } });
        house(<SavedSets document={call} onDraw={vi.fn()} />);
        expect(screen.queryByText('Save set')).toBeNull();
        await userEvent.type(screen.getByLabelText('Name of the set'), 'hill{Enter}');
        await waitFor(() => expect(server.to('POST formations').length).toBe(1));
        const sent = server.to('POST formations')[0].body as { name: string; document: Record<string, unknown> };
        expect(sent.name).toBe('hill');
        expect(sent.document).toMatchObject({ kind: 'jacotaxis.formation', set: '2x2', side: 'right' });
        expect(sent.document.assignments).toBeUndefined();
        expect(await screen.findByText('Saved the set hill: say it in the call line')).toBeTruthy();
        expect((screen.getByLabelText('Name of the set') as HTMLInputElement).value).toBe('');
    });

    it('keeps the name that was typed when it is refused', async () => {
        serve({ 'GET formations': { formations: [] }, 'POST formations': refusal(422, '"trips" is a set already.') });
        house(<SavedSets document={call} onDraw={vi.fn()} />);
        await userEvent.type(screen.getByLabelText('Name of the set'), 'trips{Enter}');
        expect(await screen.findByText('"trips" is a set already.')).toBeTruthy();
        expect((screen.getByLabelText('Name of the set') as HTMLInputElement).value).toBe('trips');
    });
});
