// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { LookLine } from './LookLine';

const VOCABULARY = {
    fronts: ['4-2 nickel', '3-4'],
    shells: ['cover 1', 'cover 3'],
    defenders: ['corners'],
    techniques: ['2i'],
    said: { fronts: [], shells: [], look: [] },
};

const line = (answer: unknown) => {
    const server = serve({ 'GET vocabulary': VOCABULARY, 'POST look-words': answer });
    const onLook = vi.fn();
    house(<LookLine words="4-2 nickel, cover 3" onLook={onLook} />);
    return { server, onLook, input: screen.getByRole('combobox', { name: 'Look line' }) };
};

describe('the look line', () => {
    eachItsOwn();

    it('shows the look on the field, and gives back what is typed', async () => {
        const read = { document: { front: '3-4', shell: 'cover 1' }, words: '3-4, cover 1', assumed: [] };
        const { server, onLook, input } = line(read);
        expect((input as HTMLInputElement).value).toBe('4-2 nickel, cover 3');
        await userEvent.clear(input);
        await userEvent.type(input, '34 c1{Enter}');
        expect(server.to('POST look-words')[0].body).toEqual({ words: '34 c1' });
        expect(onLook).toHaveBeenCalledWith(read.document, '3-4, cover 1');
        expect(screen.queryByText(/^Assumed/)).toBeNull();
    });

    it('says what was filled in', async () => {
        const { input } = line({
            document: { front: '4-2 nickel', shell: 'cover 1' },
            words: '4-2 nickel, cover 1',
            assumed: ['front 4-2 nickel: none is said'],
        });
        await userEvent.clear(input);
        await userEvent.type(input, 'cover 1{Enter}');
        expect(await screen.findByText('Assumed: front 4-2 nickel: none is said')).toBeTruthy();
    });

    it('keeps words that were refused, with the reason under them', async () => {
        const { onLook, input } = line(refusal(422, '"heap" is not a front.'));
        await userEvent.clear(input);
        await userEvent.type(input, 'heap, cover 3{Enter}');
        expect((await screen.findByRole('status')).textContent).toBe('"heap" is not a front.');
        expect((input as HTMLInputElement).value).toBe('heap, cover 3');
        expect(onLook).not.toHaveBeenCalled();
    });

    it('says what was understood while one types, and changes nothing on the field', async () => {
        const read = { document: {}, words: '3-4, cover 1, corners press', assumed: [] };
        const { onLook, input } = line(read);
        await userEvent.clear(input);
        await userEvent.type(input, 'okie c1 press');
        expect((await screen.findByRole('status')).textContent).toBe('Enter shows 3-4, cover 1, corners press');
        expect(onLook).not.toHaveBeenCalled();
        await userEvent.type(input, '{Enter}');
        expect(onLook).toHaveBeenCalledOnce();
        expect(screen.queryByRole('status')).toBeNull();
    });

    it('puts the look of the field back on Escape', async () => {
        const { input } = line({});
        await userEvent.clear(input);
        await userEvent.type(input, 'cov{Escape}');
        expect((input as HTMLInputElement).value).toBe('4-2 nickel, cover 3');
    });
});
