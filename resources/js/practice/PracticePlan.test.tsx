// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { answer, keeps, period, periodsOf, routes, row } from '../test/practice';
import { PracticePlan } from './PracticePlan';

vi.mock('@tanstack/react-router', () => ({
    useNavigate: () => () => undefined,
    Link: ({ children, search }: { children: ReactNode; search: { drill: string } }) => (
        <a href={`#${search.drill}`}>{children}</a>
    ),
}));

describe('the plan of a practice', () => {
    eachItsOwn();

    it('is a day of one family of runs, and of another when it is said', async () => {
        const server = serve({
            ...routes,
            'GET practices/5': answer([period({ kind: 'inside run', minutes: 12 })]),
            'PUT practices/5': keeps,
        });
        house(<PracticePlan id="5" />);
        const runs = await screen.findByLabelText<HTMLSelectElement>('Runs of the day');
        expect(runs.value).toBe('any');
        await userEvent.selectOptions(runs, 'gap day');
        await waitFor(() => expect(server.to('PUT practices/5')).toHaveLength(1));
        expect(server.to('PUT practices/5')[0].body).toMatchObject({ runs: 'gap' });
    });

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
});
