// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { InstallCost } from '../api/practiceTypes';
import { eachItsOwn, house, serve } from '../test/house';
import { NewThisWeek } from './NewThisWeek';

const cost = (name: string, change: Partial<InstallCost> = {}): InstallCost => ({
    call: name,
    name,
    new: [],
    same: [],
    talks: [],
    ...change,
});

const week = (calls: InstallCost[]) => {
    serve({ 'GET practices/5/install': { known: 3, calls, next: null } });
    house(<NewThisWeek practice="5" />);
};

describe('what is new this week', () => {
    eachItsOwn();

    it('says of a call for whom what is new, and which fronts need a talk', async () => {
        week([
            cost('Counter right', {
                new: [
                    { man: 'LG', task: 'pulls and kicks out' },
                    { man: 'R', task: 'carries the counter' },
                ],
                talks: [
                    { front: 'bear', men: ['C', 'Y'], left: [] },
                    { front: '3-4', men: [], left: ['left end', 'jack'] },
                ],
            }),
        ]);
        const call = within((await screen.findByText('Counter right')).closest('li')!);
        call.getByText('new for 2');
        expect(call.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
            'LG pulls and kicks out',
            'R carries the counter',
        ]);
        call.getByText('Talk about the bear (other jobs for C, Y); the 3-4 (the left end, the jack left over).');
    });

    it('names together who learns the same', async () => {
        const task = 'shows crack, protects';
        const men = ['LT', 'LG', 'C', 'RG', 'RT', 'Q', 'R', 'X'];
        week([cost('Crack seam', { new: men.map((man) => ({ man, task: man === 'Q' ? 'reads wheel' : task })) })]);
        const call = within((await screen.findByText('Crack seam')).closest('li')!);
        expect(call.getAllByRole('listitem').map((l) => l.textContent)).toEqual([
            `line, R, X ${task}`,
            'Q reads wheel',
        ]);
        call.getByText('new for 8');
    });

    it('says that a call costs nothing', async () => {
        week([cost('Zone left')]);
        await screen.findByText('nothing new');
        expect(screen.queryByText(/Talk about/)).toBeNull();
    });

    it('shows the four dearest, and all when asked', async () => {
        week(['a', 'b', 'c', 'd', 'e', 'f'].map((name) => cost(name)));
        await screen.findByText('d');
        expect(screen.queryByText('e')).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: '2 more' }));
        screen.getByText('f');
        await userEvent.click(screen.getByRole('button', { name: 'The 4 dearest only' }));
        expect(screen.queryByText('e')).toBeNull();
    });

    it('is not spoken of where nothing is new', async () => {
        week([]);
        await new Promise((done) => setTimeout(done, 30));
        expect(screen.queryByText(/New this week/)).toBeNull();
    });
});
