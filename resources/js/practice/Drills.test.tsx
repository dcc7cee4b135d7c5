// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, serve } from '../test/house';
import { answer, keeps, period, periodsOf, routes } from '../test/practice';
import { PracticePlan } from './PracticePlan';

vi.mock('@tanstack/react-router', () => ({
    useNavigate: () => () => undefined,
    Link: ({ children, search }: { children: ReactNode; search: { drill: string } }) => (
        <a href={`#${search.drill}`}>{children}</a>
    ),
}));

describe('the drills of a practice', () => {
    eachItsOwn();

    const card = (name: string, group: string, minutes: number) => ({
        id: null,
        version: null,
        ships: true,
        document: { name, group, minutes },
        mirrored: { name, group, minutes },
        cures: [],
        runsYd: [],
    });
    const drilled = (drills: string[], work: object = {}) => {
        const answered = {
            proposed: [
                { drill: 'combination', group: 'line', minutes: 10, times: 4, why: 'waits at the first level 4' },
            ],
            fitting: [['combination', 'triangle']],
            effects: [],
            ...work,
        };
        return {
            ...routes,
            'GET practices/5': answer([period({ kind: 'individual', minutes: 12, drills })]),
            'PUT practices/5': keeps,
            'GET drills': {
                drills: [card('combination', 'line', 10), card('drive', 'line', 6), card('triangle', 'backs', 6)],
            },
            'GET practices/5/drills': answered,
        };
    };

    it('fills the drills of a period from the film, and says why', async () => {
        const server = serve(drilled([]));
        house(<PracticePlan id="5" />);
        await userEvent.click(await screen.findByRole('button', { name: 'Fill from the film' }));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        expect(periodsOf(server.to('PUT practices/5')[0])[0].drills).toEqual(['combination', 'triangle']);
        expect(await screen.findByText('(waits at the first level 4)')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Fill from the film' })).toBeNull();
    });

    it('adds and takes out a drill by hand, and says when a group has too many minutes', async () => {
        const server = serve(drilled(['combination']));
        house(<PracticePlan id="5" />);
        await screen.findByText('Combination');
        await screen.findByRole('option', { name: 'Drive, 6 min' });
        expect(screen.queryByText(/min of 12/)).toBeNull();
        await userEvent.selectOptions(screen.getByLabelText('Add a drill to period 1'), 'drive');
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        expect(periodsOf(server.to('PUT practices/5')[0])[0].drills).toEqual(['combination', 'drive']);
        expect(await screen.findByText('16 min of 12')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Take out combination' }));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(2));
        expect(periodsOf(server.to('PUT practices/5')[1])[0].drills).toEqual(['drive']);
    });

    it('says what a drill did, and names one without effect', async () => {
        const share = (hits: number, of: number, low: number, high: number) => ({
            hits,
            of,
            share: hits / of,
            low,
            high,
        });
        serve(
            drilled(['combination'], {
                effects: [
                    {
                        drill: 'combination',
                        since: '2026-09-15',
                        times: 2,
                        before: share(6, 60, 0.05, 0.2),
                        after: share(1, 3, 0.06, 0.79),
                        said: 'too early to say',
                        isWithoutEffect: false,
                    },
                    {
                        drill: 'drive',
                        since: '2026-09-15',
                        times: 1,
                        before: share(6, 60, 0.05, 0.2),
                        after: share(5, 60, 0.04, 0.18),
                        said: 'no effect seen: another drill, or another cue',
                        isWithoutEffect: true,
                    },
                ],
            }),
        );
        house(<PracticePlan id="5" />);
        expect(await screen.findByText(/6 of 60 \(5 to 20 %\), then 1 of 3:/)).toBeTruthy();
        expect(screen.getByText('too early to say').className).not.toContain('text-ball');
        expect(screen.getByText(/^no effect seen/).className).toContain('text-ball');
    });
});
