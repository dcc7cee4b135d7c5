// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { GradingSchool } from './GradingSchool';

const school = (change: object = {}) => ({
    version: 4,
    scale: 'three',
    winning: 0.8,
    keys: { receivers: ['drift', 'round'], line: [] },
    labels: {},
    scales: { three: 'plus, even, minus', two: 'plus or minus' },
    library: [
        { id: 'drift', called: 'drifts', label: 'Drifts upfield', groups: ['receivers'], praise: false },
        { id: 'round', called: 'rounds it', label: 'Rounds the break', groups: ['receivers'], praise: false },
        { id: 'sells', called: 'sells it', label: 'Sells the stem', groups: ['receivers'], praise: true },
    ],
    ...change,
});

describe('how we grade', () => {
    eachItsOwn();

    it('sends one change at its version and shows what came back', async () => {
        const server = serve({ 'GET grading': school(), 'PUT grading': school({ version: 5, scale: 'two' }) });
        house(<GradingSchool />);
        await userEvent.selectOptions(await screen.findByLabelText('School'), 'two');
        await waitFor(() =>
            expect(server.to('PUT grading')[0]).toMatchObject({ version: '"4"', body: { scale: 'two' } }),
        );
    });

    it('puts a fault on a key, moves none twice, and clears one', async () => {
        const server = serve({ 'GET grading': school(), 'PUT grading': school({ version: 5 }) });
        house(<GradingSchool />);
        await userEvent.selectOptions(await screen.findByLabelText('Key 3 of receivers'), 'sells');
        await waitFor(() =>
            expect(server.to('PUT grading')[0].body).toEqual({
                fault_keys: { receivers: ['drift', 'round', 'sells'], line: [] },
            }),
        );
        await userEvent.selectOptions(screen.getByLabelText('Key 1 of receivers'), '');
        await waitFor(() =>
            expect(server.to('PUT grading')[1].body).toEqual({ fault_keys: { receivers: ['round'], line: [] } }),
        );
        await userEvent.selectOptions(screen.getByLabelText('Key 2 of receivers'), 'drift');
        await waitFor(() =>
            expect(server.to('PUT grading')[2].body).toEqual({ fault_keys: { receivers: ['drift'], line: [] } }),
        );
    });

    it('calls a fault what the staff calls it', async () => {
        const server = serve({ 'GET grading': school(), 'PUT grading': school({ version: 5 }) });
        house(<GradingSchool />);
        await userEvent.click((await screen.findAllByText('rename'))[0]);
        const field = (await screen.findByLabelText('What your staff calls it')) as HTMLInputElement;
        expect(field.value).toBe('drifts');
        await userEvent.clear(field);
        await userEvent.type(field, 'floats{Enter}');
        await waitFor(() => expect(server.to('PUT grading')[0].body).toEqual({ fault_labels: { drift: 'floats' } }));
    });

    it('says a refusal and shows again what holds', async () => {
        const server = serve({ 'GET grading': school(), 'PUT grading': refusal(412, 'Changed by somebody else.') });
        house(<GradingSchool />);
        await userEvent.selectOptions(await screen.findByLabelText('Wins from'), '0.9');
        expect(await screen.findByText('Changed by somebody else.')).toBeTruthy();
        await waitFor(() => expect(server.to('GET grading').length).toBe(2));
        expect((screen.getByLabelText('Wins from') as HTMLSelectElement).value).toBe('0.8');
    });
});
