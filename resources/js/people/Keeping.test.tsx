// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { Keeping } from './Keeping';

const KEPT = { thrownDays: 60, filmMonths: null, version: 4 };

const fields = async () => ({
    thrown: await screen.findByLabelText<HTMLInputElement>(/What was thrown away/),
    film: await screen.findByLabelText<HTMLInputElement>(/Film with its grades/),
});

describe('how long things are kept', () => {
    eachItsOwn();

    it('shows what holds now', async () => {
        serve({ 'GET keeping': { ...KEPT, filmMonths: 24 } });
        house(<Keeping />);
        const { thrown, film } = await fields();
        expect([thrown.value, film.value]).toEqual(['60', '24']);
    });

    it('saves on the version it was read at; an empty field is for ever', async () => {
        const server = serve({ 'GET keeping': { ...KEPT, filmMonths: 24 }, 'PUT keeping': { ...KEPT, version: 5 } });
        house(<Keeping />);
        const { thrown, film } = await fields();
        await userEvent.clear(film);
        await userEvent.clear(thrown);
        await userEvent.type(thrown, '30');
        await userEvent.click(screen.getByRole('button', { name: 'Keep it so' }));
        await waitFor(() => expect(server.to('PUT keeping')).toHaveLength(1));
        expect(server.to('PUT keeping')[0]).toMatchObject({
            body: { thrownDays: 30, filmMonths: null },
            version: '"4"',
        });
        await screen.findByText(/Saved/);
    });

    it('says why it was not saved', async () => {
        serve({ 'GET keeping': KEPT, 'PUT keeping': refusal(422, 'Give 1 to 730 days.') });
        house(<Keeping />);
        await fields();
        await userEvent.click(screen.getByRole('button', { name: 'Keep it so' }));
        await screen.findByText(/Give 1 to 730 days/);
    });
});
