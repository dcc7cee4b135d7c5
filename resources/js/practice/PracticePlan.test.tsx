// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { Period, PracticeAnswer, ScriptRow } from '../api/practiceTypes';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { PracticePlan } from './PracticePlan';

vi.mock('@tanstack/react-router', () => ({
    useNavigate: () => () => undefined,
    Link: ({ children, search }: { children: ReactNode; search: { drill: string } }) => (
        <a href={`#${search.drill}`}>{children}</a>
    ),
}));

const period = (change: Partial<Period> = {}): Period => ({
    kind: 'team',
    minutes: 20,
    contact: true,
    where: '',
    emphasis: '',
    script: [],
    ...change,
});
const row = (call: string, look: string | null = '4-2 nickel, cover 3'): ScriptRow => ({ call, look, hash: 'left' });
const answer = (periods: Period[], change: object = {}): PracticeAnswer => ({
    practice: {
        id: '5',
        held_on: '2026-10-06',
        title: 'First scripts',
        opponent: 'Granite Pass',
        starts_at: '15:30',
        periods,
        version: 3,
    },
    minutes: 40,
    contactMinutes: 20,
    week: { contactMinutes: 20, over: false, caution: '20 of 90 min of full contact this week.' },
    kinds: [
        { kind: 'individual', hasScript: false, hasDrills: true, contact: false },
        { kind: 'group', hasScript: false, hasDrills: true, contact: false },
        { kind: 'inside run', hasScript: true, hasDrills: false, contact: true },
        { kind: 'seven on seven', hasScript: true, hasDrills: false, contact: false },
        { kind: 'team', hasScript: true, hasDrills: false, contact: true },
    ],
    reps: [],
    ...change,
});
const routes = {
    'GET calls': {
        calls: [
            { id: 'a', name: 'Smash right', words: 'gun 2x2 right: smash right' },
            { id: 'b', name: 'Zone read', words: 'gun trey right: zone left' },
        ],
    },
    'GET looks': {
        looks: [
            { id: '1', words: '4-2 nickel, cover 3', opponent: 'Granite Pass', shown: 9 },
            { id: '2', words: 'bear, cover 0', opponent: 'Granite Pass', shown: 2 },
            { id: '3', words: '3-4, cover 3', opponent: 'Larkspur Valley', shown: 4 },
        ],
    },
};
/** A server that answers with what it was sent. */
const keeps = ({ body }: { body: unknown }) => {
    const sent = body as PracticeAnswer['practice'];
    return { ...answer(sent.periods), practice: { ...answer([]).practice, ...sent, version: 4 } };
};
const periodsOf = (sent: { body: unknown }) => (sent.body as PracticeAnswer['practice']).periods;

describe('the plan of a practice', () => {
    eachItsOwn();

    it('says when each period begins, and what the week has', async () => {
        serve({
            ...routes,
            'GET practices/5': answer([period({ kind: 'individual', minutes: 12 }), period({ minutes: 8 })], {
                reps: [
                    {
                        call: 'a',
                        name: 'Smash right',
                        planned: 1,
                        given: 2,
                        busts: 1,
                        due: 0,
                        needed: 5,
                        ready: false,
                        short: 2,
                    },
                    {
                        call: 'b',
                        name: 'Zone read',
                        planned: 0,
                        given: 6,
                        busts: 0,
                        due: 1,
                        needed: 5,
                        ready: true,
                        short: 0,
                    },
                ],
            }),
        });
        house(<PracticePlan id="5" />);
        expect(await screen.findByText('15:42')).toBeTruthy();
        expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Tue, Oct 6');
        expect(screen.getByText('20 of 90 min of full contact this week.')).toBeTruthy();
        const reps = within(screen.getByText(/^Smash right/, { selector: 'aside span' }).closest('li')!);
        expect(reps.getByText('1 mental error last week')).toBeTruthy();
        expect(reps.getByText(/2 \+ 1/)).toBeTruthy();
        expect(reps.getByText(', short 2')).toBeTruthy();
        expect(screen.getByText('ready, 6 given')).toBeTruthy();
        expect(screen.getAllByText('a trigger of the last game calls for it')).toHaveLength(1);
    });

    it('saves a field when it is left, and not at every key', async () => {
        const server = serve({ ...routes, 'GET practices/5': answer([period()]), 'PUT practices/5': keeps });
        house(<PracticePlan id="5" />);
        const minutes = await screen.findByLabelText('Minutes of period 1');
        await userEvent.clear(minutes);
        await userEvent.type(minutes, '25');
        expect(server.to('PUT practices/5')).toEqual([]);
        await userEvent.tab();
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        expect(server.to('PUT practices/5')[0].version).toBe('"3"');
        expect(periodsOf(server.to('PUT practices/5')[0])[0].minutes).toBe(25);
        await userEvent.type(screen.getByLabelText('What period 1 is about'), 'tempo{Enter}');
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(2));
        // The second is made on what the first has saved.
        expect(server.to('PUT practices/5')[1].version).toBe('"4"');
        expect(periodsOf(server.to('PUT practices/5')[1])[0]).toMatchObject({ minutes: 25, emphasis: 'tempo' });
    });

    it('sends one change after the other, and loses none of two made at once', async () => {
        const lets: (() => void)[] = [];
        const server = serve({
            ...routes,
            'GET practices/5': answer([period({ contact: true }), period({ contact: true })]),
            'PUT practices/5': (sent: { body: unknown; version: string | null }) =>
                new Promise((done) => {
                    const made = keeps(sent);
                    const version = Number(sent.version?.replaceAll('"', '')) + 1;
                    lets.push(() => done({ ...made, practice: { ...made.practice, version } }));
                }),
        });
        house(<PracticePlan id="5" />);
        fireEvent.click(await screen.findByLabelText('Full contact in period 1'));
        fireEvent.click(screen.getByLabelText('Full contact in period 2'));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        lets[0]();
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(2));
        expect(server.to('PUT practices/5').map((s) => s.version)).toEqual(['"3"', '"4"']);
        expect(periodsOf(server.to('PUT practices/5')[1]).map((p) => p.contact)).toEqual([false, false]);
        // The first answer has not put the second change back.
        expect((screen.getByLabelText('Full contact in period 2') as HTMLInputElement).checked).toBe(false);
        lets[1]();
        await waitFor(() => expect(screen.queryByText(/somebody/i)).toBeNull());
    });

    it('keeps the minutes it has where none are said', async () => {
        const server = serve({ ...routes, 'GET practices/5': answer([period()]), 'PUT practices/5': keeps });
        house(<PracticePlan id="5" />);
        const minutes = (await screen.findByLabelText('Minutes of period 1')) as HTMLInputElement;
        await userEvent.clear(minutes);
        await userEvent.tab();
        expect(minutes.value).toBe('20');
        expect(server.to('PUT practices/5')).toEqual([]);
    });

    it('takes the contact of a kind with it, until it is said otherwise', async () => {
        const server = serve({ ...routes, 'GET practices/5': answer([period()]), 'PUT practices/5': keeps });
        house(<PracticePlan id="5" />);
        await userEvent.selectOptions(await screen.findByLabelText('Kind of period 1'), 'seven on seven');
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        expect(periodsOf(server.to('PUT practices/5')[0])[0]).toMatchObject({ kind: 'seven on seven', contact: false });
        await userEvent.click(screen.getByLabelText('Full contact in period 1'));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(2));
        expect(periodsOf(server.to('PUT practices/5')[1])[0].contact).toBe(true);
    });

    it('adds a period and takes one out', async () => {
        const server = serve({
            ...routes,
            'GET practices/5': answer([period({ kind: 'group' }), period()]),
            'PUT practices/5': keeps,
        });
        house(<PracticePlan id="5" />);
        await userEvent.click(await screen.findByRole('button', { name: 'Take out period 1' }));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        expect(periodsOf(server.to('PUT practices/5')[0]).map((p) => p.kind)).toEqual(['team']);
        await userEvent.click(screen.getByRole('button', { name: 'Add a period' }));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(2));
        expect(periodsOf(server.to('PUT practices/5')[1])).toHaveLength(2);
    });

    it('fills a script and saves it, then changes a play by hand', async () => {
        const server = serve({
            ...routes,
            'GET practices/5': answer([period()]),
            'PUT practices/5': keeps,
            'POST practices/5/fill': { rows: [row('a'), row('b', 'bear, cover 0')] },
        });
        house(<PracticePlan id="5" />);
        await userEvent.click(await screen.findByRole('button', { name: 'Fill 8 plays' }));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        expect(server.to('POST practices/5/fill')[0].body).toEqual({ period: 0, rows: 8 });
        expect(periodsOf(server.to('PUT practices/5')[0])[0].script).toHaveLength(2);
        const look = screen.getByLabelText('Look 2 of period 1') as HTMLSelectElement;
        // Only what this opponent shows.
        expect([...look.options].map((o) => o.text)).toEqual(['any look', '4-2 nickel, cover 3', 'bear, cover 0']);
        await userEvent.selectOptions(screen.getByLabelText('Call 2 of period 1'), 'Smash right');
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(2));
        expect(periodsOf(server.to('PUT practices/5')[1])[0].script[1]).toEqual(row('a', 'bear, cover 0'));
        await userEvent.click(screen.getByRole('button', { name: 'Take play 1 out of period 1' }));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(3));
        expect(periodsOf(server.to('PUT practices/5')[2])[0].script).toHaveLength(1);
        expect(screen.getByRole('button', { name: 'Fill these 1 anew' })).toBeTruthy();
    });

    it('says why a script cannot be filled, and changes nothing', async () => {
        const server = serve({
            ...routes,
            'GET practices/5': answer([period({ kind: 'inside run' })]),
            'POST practices/5/fill': refusal(422, 'No call of the plan belongs into this period.'),
        });
        house(<PracticePlan id="5" />);
        await userEvent.click(await screen.findByRole('button', { name: 'Fill 8 plays' }));
        expect(await screen.findByText('No call of the plan belongs into this period.')).toBeTruthy();
        expect(server.to('PUT practices/5')).toEqual([]);
    });

    it('has no script where no play is run, and keeps a call that has left the book', async () => {
        serve({
            ...routes,
            'GET practices/5': answer([period({ kind: 'individual' }), period({ script: [row('gone')] })]),
        });
        house(<PracticePlan id="5" />);
        expect(await screen.findByLabelText('Call 1 of period 2')).toBeTruthy();
        expect(screen.getAllByRole('button', { name: /^Fill/ })).toHaveLength(1);
        await waitFor(() => {
            const call = screen.getByLabelText('Call 1 of period 2') as HTMLSelectElement;
            expect(call.selectedOptions[0].text).toBe('no longer in the book');
        });
    });

    it('asks which of two changes stays', async () => {
        const puts: unknown[] = [refusal(412, 'The saved version is 7 now.', { currentVersion: 7 })];
        const server = serve({
            ...routes,
            'GET practices/5': answer([period()]),
            'PUT practices/5': (sent: { body: unknown }) => puts.shift() ?? keeps(sent),
        });
        house(<PracticePlan id="5" />);
        fireEvent.click(await screen.findByLabelText('Full contact in period 1'));
        fireEvent.click(await screen.findByRole('button', { name: 'Keep mine' }));
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(2));
        expect(server.to('PUT practices/5')[1].version).toBe('"7"');
        expect(periodsOf(server.to('PUT practices/5')[1])[0].contact).toBe(false);
    });

    it("warns of a week with more contact than the staff's limit", async () => {
        serve({
            ...routes,
            'GET practices/5': answer([period()], {
                week: { contactMinutes: 99, over: true, caution: '99 min of full contact this week, 9 over.' },
            }),
        });
        house(<PracticePlan id="5" />);
        expect((await screen.findByRole('alert')).textContent).toContain('9 over');
    });

    it('shows a card for every play that has a look', async () => {
        const server = serve({
            ...routes,
            'GET practices/5': answer([period({ script: [row('a'), row('b', null), row('b', 'bear, cover 0')] })]),
            'POST pictures': refusal(422, 'not drawn here'),
        });
        house(<PracticePlan id="5" />);
        await userEvent.click(await screen.findByRole('button', { name: 'Scout cards' }));
        expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Scout cards: 2');
        expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual([
            '1.1 4-2 nickel, cover 3',
            '1.3 Bear, cover 0',
        ]);
        await waitFor(() => expect(server.to('POST pictures')).toHaveLength(2));
        // Which formation it is the server says of the whole call.
        expect(server.to('POST pictures')[1].body).toMatchObject({ formation: 'gun trey right: zone left' });
        expect(await screen.findAllByText('This look could not be drawn.')).toHaveLength(2);
        await userEvent.click(screen.getByRole('button', { name: 'Back to the practice' }));
        expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Tue, Oct 6');
    });

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
            fitting: ['combination', 'triangle'],
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
            'GET practices/5/drills?minutes=12': answered,
            'GET practices/5/drills?minutes=1': answered,
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
