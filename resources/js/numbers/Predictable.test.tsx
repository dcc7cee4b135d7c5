// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Known } from '../api/planTypes';
import { Predictable } from './Predictable';

const known = (change: Partial<Known> = {}): Known => ({
    snaps: 59,
    runs: 28,
    by: 'formation',
    points: 7.36,
    low: 1.8,
    high: 10.3,
    habits: [{ by: 'formation', name: 'gun 2x2 right', runs: 5, of: 28, points: 5.9, ids: ['a'] }],
    halving: [
        { name: 'gun trey right', calls: 2, of: 5, to: 'pass' },
        { name: 'gun trips right', calls: 1, of: 5, to: 'run' },
    ],
    ...change,
});

describe('how predictable we are', () => {
    afterEach(cleanup);

    it('says the figure, between what, and by what it is told', () => {
        render(<Predictable known={known()} onOpen={vi.fn()} />);
        expect(screen.getByTestId('predictable').textContent).toBe('7.4');
        expect(screen.getByText(/how often we run by formation/)).toBeTruthy();
        expect(screen.getByText(/Between 1.8 and 10.3; 28 runs of 59 calls/)).toBeTruthy();
    });

    it('names a habit by what is called there, and opens its snaps', async () => {
        const onOpen = vi.fn();
        render(<Predictable known={known()} onOpen={onOpen} />);
        expect(screen.getByRole('row', { name: /gun 2x2 right pass 23 of 28/ })).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: '28' }));
        expect(onOpen).toHaveBeenCalledWith('formation: gun 2x2 right', ['a']);
    });

    it('says the fewest calls that halve it, one or more', () => {
        render(<Predictable known={known()} onOpen={vi.fn()} />);
        expect(
            screen.getByText(/2 more passes of 5 at gun trey right; 1 more run of 5 at gun trips right/),
        ).toBeTruthy();
    });

    it('claims nothing that chance may have done', () => {
        render(<Predictable known={known({ low: 0, habits: [] })} onOpen={vi.fn()} />);
        expect(screen.getByText(/No more than chance may do \(up to 10.3\)/)).toBeTruthy();
        expect(screen.queryByText(/Half of it goes/)).toBeNull();
        expect(screen.queryByRole('table')).toBeNull();
    });

    it('says so where nothing is charted', () => {
        render(<Predictable known={known({ snaps: 0 })} onOpen={vi.fn()} />);
        expect(screen.getByText(/No call of ours is charted/)).toBeTruthy();
    });
});
