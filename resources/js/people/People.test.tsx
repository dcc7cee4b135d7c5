// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { People, type Person } from './People';

const person = (change: Partial<Person> = {}): Person => ({
    id: '5',
    name: 'Piet Garrow',
    email: 'line@cedarfork.example',
    role: 'position coach',
    playerId: null,
    state: 'in',
    signedInAt: '2026-11-20T10:00:00+00:00',
    ...change,
});
const LINK = { person: person({ state: 'has a link' }), link: 'http://school/join/abc' };

describe('people', () => {
    eachItsOwn();

    it('invites somebody and shows his link until it is put away', async () => {
        const server = serve({ 'GET people': { people: [] }, 'POST people': LINK });
        house(<People />);
        const form = within(screen.getByRole('form', { name: 'Invite somebody' }));
        await userEvent.type(form.getByLabelText('Name'), 'Piet Garrow');
        await userEvent.type(form.getByLabelText('Address'), 'line@cedarfork.example');
        await userEvent.click(form.getByText('Invite'));
        const link = (await screen.findByLabelText('Link of Piet Garrow')) as HTMLInputElement;
        expect(link.value).toBe('http://school/join/abc');
        expect(server.to('POST people')[0].body).toEqual({
            name: 'Piet Garrow',
            email: 'line@cedarfork.example',
            role: 'position coach',
        });
        await userEvent.click(screen.getByText('Done'));
        expect(screen.queryByLabelText('Link of Piet Garrow')).toBeNull();
    });

    it('asks which page is his when a player is invited', async () => {
        serve({
            'GET people': { people: [] },
            'GET players': { players: [{ id: '11', number: 84, name: 'Ovid Tarn' }] },
        });
        house(<People />);
        expect(screen.queryByLabelText('His page')).toBeNull();
        await userEvent.selectOptions(screen.getByLabelText('Role'), 'player');
        expect(await screen.findByText('84 Ovid Tarn')).toBeTruthy();
    });

    it('asks before a link ends the sessions of somebody who is in', async () => {
        const server = serve({ 'GET people': { people: [person()] }, 'POST people/5/link': LINK });
        house(<People />);
        await userEvent.click(await screen.findByText('New link'));
        expect(await screen.findByText(/all his sessions end/)).toBeTruthy();
        await userEvent.click(screen.getByText('Leave it'));
        expect(server.to('POST people/5/link')).toEqual([]);
        await userEvent.click(screen.getByText('New link'));
        await userEvent.click(await screen.findByText('Make the link'));
        expect(await screen.findByLabelText('Link of Piet Garrow')).toBeTruthy();
    });

    it.each([
        ['in', 'Shut out', true],
        ['shut out', 'Let in again', false],
    ] as const)('of somebody who is %s offers: %s', async (state, button, disabled) => {
        const server = serve({ 'GET people': { people: [person({ state })] }, 'PATCH people/5': person() });
        house(<People />);
        await userEvent.click(await screen.findByText(button));
        await waitFor(() => expect(server.to('PATCH people/5')[0].body).toEqual({ disabled }));
        await waitFor(() => expect(server.to('GET people').length).toBe(2));
    });

    it('says why the last coordinator stays one', async () => {
        serve({
            'GET people': { people: [person({ role: 'coordinator' })] },
            'PATCH people/5': refusal(409, 'Piet Garrow is the only coordinator. Make another one first.'),
        });
        house(<People />);
        await userEvent.selectOptions(await screen.findByLabelText('Role of Piet Garrow'), 'position coach');
        expect(await screen.findByText(/only coordinator/)).toBeTruthy();
    });
});
