// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { CallLine } from './CallLine';

const NOTHING = {
    quarterbacks: [],
    sets: [],
    modifiers: [],
    savedSets: [],
    motions: [],
    purposes: [],
    families: [],
    aliases: [],
    protections: [],
    fakes: [],
    runs: [],
    tags: [],
    orders: [],
    acts: [],
    phases: [],
    actions: [],
    routes: [],
    fronts: [],
    shells: [],
    roles: [],
    jobs: [],
    leverages: [],
    movements: [],
    sides: [],
    answers: [],
    techniques: [],
    letters: [],
    cadence: [],
    groups: {},
    flags: [],
    said: { call: [] },
    kills: [],
    tricks: [],
};

const READ: Record<string, unknown> = {
    'trips rt sail': { document: { a: 1 }, words: 'gun trips right: flood right', assumed: ['gun'] },
    'trips rt sail; X dig': { document: { a: 2 }, words: 'gun trips right: flood right; X dig', assumed: [] },
};

const line = () => {
    const server = serve({
        'GET vocabulary': NOTHING,
        'POST words': ({ body }: { body: { words: string } }) =>
            READ[body.words] ?? refusal(422, 'Not understood yet.', { word: 'x', meanings: [] }),
    });
    const onCall = vi.fn();
    house(<CallLine document={null} situation={{} as never} onCall={onCall} />);
    return { server, onCall, input: screen.getByRole('combobox', { name: 'Call line' }) as HTMLInputElement };
};

describe('the call line while typing', () => {
    eachItsOwn();

    it('says what was understood once the fingers rest, and changes nothing on the board', async () => {
        const { onCall, input } = line();
        await userEvent.type(input, 'trips rt sail');
        const says = screen.getByRole('status');
        await waitFor(() => expect(says.textContent).toBe('Enter shows gun trips right: flood right; assumed: gun'));
        expect(onCall).not.toHaveBeenCalled();
        expect(input.value).toBe('trips rt sail');
        await userEvent.type(input, '; X dig');
        await waitFor(() => expect(says.textContent).toBe('Enter shows gun trips right: flood right; X dig'));
    });

    it('says nothing of words that mean nothing yet, and does not call them wrong', async () => {
        const { server, input } = line();
        await userEvent.type(input, 'trips rt sa');
        await waitFor(() => expect(server.to('POST words').length).toBeGreaterThan(0));
        expect(screen.getByRole('status').textContent).toBe('Enter shows it, Tab completes');
        expect(input.getAttribute('aria-invalid')).toBe('false');
    });

    it('says why once they were sent', async () => {
        const { input } = line();
        await userEvent.type(input, 'trips rt sa{Enter}');
        await waitFor(() => expect(screen.getByRole('status').textContent).toBe('Not understood yet.'));
        expect(input.getAttribute('aria-invalid')).toBe('true');
    });
});
