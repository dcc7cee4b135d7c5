// @vitest-environment happy-dom
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Habit, ScoutIndex, ScoutPage, ShareTable, ShelfRow, Tell } from '../api/scoutTypes';
import type { Interval } from '../api/types';
import { eachItsOwn, house, serve } from '../test/house';
import { caseOf } from './caseOf';
import { Habits } from './Habits';
import { Keys } from './Keys';
import { Shares } from './Shares';
import { Shelf } from './Shelf';
import { Tells } from './Tells';

const interval = (hits: number, of: number): Interval => ({ hits, of, share: hits / of, low: 0.2, high: 0.9 });

const habit: Habit = {
    by: 'situation',
    name: '3rd and long',
    showing: 'shell',
    what: 'cover 4',
    share: interval(16, 20),
    else: interval(4, 40),
    ids: ['a', 'b'],
};

const tell = (change: Partial<Tell> = {}): Tell => ({
    from: 'two high',
    charted: { 'cover 2': 20, 'cover 4': 22 },
    enough: true,
    told: true,
    words: 'Left corner deeper than 6.5 yd: cover 4.',
    right: interval(38, 42),
    byFrequency: 0.52,
    ids: ['c', 'd'],
    ...change,
});

const asked: ScoutIndex = {
    opponents: [{ name: 'Granite Pass', games: 3, snaps: 150 }],
    by: { situation: 'Down and distance', hash: 'Hash' },
    showings: { shell: 'Coverage', front: 'Front' },
    few: 5,
};

describe('what they do in one case', () => {
    afterEach(cleanup);

    it('is said with what they do elsewhere, and opens its clips', async () => {
        const onOpen = vi.fn();
        render(<Habits habits={[habit]} onOpen={onOpen} />);
        expect(screen.getByText(/elsewhere 4 of 40/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'cover 4 on 3rd and long: watch 16 of 20' }));
        expect(onOpen).toHaveBeenCalledWith('Cover 4 on 3rd and long', ['a', 'b']);
    });

    it.each([
        ['situation', '3rd and long', 'on 3rd and long'],
        ['formation', 'gun trips', 'from gun trips'],
        ['personnel', '11', 'against 11 personnel'],
        ['hash', 'left', 'on the left hash'],
        ['hash', 'middle', 'in the middle'],
        ['motion', 'no motion', 'without motion'],
        ['motion', 'H jet left', 'after H jet left'],
        ['score', 'level', 'when level'],
        ['quarter', 'Quarter 1', 'in quarter 1'],
    ])('says the case of %s %s', (by, name, said) => expect(caseOf({ by, name })).toBe(said));

    it('says that nothing stands out', () => {
        render(<Habits habits={[]} onOpen={vi.fn()} />);
        expect(screen.getByText(/no more from case to case than chance/)).toBeTruthy();
    });
});

describe('what gives them away', () => {
    afterEach(cleanup);

    it('is said with how often it was right in games left out, and what naming the usual one would be', async () => {
        const onOpen = vi.fn();
        render(<Tells tells={[tell()]} onOpen={onOpen} />);
        expect(screen.getByText(/Left corner deeper than 6.5 yd/)).toBeTruthy();
        expect(screen.getByText(/the more frequent one: 52 %/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'cover 2 or cover 4: watch 38 of 42' }));
        expect(onOpen).toHaveBeenCalledWith('cover 2 or cover 4', ['c', 'd']);
    });

    it('keeps pairs without a tell apart, with the reason', () => {
        const words = 'cover 2 or cover 6: not enough film (3 of cover 6 with places charted).';
        render(<Tells tells={[tell(), tell({ told: false, enough: false, right: null, words })]} onOpen={vi.fn()} />);
        expect(screen.getByText('No tell found among the other 1 pair')).toBeTruthy();
        expect(screen.getByText(`From two high, ${words}`)).toBeTruthy();
    });

    it('teaches how places are charted where there are none', () => {
        render(<Tells tells={[]} onOpen={vi.fn()} />);
        expect(screen.getByText(/“fs@12” says the free safety was 12 yd deep/)).toBeTruthy();
    });
});

describe('what they show', () => {
    eachItsOwn();
    const cell = (hits: number, of: number, apart = false) => ({
        ...interval(hits, of),
        apart,
        ids: hits ? ['x'] : [],
    });
    const table: ShareTable = {
        columns: ['cover 3', 'cover 4'],
        rows: [
            { name: '3rd and long', snaps: 20, few: false, cells: [cell(4, 20, true), cell(16, 20, true)] },
            { name: '4th and short', snaps: 3, few: true, cells: [cell(3, 3), cell(0, 3)] },
        ],
        all: [cell(30, 60), cell(20, 60)],
    };

    it('marks what lies apart, above and below, and counts what is few', async () => {
        serve({ 'GET scout/Granite%20Pass/shares?by=situation&showing=shell': table });
        const onOpen = vi.fn();
        house(<Shares opponent="Granite Pass" asked={asked} onOpen={onOpen} />);
        const long = within(await screen.findByRole('row', { name: /3rd and long/ }));
        expect(long.getByText('▼ 20 %')).toBeTruthy();
        await userEvent.click(long.getByText('▲ 80 %'));
        expect(onOpen).toHaveBeenCalledWith('Cover 4, 3rd and long', ['x']);
        const few = within(screen.getByRole('row', { name: /4th and short/ }));
        expect(few.getByText('3 of 3')).toBeTruthy();
        expect(few.getByText('·')).toBeTruthy();
    });

    it('asks for what is chosen', async () => {
        const server = serve({
            'GET scout/Granite%20Pass/shares?by=situation&showing=shell': table,
            'GET scout/Granite%20Pass/shares?by=hash&showing=shell': table,
        });
        house(<Shares opponent="Granite Pass" asked={asked} onOpen={vi.fn()} />);
        await screen.findByRole('row', { name: /3rd and long/ });
        await userEvent.selectOptions(screen.getByLabelText('By'), 'hash');
        await waitFor(() => expect(server.to('GET scout/Granite%20Pass/shares?by=hash&showing=shell')).toHaveLength(1));
    });
});

describe('the shelf beside the film', () => {
    eachItsOwn();
    const row = (words: string, charted: number, shown: number, differs: string | null): ShelfRow => ({
        words,
        charted,
        shown,
        share: interval(charted, 10),
        said: shown / 10,
        differs,
    });
    const page = (shelf: ShelfRow[]): ScoutPage => ({
        opponent: 'Granite Pass',
        games: [],
        snaps: 10,
        habits: [],
        tells: [],
        keys: [],
        shelf,
    });
    const put = 'PUT scout/Granite%20Pass/shelf';

    it('is counted by the film with one key, and taken back with another', async () => {
        const rows = [
            row('4-3 over, cover 3', 8, 2, 'shown more often than is said'),
            row('bear, cover 0', 2, 8, null),
        ];
        const server = serve({ [put]: page(rows) });
        house(<Shelf page={page(rows)} />);
        expect(screen.getByText('Shown more often than is said')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Count by the film' }));
        await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
        await waitFor(() => expect(server.to(put)).toHaveLength(2));
        expect(server.to(put).map((s) => s.body)).toEqual([
            {
                looks: [
                    { words: '4-3 over, cover 3', shown: 8 },
                    { words: 'bear, cover 0', shown: 2 },
                ],
            },
            {
                looks: [
                    { words: '4-3 over, cover 3', shown: 2 },
                    { words: 'bear, cover 0', shown: 8 },
                ],
            },
        ]);
    });

    it('offers nothing where both say the same', () => {
        house(<Shelf page={page([row('4-3 over, cover 3', 8, 8, null)])} />);
        expect(screen.getByText('The shelf says what the film shows.')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Count by the film' })).toBeNull();
    });
});

describe('what their keys did', () => {
    afterEach(cleanup);
    const key = (name: string, hits: number, of: number) => ({
        topic: 'choice',
        of: 'right corner',
        name,
        share: interval(hits, of),
        success: interval(1, 2),
        average: null,
        ids: [name],
    });

    it('names a man once, draws no share of few, and opens the clips', async () => {
        const onOpen = vi.fn();
        render(<Keys keys={[key('sit', 3, 4), key('sink', 1, 4)]} few={5} onOpen={onOpen} />);
        expect(screen.getAllByText('Right corner')).toHaveLength(1);
        expect(screen.queryByRole('img')).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'right corner sink: watch 1 of 4' }));
        expect(onOpen).toHaveBeenCalledWith('Right corner: sink', ['sink']);
    });

    it('draws the share where there is enough', () => {
        render(<Keys keys={[key('sit', 9, 13)]} few={5} onOpen={vi.fn()} />);
        expect(screen.getByRole('img')).toBeTruthy();
    });

    it('says where it comes from when nobody was seen', () => {
        render(<Keys keys={[]} few={5} onOpen={vi.fn()} />);
        expect(screen.getByText(/Nobody was seen in conflict yet/)).toBeTruthy();
    });
});
