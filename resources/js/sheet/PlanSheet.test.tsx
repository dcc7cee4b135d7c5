// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { Plan, Weighed } from '../api/planTypes';
import type { SavedLook, SheetCell } from '../api/types';
import { eachItsOwn, house, serve } from '../test/house';
import { PlanSheet } from './PlanSheet';
import { isFull, weighing } from './usePlan';

vi.mock('@tanstack/react-router', () => ({
    Link: ({ children }: { children: ReactNode }) => <a href="#board">{children}</a>,
}));

const look = (words: string, shown: number): SavedLook => ({ id: words, words, shown }) as unknown as SavedLook;
const LOOKS = [look('4-2 nickel, cover 3', 30), look('bear, cover 0', 2)];
const cell = (chance: number, verdict: string): SheetCell =>
    ({ verdict, worth: { byRule: { chance }, worst: { chance: chance / 2 } } }) as unknown as SheetCell;
const row = (id: string, pass: boolean, chance: number, verdict = 'open') => ({
    id,
    name: id,
    words: `words of ${id}`,
    pass,
    cell: cell(chance, verdict),
});
const BOOK = [row('Zone', false, 0.6), row('Smash', true, 0.4, 'covered')];
const SITUATION = { hash: 'middle', down: 1, toGoYd: 10, ballOnYd: 40, rules: 'nfhs' } as const;

const weighed = (on: string[]): Weighed => ({
    shares: [0.9, 0.1],
    menu: on.map((id) => ({ id, name: id, worth: 0.55, low: 0.5, high: 0.6, good: 0.9, best: [0], hurtBy: 1 })),
    mix: {
        calls: [{ id: 'Zone', name: 'Zone', share: 1 }],
        looks: [{ look: 1, expects: 'run', share: 1 }],
        guarantees: 0.3,
        byShares: { id: 'Zone', name: 'Zone', worth: 0.55 },
        gain: 0.25,
    },
    holes: on.includes('Smash') ? [] : [1],
    closers: { calls: on.includes('Smash') ? [] : [{ id: 'Smash', name: 'Smash', closes: [1] }], open: [] },
    idle: on.includes('Smash') ? [{ id: 'Smash', name: 'Smash', instead: 'Stick' }] : [],
});

function opened(calls: string[]) {
    const plan: Plan = { opponent: 'Granite Pass', calls, openers: [], version: 3 };
    const server = serve({
        'POST menus': { rows: BOOK },
        'GET plans/Granite%20Pass': () => plan,
        'PUT plans/Granite%20Pass': ({ body }: { body: unknown }) => {
            plan.calls = (body as Plan).calls;
            plan.version++;
            return plan;
        },
        'POST plans/weigh': ({ body }: { body: unknown }) =>
            weighed((body as { calls: { id: string; on: boolean }[] }).calls.filter((c) => c.on).map((c) => c.id)),
    });
    house(<PlanSheet shown={LOOKS} opponent="Granite Pass" situation={SITUATION} named={false} />);
    return server;
}

describe('the call sheet against an opponent', () => {
    eachItsOwn();

    it('teaches what to do where nothing is on it, and takes the whole book', async () => {
        const server = opened([]);
        expect(await screen.findByText(/No call is on the sheet against Granite Pass/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: /all 2 of the book/ }));
        expect(server.to('PUT plans/Granite%20Pass')[0]).toMatchObject({
            body: { calls: ['Zone', 'Smash'] },
            version: '"3"',
        });
        expect(await screen.findByRole('button', { name: 'Take Zone off the sheet' })).toBeTruthy();
    });

    it('sends the proofs of every call against every look, on the sheet or not', async () => {
        const server = opened(['Zone']);
        expect((await screen.findByTestId('plan-summary')).textContent).toContain(
            '1 call, something good against 90 %',
        );
        expect(server.to('POST plans/weigh').at(-1)?.body).toEqual({
            looks: LOOKS.map(({ words, shown }) => ({ words, shown })),
            calls: [
                {
                    id: 'Zone',
                    name: 'Zone',
                    on: true,
                    pass: false,
                    cells: Array(2).fill({ chance: 0.6, worst: 0.3, verdict: 'open', key: null }),
                },
                {
                    id: 'Smash',
                    name: 'Smash',
                    on: false,
                    pass: true,
                    cells: Array(2).fill({ chance: 0.4, worst: 0.2, verdict: 'covered', key: null }),
                },
            ],
        });
    });

    it('gives the sheet out as files once something is on it', async () => {
        opened(['Zone']);
        const csv = await screen.findByRole('link', { name: 'CSV' });
        expect(csv.getAttribute('href')).toBe('/api/v1/plans/Granite%20Pass/sheet.csv');
        expect(screen.getByRole('link', { name: 'JSON' }).getAttribute('href')).toMatch(/sheet\.json$/);
    });

    it('gives no file out of an empty sheet', async () => {
        opened([]);
        await screen.findByText(/No call is on the sheet/);
        expect(screen.queryByRole('link', { name: 'CSV' })).toBeNull();
    });

    it('prints a card for the wrist with every call under its number', async () => {
        opened(['Smash', 'Zone', 'gone']);
        await screen.findByTestId('plan-summary');
        const card = document.querySelector('[aria-label=Wristband]')!;
        expect([...card.querySelectorAll('li')].map((li) => li.textContent)).toEqual([
            '1Smash',
            '2Zone',
            '3no longer in the book',
        ]);
    });

    it('closes a hole by the call that is proposed, and gives it the next number', async () => {
        opened(['Zone']);
        expect(await screen.findByText('closes bear, cover 0', { exact: false })).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'put it on: Smash' }));
        const taken = await screen.findByRole('button', { name: 'Take Smash off the sheet' });
        expect(within(taken.closest('tr')!).getByText('2')).toBeTruthy();
        expect(screen.getByText(/something is good against every look he shows/)).toBeTruthy();
    });

    it('takes a call off that earns no place, with the call that does its work', async () => {
        const server = opened(['Zone', 'Smash']);
        await userEvent.click(await screen.findByRole('button', { name: 'take it off: Smash' }));
        expect(server.to('PUT plans/Granite%20Pass')[0].body).toEqual({ calls: ['Zone'] });
    });

    it('says the mix, what it guarantees and what calling by his shares would gain', async () => {
        opened(['Zone']);
        expect(await screen.findByText(/30 % succeed whatever Granite Pass shows/)).toBeTruthy();
        expect(screen.getByText(/25 points more/)).toBeTruthy();
        expect(screen.getByText(/bear, cover 0 for the run 100 %/)).toBeTruthy();
    });

    it('teaches where no look of an opponent is saved', () => {
        serve({});
        house(<PlanSheet shown={[]} opponent="" situation={SITUATION} named={false} />);
        expect(screen.getByText(/No look of an opponent is saved yet/)).toBeTruthy();
    });
});

describe('what is weighed', () => {
    it('waits until every look is proved', () => {
        expect(isFull({}, LOOKS)).toBe(false);
        expect(isFull({ [LOOKS[0].words]: BOOK }, LOOKS)).toBe(false);
        expect(isFull({ [LOOKS[0].words]: BOOK, [LOOKS[1].words]: BOOK }, LOOKS)).toBe(true);
        expect(isFull({}, [])).toBe(false);
    });

    it('puts the proofs of a call in the order of the looks, whatever the order of the rows', () => {
        const rows = { [LOOKS[0].words]: BOOK, [LOOKS[1].words]: [row('Smash', true, 0.1), row('Zone', false, 0.2)] };
        const asked = weighing(rows, LOOKS, ['Smash']);
        expect(asked.calls.map((c) => c.cells.map((x) => x.chance))).toEqual([
            [0.6, 0.2],
            [0.4, 0.1],
        ]);
        expect(asked.calls.map((c) => c.on)).toEqual([false, true]);
    });
});
