// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Problem } from '../api/client';
import { WordTable } from './WordTable';

const file = (text: string) => new File([text], 'words.csv', { type: 'text/csv' });

describe('a list of words from a table', () => {
    afterEach(() => {
        cleanup();
        vi.restoreAllMocks();
    });

    it('shows what would come in before anything is taken', async () => {
        const post = vi.spyOn(api, 'post').mockResolvedValue({
            entries: [{ alias: 'spur', word: 'nickel' }],
            problems: [{ row: 3, text: '"smash" is a word of the language already.' }],
            same: 2,
        });
        const onTake = vi.fn().mockResolvedValue(true);
        render(<WordTable onTake={onTake} />);
        await userEvent.upload(screen.getByLabelText('List of words'), file('spur,nickel'));
        expect(post).toHaveBeenCalledWith('staff-book/words', { csv: 'spur,nickel' });
        expect(await screen.findByText(/2 stand there already/)).toBeTruthy();
        expect(screen.getByText(/Row 3/).textContent).toContain('word of the language');
        expect(onTake).not.toHaveBeenCalled();
        await userEvent.click(await screen.findByRole('button', { name: 'Take it in' }));
        expect(onTake).toHaveBeenCalledWith([{ alias: 'spur', word: 'nickel' }]);
        expect(screen.queryByText(/stand there already/)).toBeNull();
    });

    it('keeps the list where it was not saved', async () => {
        vi.spyOn(api, 'post').mockResolvedValue({ entries: [{ alias: 'spur', word: '' }], problems: [], same: 0 });
        render(<WordTable onTake={vi.fn().mockResolvedValue(false)} />);
        await userEvent.upload(screen.getByLabelText('List of words'), file('spur'));
        await userEvent.click(await screen.findByRole('button', { name: 'Take it in' }));
        expect(screen.getByText('spur: no meaning yet')).toBeTruthy();
    });

    it('says why a file is not read', async () => {
        vi.spyOn(api, 'post').mockRejectedValue(new Problem(422, 'This is no table', 'It is empty or not text.'));
        render(<WordTable onTake={vi.fn()} />);
        await userEvent.upload(screen.getByLabelText('List of words'), file(''));
        expect((await screen.findByRole('alert')).textContent).toContain('It is empty');
        expect(screen.queryByRole('button')).toBeNull();
    });
});
