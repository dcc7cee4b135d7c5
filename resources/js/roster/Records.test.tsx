// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Player } from '../api/types';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { Records } from './Records';

const PLAYER = { id: '7', name: 'Micah Lund', number: 11 } as Player;

describe('records of a player', () => {
    eachItsOwn();

    it('hands them over as a document and as a table', () => {
        serve({});
        house(<Records player={PLAYER} />);
        const links = screen.getAllByRole('link').map((a) => a.getAttribute('href'));
        expect(links).toEqual(['/api/v1/players/7/records.json', '/api/v1/players/7/records.csv']);
    });

    it('erases him once his name is said', async () => {
        const server = serve({ 'DELETE players/7': null });
        house(<Records player={PLAYER} />);
        await userEvent.click(screen.getByRole('button', { name: 'Erase for good' }));
        await userEvent.type(await screen.findByLabelText('Write his name to erase him'), 'Micah Lund');
        await userEvent.click(screen.getByRole('button', { name: 'Erase him' }));
        await waitFor(() => expect(server.to('DELETE players/7')[0].body).toEqual({ name: 'Micah Lund' }));
        expect(await screen.findByText('Micah Lund is erased')).toBeTruthy();
    });

    it('keeps him when the question is left', async () => {
        const server = serve({ 'DELETE players/7': null });
        house(<Records player={PLAYER} />);
        await userEvent.click(screen.getByRole('button', { name: 'Erase for good' }));
        await userEvent.click(await screen.findByRole('button', { name: 'Keep him' }));
        expect(server.to('DELETE players/7')).toEqual([]);
    });

    it('says why nothing was erased', async () => {
        serve({ 'DELETE players/7': refusal(422, 'This is not his name: write "Micah Lund" to erase him for good.') });
        house(<Records player={PLAYER} />);
        await userEvent.click(screen.getByRole('button', { name: 'Erase for good' }));
        await userEvent.type(await screen.findByLabelText('Write his name to erase him'), 'Mica');
        await userEvent.click(screen.getByRole('button', { name: 'Erase him' }));
        expect(await screen.findByText(/This is not his name/)).toBeTruthy();
    });
});
