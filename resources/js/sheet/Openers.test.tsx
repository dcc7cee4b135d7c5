// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { Opening, Plan } from '../api/planTypes';
import type { SavedLook, SheetCell } from '../api/types';
import { eachItsOwn, house, serve } from '../test/house';
import { moved } from './order';
import { Openers } from './Openers';

vi.mock('@tanstack/react-router', () => ({
    Link: ({ children }: { children: ReactNode }) => <a href="#board">{children}</a>,
}));

const LOOKS = ['4-2 nickel, cover 3', '4-2 nickel, cover 1'].map(
    (words) => ({ id: words, words, shown: 10 }) as unknown as SavedLook,
);
const cell = { verdict: 'open', key: 'nickel', worth: { byRule: { chance: 0.5 }, worst: { chance: 0.4 } } };
const BOOK = ['Jet', 'Smash', 'Iso'].map((id) => ({
    id,
    name: id,
    words: id,
    pass: false,
    cell: cell as unknown as SheetCell,
}));
const SITUATION = { hash: 'middle', down: 1, toGoYd: 10, ballOnYd: 40, rules: 'nfhs' } as const;
const next = (name: string, worth: number) => ({ id: name, name, worth });
const ASKED: Opening[] = [
    {
        id: 'Jet',
        name: 'Jet',
        worth: 0.5,
        tells: 0.034,
        questions: [
            {
                asks: 'who goes with H',
                tells: 0.034,
                answers: [
                    { words: 'zone: the nickel moves inside', share: 0.6, looks: [0], next: next('Smash', 0.62) },
                    { words: 'man: the nickel goes with him', share: 0.4, looks: [1], next: next('Iso', 0.55) },
                ],
            },
        ],
    },
    { id: 'Smash', name: 'Smash', worth: 0.55, tells: 0, questions: [] },
    { id: 'Iso', name: 'Iso', worth: 0.45, tells: 0, questions: [] },
];

function opened(openers: string[], calls = ['Jet', 'Smash', 'Iso']) {
    const plan: Plan = { opponent: 'Granite Pass', calls, openers, version: 3 };
    const server = serve({
        'POST menus': { rows: BOOK },
        'GET plans/Granite%20Pass': () => plan,
        'PUT plans/Granite%20Pass': ({ body }: { body: unknown }) => {
            plan.openers = (body as Plan).openers;
            plan.version++;
            return plan;
        },
        'POST plans/openers': { calls: ASKED },
    });
    house(<Openers shown={LOOKS} opponent="Granite Pass" situation={SITUATION} named={false} />);
    return server;
}

const asked = () => screen.getAllByRole('listitem').map((li) => li.getAttribute('aria-label'));

describe('the calls a game begins with', () => {
    eachItsOwn();

    it('shows what each asks, how often he answers so, and the call to make then', async () => {
        opened(['Jet']);
        const jet = await screen.findByRole('listitem', { name: 'Jet' });
        expect(within(jet).getByText('who goes with H: knowing it is worth 3.4 points')).toBeTruthy();
        const rows = within(jet).getAllByRole('row').slice(1);
        expect(rows.map((r) => r.textContent)).toEqual([
            'zone: the nickel moves inside 4-2 nickel, cover 360 %Smash 62 %',
            'man: the nickel goes with him 4-2 nickel, cover 140 %Iso 55 %',
        ]);
    });

    it('says of a call that asks nothing that it stands for what it gains', async () => {
        opened(['Smash']);
        expect(await screen.findByText(/It asks nothing: every look he shows answers it alike/)).toBeTruthy();
    });

    it('begins with those that tell something where none is chosen', async () => {
        const server = opened([]);
        await userEvent.click(await screen.findByRole('button', { name: 'the 1 that tell most' }));
        expect(server.to('PUT plans/Granite%20Pass')[0]).toMatchObject({ body: { openers: ['Jet'] }, version: '"3"' });
        expect(await screen.findByRole('listitem', { name: 'Jet' })).toBeTruthy();
    });

    it('takes one more, puts it earlier, and takes it off', async () => {
        const server = opened(['Jet']);
        await userEvent.click(await screen.findByRole('button', { name: 'take it: Iso' }));
        await screen.findByRole('listitem', { name: 'Iso' });
        expect(screen.queryByRole('button', { name: 'take it: Iso' })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Iso earlier' }));
        await vi.waitFor(() => expect(asked().slice(0, 2)).toEqual(['Iso', 'Jet']));
        await userEvent.click(screen.getByRole('button', { name: 'Take Jet off the openers' }));
        await vi.waitFor(() => expect(screen.queryByRole('listitem', { name: 'Jet' })).toBeNull());
        expect(server.to('PUT plans/Granite%20Pass').map((r) => r.body)).toEqual([
            { openers: ['Jet', 'Iso'] },
            { openers: ['Iso', 'Jet'] },
            { openers: ['Iso'] },
        ]);
    });

    it('sends who is in conflict with the proofs', async () => {
        const server = opened(['Jet']);
        await screen.findByRole('listitem', { name: 'Jet' });
        expect(server.to('POST plans/openers').at(-1)?.body).toMatchObject({
            situation: SITUATION,
            named: false,
            calls: [{ id: 'Jet', on: true, cells: [{ key: 'nickel' }, { key: 'nickel' }] }, {}, {}],
        });
    });

    it('teaches what to do where the sheet is empty', async () => {
        opened([], []);
        expect(await screen.findByText(/No call is on the sheet against Granite Pass yet/)).toBeTruthy();
    });
});

it.each([
    ['earlier', 2, -1, ['a', 'c', 'b']],
    ['later', 0, 1, ['b', 'a', 'c']],
    ['not over the end', 2, 1, ['a', 'b', 'c']],
    ['not over the beginning', 0, -1, ['a', 'b', 'c']],
    ['nothing where it is not', -1, 1, ['a', 'b', 'c']],
])('moves a thing of a list %s', (_, from, by, list) => {
    expect(moved(['a', 'b', 'c'], from, by)).toEqual(list);
});
