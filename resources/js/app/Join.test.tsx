// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { Join } from './Join';
import { OwnPassword } from './OwnPassword';

const SESSION = { id: '9', name: 'Piet Garrow', role: 'position coach', staff: true, playerId: null };

describe('coming in by a link', () => {
    eachItsOwn();

    it('greets the owner, says what is wrong with a password, and signs him in with a good one', async () => {
        const server = serve({
            'GET join/abc': { name: 'Piet Garrow', email: 'line@cedarfork.example' },
            'POST join/abc': ({ body }: { body: unknown }) =>
                (body as { password: string }).password === 'football1'
                    ? refusal(422, 'A password has 10 to 200 signs; this one has 9.')
                    : SESSION,
        });
        const { client } = house(<Join token="abc" />);
        expect(await screen.findByText('Welcome, Piet Garrow. Choose your password.')).toBeTruthy();
        const field = screen.getByLabelText('Password, ten signs or more');
        await userEvent.type(field, 'football1{Enter}');
        await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('this one has 9'));
        expect(client.getQueryData(['session'])).toBeUndefined();
        await userEvent.clear(field);
        await userEvent.type(field, 'ridge lantern plum{Enter}');
        await waitFor(() => expect(client.getQueryData(['session'])).toEqual(SESSION));
        expect(server.to('POST join/abc')[1].body).toEqual({ password: 'ridge lantern plum' });
    });

    it('says what to do with a link that opens nothing, and asks for no password', async () => {
        serve({ 'GET join/old': refusal(404, 'It was used. Ask your coordinator for another.') });
        house(<Join token="old" />);
        expect((await screen.findByRole('alert')).textContent).toContain('Ask your coordinator');
        expect(screen.queryByLabelText('Password, ten signs or more')).toBeNull();
    });
});

describe('a password of one’s own', () => {
    eachItsOwn();

    it('is changed with the old one, and the window closes', async () => {
        const server = serve({ 'PUT session/password': SESSION });
        house(<OwnPassword />);
        await userEvent.click(screen.getByText('Password'));
        await userEvent.type(await screen.findByLabelText('The one you have'), 'four-verticals');
        await userEvent.type(screen.getByLabelText('The new one, ten signs or more'), 'ridge lantern plum{Enter}');
        await waitFor(() =>
            expect(server.to('PUT session/password')[0].body).toEqual({
                old: 'four-verticals',
                password: 'ridge lantern plum',
            }),
        );
        expect(await screen.findByText(/signed out everywhere else/)).toBeTruthy();
        await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    });

    it('keeps the window and what was typed when the old one is wrong', async () => {
        serve({ 'PUT session/password': refusal(422, 'This is not your password now.') });
        house(<OwnPassword />);
        await userEvent.click(screen.getByText('Password'));
        await userEvent.type(await screen.findByLabelText('The one you have'), 'nope');
        await userEvent.type(screen.getByLabelText('The new one, ten signs or more'), 'ridge lantern plum{Enter}');
        expect(await screen.findByText('This is not your password now.')).toBeTruthy();
        expect((screen.getByLabelText('The one you have') as HTMLInputElement).value).toBe('nope');
    });
});
