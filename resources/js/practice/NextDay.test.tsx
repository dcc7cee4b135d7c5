// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { NextDay as Next } from '../api/practiceTypes';
import { eachItsOwn, house, serve } from '../test/house';
import { NextDay } from './NextDay';

vi.mock('@tanstack/react-router', () => ({
    Link: ({ children }: { children: ReactNode }) => <a href="#practice">{children}</a>,
}));

const NEXT: Next = {
    id: '6',
    held_on: '2026-12-02',
    title: 'Their pressures',
    runs: 'gap',
    minutes: 95,
    contactMinutes: 20,
    calls: ['c1', 'c2', 'gone'],
};

const shown = (next: Next | null) => {
    serve({
        'GET calls': {
            calls: [
                { id: 'c1', name: 'Counter right' },
                { id: 'c2', name: 'Smash' },
            ],
        },
        'GET practices/5/install': {
            known: 1,
            calls: [
                {
                    call: 'c1',
                    name: 'Counter right',
                    new: [
                        { man: 'LG', task: 'kicks' },
                        { man: 'R', task: 'carries' },
                    ],
                    same: [],
                    talks: [],
                },
            ],
            next,
        },
    });
    house(<NextDay practice="5" />);
};

describe('the preview of the next day', () => {
    eachItsOwn();

    it('says what day it is, what is run, how long, and what is new for whom', async () => {
        shown(NEXT);
        const day = within(await screen.findByRole('region', { name: 'The next day' }));
        await day.findByText('Smash');
        expect(day.getByText(/gap runs, 95 min, 20 of full contact/).textContent).toContain(
            'Wed, Dec 2, Their pressures',
        );
        expect(day.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
            'Counter right: new for LG, R',
            'Smash',
            'no longer in the book',
        ]);
    });

    it('says that nothing is in a script for the first time', async () => {
        shown({ ...NEXT, calls: [] });
        expect(await screen.findByText('No call stands in its scripts for the first time this week.')).toBeTruthy();
    });

    it('is silent where no practice follows', async () => {
        shown(null);
        await new Promise((done) => setTimeout(done, 50));
        expect(screen.queryByRole('region', { name: 'The next day' })).toBeNull();
    });
});
