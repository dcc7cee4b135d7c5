// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Prompt } from '../api/planTypes';
import { PromptCard } from './PromptCard';

vi.mock('@tanstack/react-router', () => ({
    Link: ({ children, search }: { children: ReactNode; search: { call: string } }) => (
        <a href={`#${search.call}`}>{children}</a>
    ),
}));

const prompt = (change: Partial<Prompt> = {}): Prompt => ({
    trigger: 'leak',
    name: 'They sink and contain against the boot',
    picture: 'under center wing right',
    state: 'due',
    needs: [{ words: 'end contains', times: 1, seen: 2, ids: ['a', 'b'] }],
    then: ['leak'],
    why: 'the man who leaks is alone',
    answer: null,
    wrong: 0,
    calls: [{ id: 'c1', name: 'Leak' }],
    ...change,
});

describe('a trigger', () => {
    afterEach(cleanup);

    it('says what was seen, what to call and why, and opens its snaps', async () => {
        const onOpen = vi.fn();
        render(<PromptCard prompt={prompt()} busy={false} onSay={vi.fn()} onOpen={onOpen} />);
        expect(screen.getByRole('article', { name: /sink and contain/ }).textContent).toContain('alone');
        expect(screen.getByRole('link', { name: 'Leak' }).getAttribute('href')).toBe('#c1');
        await userEvent.click(screen.getByRole('button', { name: '2 of 1, end contains: watch' }));
        expect(onOpen).toHaveBeenCalledWith('They sink and contain against the boot: end contains', ['a', 'b']);
    });

    it('names the family where no call of the book is of it', () => {
        render(
            <PromptCard
                prompt={prompt({ calls: [], then: ['jet counter', 'quarterback wham'] })}
                busy={false}
                onSay={vi.fn()}
            />,
        );
        expect(screen.getByText(/jet counter or quarterback wham/)).toBeTruthy();
        expect(screen.queryByRole('link')).toBeNull();
    });

    it.each([
        ['Taken', 'taken'],
        ['Put off', 'off'],
        ['Wrong', 'wrong'],
    ])('is answered: %s', async (label, answer) => {
        const onSay = vi.fn();
        render(<PromptCard prompt={prompt()} busy={false} onSay={onSay} />);
        await userEvent.click(screen.getByRole('button', { name: label }));
        expect(onSay).toHaveBeenCalledWith(answer);
    });

    it('shows what was answered, and how often it was wrong', () => {
        render(<PromptCard prompt={prompt({ answer: 'wrong', wrong: 3 })} busy={false} onSay={vi.fn()} />);
        expect(screen.getByRole('button', { name: 'Wrong' }).getAttribute('aria-pressed')).toBe('true');
        expect(screen.getByText('told wrong in 3 games')).toBeTruthy();
    });

    it.each(['one short', 'begun'] as const)('asks nothing while it is %s', (state) => {
        render(<PromptCard prompt={prompt({ state })} busy={false} onSay={vi.fn()} />);
        expect(screen.queryByRole('button')).toBeNull();
        expect(screen.queryByText(/alone/)).toBeNull();
        expect(screen.getByText('2 of 1')).toBeTruthy();
    });
});
