// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, serve } from '../test/house';
import { Standing } from './Standing';

vi.mock('@tanstack/react-router', () => ({
    Link: ({ children, search }: { children: ReactNode; search: { player: string } }) => (
        <a href={`#${search.player}`}>{children}</a>
    ),
}));

const man = (id: string, name: string, right: number, asked: number) => ({
    id,
    name,
    letter: 'Q',
    number: 9,
    onDays: asked === 0 ? 0 : 2,
    kinds: [{ kind: 'key', words: 'The key', asked, right }],
});

describe('how the men stand', () => {
    eachItsOwn();

    it('has a row for each man, with nothing where nothing was asked', async () => {
        serve({
            'GET reps': {
                days: 28,
                men: [man('1', 'Micah Lund', 2, 9), man('2', 'Theo Brandvold', 9, 9), man('3', 'Jonah Pell', 0, 0)],
                calls: [
                    { call: 'Wing counter', asked: 4, right: 1 },
                    { call: 'Smash right', asked: 4, right: 4 },
                ],
            },
        });
        house(<Standing />);
        const rows = (await screen.findAllByRole('row')).slice(1);
        // As they came: nobody is put above another by what he knows.
        expect(rows.map((row) => within(row).getAllByRole('cell')[0].textContent)).toEqual([
            'Q Micah Lund',
            'Q Theo Brandvold',
            'Q Jonah Pell',
        ]);
        expect(within(rows[0]).getByText('2 of 9')).toBeTruthy();
        expect(within(rows[2]).queryByText(/of/)).toBeNull();
        expect(within(rows[0]).getByRole('link').getAttribute('href')).toBe('#1');
        const calls = screen.getAllByRole('listitem').map((li) => li.textContent);
        expect(calls).toEqual(['Wing counter1 of 4', 'Smash right4 of 4']);
    });

    it('says when nobody has answered', async () => {
        serve({ 'GET reps': { days: 28, men: [], calls: [] } });
        house(<Standing />);
        expect(await screen.findByText('Nobody has answered yet.')).toBeTruthy();
    });
});
