// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { RepQuestion } from '../api/repTypes';
import type { Session } from '../api/types';
import { useHeldAnswers } from '../model/heldAnswers';
import { eachItsOwn, house, NO_ANSWER, refusal, serve } from '../test/house';
import { Today } from './Today';

const question = (id: string, change: Partial<RepQuestion> = {}): RepQuestion => ({
    id,
    kind: 'key',
    call: `Call ${id}`,
    words: 'gun trips right: stick right',
    look: '4-2 nickel, cover 3',
    asks: `Whom do you read, ${id}?`,
    choices: [
        { value: 'mike', label: 'Mike' },
        { value: 'nickel', label: 'Nickel' },
    ],
    allowedS: 5,
    freezeS: null,
    ...change,
});
const STAGE = {
    field: {
        left: -26.5,
        right: 26.5,
        hashes: [-8.9, 8.9],
        numbers: [
            [-18, -16],
            [16, 18],
        ],
        ballOnYd: 40,
        toGoYd: 10,
    },
    men: [{ letter: 'Q', xYd: 0, yYd: -5, onLine: false, lineman: false }],
    defenders: [{ role: 'nickel', letter: 'N', xYd: 9, yYd: 5 }],
    routes: [],
};
const ROUTE = { man: 'Q', line: [[0, 5]], read: 1, flag: null, settles: false };
const day = (questions: RepQuestion[], change: object = {}) => ({
    player: { id: '7', name: 'Theo Brandvold', letter: 'Q', number: 9 },
    questions,
    answered: 0,
    right: 0,
    ...change,
});
const said = (right: boolean, change: object = {}) => ({
    right,
    answers: ['nickel'],
    said: 'Nickel',
    why: 'Does the nickel take the sit or the flat?',
    call: 'Call a',
    look: '4-2 nickel, cover 3',
    kept: true,
    comesOn: '2026-12-02',
    ...change,
});
const pictures = (...ids: string[]) =>
    Object.fromEntries(ids.map((id) => [`GET players/7/reps/${id}`, { stage: STAGE, frames: null }]));

/** Until the men stand: before that no answer is taken. */
const standing = () => screen.findByLabelText(/^The men of/);

describe('the reps of a day', () => {
    eachItsOwn();

    it('asks one after the other, says why, and counts', async () => {
        const server = serve({
            'GET players/7/reps': day([question('a'), question('b')]),
            ...pictures('a', 'b'),
            'POST players/7/reps/a': said(true),
            'POST players/7/reps/b': said(true),
        });
        house(<Today player="7" />);
        expect(await screen.findByText('Whom do you read, a?')).toBeTruthy();
        expect(screen.getByText('1 of 2')).toBeTruthy();
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        expect(await screen.findByText('Right.')).toBeTruthy();
        expect(screen.getByText('Does the nickel take the sit or the flat?')).toBeTruthy();
        expect(screen.getByText('Asked again on Wed, Dec 2.')).toBeTruthy();
        const sent = server.to('POST players/7/reps/a')[0].body as { answer: string; tookS: number };
        expect(sent.answer).toBe('nickel');
        expect(sent.tookS).toBeGreaterThanOrEqual(0);
        await userEvent.click(screen.getByRole('button', { name: 'Next' }));
        expect(screen.getByText('Whom do you read, b?')).toBeTruthy();
        expect(screen.getByText('2 of 2')).toBeTruthy();
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        await userEvent.click(await screen.findByRole('button', { name: 'Next' }));
        expect(screen.getByText('Done for today: 2 of 2 right')).toBeTruthy();
    });

    it('goes by keys alone', async () => {
        const server = serve({
            'GET players/7/reps': day([question('a'), question('b')]),
            ...pictures('a', 'b'),
            'POST players/7/reps/a': said(true),
        });
        house(<Today player="7" />);
        await standing();
        await userEvent.keyboard('9');
        await userEvent.keyboard('2');
        await screen.findByText('Right.');
        expect(server.to('POST players/7/reps/a')).toHaveLength(1);
        await userEvent.keyboard('{Enter}');
        expect(screen.getByText('Whom do you read, b?')).toBeTruthy();
    });

    it('shows what was right, asks what was missed once more at the end, and counts it once', async () => {
        const server = serve({
            'GET players/7/reps': day([question('a'), question('b')]),
            ...pictures('a', 'b'),
            'POST players/7/reps/a': ({ body }: { body: unknown }) =>
                said((body as { answer: string }).answer === 'nickel'),
            'POST players/7/reps/b': said(true),
        });
        house(<Today player="7" />);
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Mike/ }));
        expect(await screen.findByText('It was: Nickel.')).toBeTruthy();
        expect(screen.getByRole('button', { name: /Nickel ?, right/ })).toBeTruthy();
        expect(screen.getByRole('button', { name: /Mike ?, your answer, not right/ })).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Next' }));
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        await userEvent.click(await screen.findByRole('button', { name: 'Next' }));
        expect(screen.getByText('Once more:')).toBeTruthy();
        expect(screen.getByText(/Whom do you read, a\?/)).toBeTruthy();
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        await screen.findByText('Right.');
        expect(screen.queryByText(/Asked again on/)).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Next' }));
        expect(screen.getByText('Done for today: 1 of 2 right')).toBeTruthy();
        expect(screen.getByText('What you missed comes back tomorrow: Call a.')).toBeTruthy();
        expect(server.to('POST players/7/reps/a')).toHaveLength(2);
    });

    it('takes one answer, and no second while the first is on its way', async () => {
        let let_go = (): void => undefined;
        const server = serve({
            'GET players/7/reps': day([question('a')]),
            ...pictures('a'),
            'POST players/7/reps/a': () => new Promise((done) => (let_go = () => done(said(true)))),
        });
        house(<Today player="7" />);
        await standing();
        fireEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        fireEvent.click(screen.getByRole('button', { name: /Mike/ }));
        await waitFor(() => expect(server.to('POST players/7/reps/a')).toHaveLength(1));
        let_go();
        await screen.findByText('Right.');
        expect(server.to('POST players/7/reps/a')).toHaveLength(1);
    });

    it('keeps the question where the answer was not taken', async () => {
        const answers = [NO_ANSWER, said(true)];
        serve({
            'GET players/7/reps': day([question('a')]),
            ...pictures('a'),
            'POST players/7/reps/a': () => answers.shift(),
        });
        house(<Today player="7" />);
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        expect(await screen.findByText(/Nothing was changed/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        expect(await screen.findByText('Right.')).toBeTruthy();
    });

    it('takes no answer before the play stands still', async () => {
        const frames = {
            step: 0.05,
            men: ['Q'],
            defenders: ['nickel'],
            at: Array.from({ length: 61 }, () => [0, -5, 9, 5]),
            ball: Array.from({ length: 61 }, () => [0, -5, 0]),
        };
        const server = serve({
            'GET players/7/reps': day([question('a', { kind: 'ball', freezeS: 2 })]),
            'GET players/7/reps/a': { stage: STAGE, frames },
            'POST players/7/reps/a': said(true),
        });
        house(<Today player="7" />);
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        expect(screen.getByRole('button', { name: /Nickel/ }).getAttribute('aria-disabled')).toBe('true');
        expect(server.to('POST players/7/reps/a')).toEqual([]);
    });

    it('does not say what the defense plays where he has to name it', async () => {
        serve({
            'GET players/7/reps': day([question('a', { kind: 'coverage', look: null, asks: 'Which coverage?' })]),
            ...pictures('a'),
            'POST players/7/reps/a': said(true),
        });
        house(<Today player="7" />);
        await standing();
        expect(document.body.textContent).not.toContain('cover 3');
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        await screen.findByText('Right.');
        expect(document.body.textContent).toContain('against 4-2 nickel, cover 3');
    });

    it('draws a call and does not name it where he has to', async () => {
        serve({
            'GET players/7/reps': day([
                question('a', { kind: 'call', call: null, words: null, asks: 'Which call is this?' }),
            ]),
            ...pictures('a'),
            'POST players/7/reps/a': said(true, { call: 'Ridge' }),
        });
        house(<Today player="7" />);
        await standing();
        expect(document.body.textContent).not.toContain('Ridge');
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        await screen.findByText('Right.');
        expect(screen.getByText('Ridge')).toBeTruthy();
    });

    it.each([
        ['legal', true],
        ['coverage', false],
    ] as const)('draws the routes of a question of %s from the start: %s', async (kind, drawn) => {
        serve({
            'GET players/7/reps': day([question('a', { kind, asks: 'What is it?' })]),
            'GET players/7/reps/a': { stage: { ...STAGE, routes: [ROUTE] }, frames: null },
        });
        house(<Today player="7" />);
        await standing();
        expect(document.querySelector('path[marker-end="url(#tip-Q)"]') !== null).toBe(drawn);
    });

    it('tells who is not the man that it is only tried', async () => {
        serve({
            'GET players/7/reps': day([question('a')]),
            ...pictures('a'),
            'POST players/7/reps/a': said(true, { kept: false, comesOn: null }),
        });
        house(<Today player="7" />);
        await standing();
        await userEvent.click(screen.getByRole('button', { name: /Nickel/ }));
        expect(await screen.findByText(/Only tried/)).toBeTruthy();
    });

    it.each([
        ['goes on where he stopped', day([question('c')], { answered: 8, right: 6 }), '9 of 9'],
        ['says when all are done', day([], { answered: 10, right: 7 }), 'Done for today: 7 of 10 right'],
        ['says when there is nothing to ask', day([]), /There is nothing to ask yet/],
        ['says when they do not come', refusal(500, 'Broken'), /did not arrive/],
    ])('%s', async (_, answer, text) => {
        serve({ 'GET players/7/reps': answer, ...pictures('c') });
        house(<Today player="7" />);
        expect(await screen.findByText(text)).toBeTruthy();
    });
});

describe('a day without a network', () => {
    const HIS = { id: '3', name: 'Theo', role: 'player', staff: false, playerId: '7' } as Session;
    const TOLD = { answers: ['nickel'], said: 'Nickel', why: 'He takes the flat.', call: 'Call a', look: 'cover 3' };
    const offline = (...ids: string[]) => ({
        ...Object.fromEntries(
            ids.map((id) => [`GET players/7/reps/${id}`, { stage: STAGE, frames: null, told: TOLD }]),
        ),
        ...Object.fromEntries(ids.map((id) => [`POST players/7/reps/${id}`, NO_ANSWER])),
    });
    eachItsOwn();
    beforeEach(() => useHeldAnswers.setState({ held: [] }));

    it.each([
        ['Nickel', 'Right.', true],
        ['Mike', 'It was: Nickel.', false],
    ])('tells of %s by what came with the picture, and holds it', async (said, told, right) => {
        serve({ 'GET players/7/reps': day([question('a'), question('b')]), ...offline('a', 'b') });
        house(<Today player="7" />, HIS);
        await userEvent.click(await screen.findByRole('button', { name: new RegExp(said) }));
        await screen.findByText(told);
        screen.getByText(/Kept on this phone/);
        expect(useHeldAnswers.getState().held).toMatchObject([{ player: '7', question: 'a', right }]);
        await userEvent.click(screen.getByRole('button', { name: 'Next' }));
        await screen.findByText('2 of 2');
    });

    it('is not asked again for what waits on the phone', async () => {
        useHeldAnswers.setState({
            held: [{ player: '7', question: 'a', answer: 'nickel', tookS: 1, right: true, at: '2026-12-01T08:00:00Z' }],
        });
        serve({ 'GET players/7/reps': day([question('a'), question('b')]), ...offline('a', 'b') });
        house(<Today player="7" />, HIS);
        await screen.findByText(/Whom do you read, b/);
        screen.getByText('2 of 2');
    });

    it('has every picture of the day at once', async () => {
        const server = serve({ 'GET players/7/reps': day([question('a'), question('b')]), ...offline('a', 'b') });
        house(<Today player="7" />, HIS);
        await waitFor(() => expect(server.to('GET players/7/reps/b')).toHaveLength(1));
    });

    it('keeps nothing of what a coach tries, and fetches no more than he sees', async () => {
        const server = serve({ 'GET players/7/reps': day([question('a'), question('b')]), ...offline('a', 'b') });
        house(<Today player="7" />);
        await userEvent.click(await screen.findByRole('button', { name: /Nickel/ }));
        await screen.findByText(/Nothing was changed/);
        expect(useHeldAnswers.getState().held).toEqual([]);
        expect(server.to('GET players/7/reps/b')).toEqual([]);
    });
});
