// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { askedIn } from '../../api/problems';
import { Problem } from '../../api/client';
import { CallLine } from '../../set/CallLine';
import { eachItsOwn, house, refusal, serve } from '../../test/house';

const BOOK = {
    version: 4,
    book: {
        aliases: [
            { alias: 'deuce', word: 'ace' },
            { alias: 'Rip', word: 'right' },
        ],
        settings: [],
        families: [],
    },
};
const TWINS = refusal(422, '"twins": Staffs mean different things by it: say 2x2 or twins wing.', {
    word: 'twins',
    meanings: ['2x2', 'twins wing'],
});
const READ = { document: { formation: {} }, words: 'gun twins right: smash right', assumed: [] };
const VOCABULARY = { quarterbacks: ['gun'], sets: ['2x2'], aliases: [], families: [], runs: [], said: { call: [] } };

const line = (second: unknown, put: unknown = { ...BOOK, version: 5 }) => {
    let times = 0;
    const server = serve({
        'GET vocabulary': {
            ...VOCABULARY,
            modifiers: [],
            motions: [],
            protections: [],
            fakes: [],
            tags: [],
            routes: [],
            savedSets: [],
            letters: [],
            orders: [],
            tricks: [],
            kills: [],
            cadence: [],
            roles: [],
            acts: [],
            phases: [],
            actions: [],
            purposes: [],
            groups: {},
            flags: [],
        },
        'POST words': () => (times++ === 0 ? TWINS : second),
        'GET staff-book': BOOK,
        'PUT staff-book': put,
    });
    const onCall = vi.fn();
    house(<CallLine document={null} situation={{} as never} onCall={onCall} />);
    return { server, onCall, input: screen.getByRole('combobox', { name: 'Call line' }) as HTMLInputElement };
};

describe('a word that means different things', () => {
    eachItsOwn();

    it('is asked once: the answer goes into the book and the words are read again', async () => {
        const { server, onCall, input } = line(READ);
        await userEvent.type(input, 'gun twins: smash{Enter}');
        await userEvent.click(await screen.findByRole('button', { name: '2x2' }));
        await waitFor(() => expect(onCall).toHaveBeenCalledWith(READ.document, READ.words));
        expect(server.to('PUT staff-book')[0]).toMatchObject({
            version: '"4"',
            body: { aliases: [...BOOK.book.aliases, { alias: 'twins', word: '2x2' }] },
        });
        expect(server.to('POST words').map((s) => (s.body as { words: string }).words)).toEqual([
            'gun twins: smash',
            'gun twins: smash',
        ]);
        expect(screen.queryByRole('button', { name: '2x2' })).toBeNull();
    });

    it('keeps what was typed where the book could not be saved', async () => {
        const { server, onCall, input } = line(READ, refusal(500, 'The disk is full.'));
        await userEvent.type(input, 'gun twins: smash{Enter}');
        await userEvent.click(await screen.findByRole('button', { name: 'twins wing' }));
        expect(await screen.findByText('The disk is full.')).toBeTruthy();
        expect(server.to('POST words')).toHaveLength(1);
        expect(onCall).not.toHaveBeenCalled();
        expect(input.value).toBe('gun twins: smash');
    });

    it('is asked no more once other words are typed', async () => {
        const { input } = line(READ);
        await userEvent.type(input, 'gun twins: smash{Enter}');
        await screen.findByRole('button', { name: '2x2' });
        await userEvent.type(input, ' ');
        expect(screen.queryByRole('button', { name: '2x2' })).toBeNull();
    });
});

describe('what a refusal asks', () => {
    it.each([
        [
            'a word with meanings',
            { word: 'deuce', meanings: ['2x2', 'ace'] },
            { word: 'deuce', meanings: ['2x2', 'ace'] },
        ],
        ['a word without any', { word: 'smsh', meanings: [] }, null],
        ['nothing', {}, null],
    ])('%s', (_, more, asked) => {
        expect(askedIn(new Problem(422, 'Not understood', 'Why.', more))).toEqual(asked);
    });

    it('nothing of what is no refusal', () => expect(askedIn(new Error('broken'))).toBeNull());
});
