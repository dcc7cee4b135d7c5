// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { eachItsOwn, house } from '../../test/house';
import { askWord, askYes } from './asking';

const NAME = { title: 'Keep these snaps', label: 'Name of the cut-up', yes: 'Keep' };

describe('a question of the program', () => {
    eachItsOwn();

    it('takes a word with Enter', async () => {
        house(<p />);
        const answer = askWord({ ...NAME, value: 'Red' });
        const field = (await screen.findByLabelText('Name of the cut-up')) as HTMLInputElement;
        expect(field.value).toBe('Red');
        await userEvent.type(field, ' zone {Enter}');
        expect(await answer).toBe('Red zone');
        await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    });

    it.each([
        ['Esc', () => userEvent.keyboard('{Escape}')],
        ['Leave it', async () => userEvent.click(screen.getByText('Leave it'))],
    ])('is left open with %s, and nothing is taken', async (_, leave) => {
        house(<p />);
        const answer = askWord(NAME);
        await userEvent.type(await screen.findByLabelText('Name of the cut-up'), 'Red');
        await leave();
        expect(await answer).toBeNull();
    });

    it('does not take an empty word', async () => {
        house(<p />);
        const answer = askWord(NAME);
        await userEvent.type(await screen.findByLabelText('Name of the cut-up'), '   ');
        expect((screen.getByText('Keep') as HTMLButtonElement).disabled).toBe(true);
        await userEvent.keyboard('{Escape}');
        expect(await answer).toBeNull();
    });

    it.each([
        ['Share it', true],
        ['Mine alone', false],
    ])('answers %s', async (button, said) => {
        house(<p />);
        const answer = askYes({ title: 'Share it with the staff?', yes: 'Share it', no: 'Mine alone' });
        await userEvent.click(await screen.findByText(button));
        expect(await answer).toBe(said);
    });

    it('tells who asked before that he was not answered', async () => {
        house(<p />);
        const first = askWord(NAME);
        const second = askYes({ title: 'Share it?', yes: 'Share it' });
        expect(await first).toBeNull();
        await userEvent.click(await screen.findByText('Share it'));
        expect(await second).toBe(true);
    });
});
