// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { Drill, DrillRow } from '../api/drillTypes';
import { drill } from '../test/drill';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { DrillCards } from './DrillCards';
import { svgText } from './svgText';

const at = vi.hoisted(() => ({ drill: undefined as string | undefined, navigate: vi.fn() }));
vi.mock('@tanstack/react-router', () => ({
    Link: ({ children }: { children: ReactNode }) => <a href="#practice">{children}</a>,
    useSearch: () => ({ drill: at.drill }),
    useNavigate: () => at.navigate,
}));

const row = (change: Partial<Drill> = {}, more: Partial<DrillRow> = {}): DrillRow => ({
    id: null,
    version: null,
    ships: true,
    document: drill(change),
    mirrored: drill({ ...change, coach: { xYd: -3, yYd: 1 } }),
    cures: [{ id: 'FLT-02', label: 'dancing at the line', wanted: 'close ground' }],
    runsYd: [{ man: 'X', yards: 4.2 }],
    ...more,
});
const groups = ['receivers', 'line'];
const rows = { 'GET drills': { groups, drills: [row(), row({ name: 'drive', group: 'line' })] } };
const saved = ({ body }: { body: unknown }) => row((body as { document: Drill }).document, { id: '7', version: 1 });

describe('the drill cards', () => {
    eachItsOwn();

    it('shows a card with what it cures, and finds one by a fault', async () => {
        serve(rows);
        house(<DrillCards />);
        expect((await screen.findByRole('heading', { level: 1 })).textContent).toBe('Gate release');
        expect(screen.getByText('X runs 4.2 yd')).toBeTruthy();
        expect(screen.getByText('Dancing at the line')).toBeTruthy();
        await userEvent.type(screen.getByLabelText('Find a drill or a fault'), 'dancing');
        expect(screen.getByRole('button', { name: 'Drive' })).toBeTruthy();
        await userEvent.type(screen.getByLabelText('Find a drill or a fault'), ' nowhere');
        expect(screen.getByText('No card has that.')).toBeTruthy();
    });

    it('turns to the other direction and back', async () => {
        serve(rows);
        house(<DrillCards />);
        const turn = await screen.findByRole('button', { name: 'Other direction' });
        const coach = () => Number(screen.getByText('coach').getAttribute('x'));
        const right = coach();
        await userEvent.click(turn);
        expect(turn.getAttribute('aria-pressed')).toBe('true');
        expect(coach()).toBeLessThan(right);
        await userEvent.click(turn);
        expect(coach()).toBe(right);
    });

    it("makes a card that ships the staff's own: moved by the arrows, counted, named, saved", async () => {
        const server = serve({ ...rows, 'POST drills': saved });
        house(<DrillCards />);
        await userEvent.click(await screen.findByRole('button', { name: 'Make it our own' }));
        fireEvent.focus(screen.getByRole('button', { name: 'cone gate' }));
        fireEvent.keyDown(screen.getByRole('button', { name: 'cone gate' }), { key: 'ArrowRight' });
        await userEvent.type(screen.getByLabelText('What is written at the cone'), ' two');
        fireEvent.focus(screen.getByRole('button', { name: 'X, step 1' }));
        await userEvent.click(screen.getByRole('button', { name: 'Left foot' }));
        await userEvent.clear(screen.getByLabelText('Name'));
        await userEvent.type(screen.getByLabelText('Name'), 'wide gate');
        await userEvent.click(screen.getByRole('button', { name: 'Save' }));
        await waitFor(() => expect(server.to('POST drills')).toHaveLength(1));
        const { document } = server.to('POST drills')[0].body as { document: Drill };
        expect(document.name).toBe('wide gate');
        expect(document.cones).toEqual([{ xYd: 1.5, yYd: 2, label: 'gate two' }]);
        expect(document.paths[0].points.map((p) => p.count)).toEqual([undefined, undefined, 1]);
        await waitFor(() =>
            expect(at.navigate).toHaveBeenCalledWith({ to: '/practice/drills', search: { drill: 'wide gate' } }),
        );
    });

    it('changes its own card on the version it has, and says why one was refused', async () => {
        const own = { groups, drills: [row({}, { id: '7', version: 3 })] };
        const server = serve({ 'GET drills': own, 'PUT drills/7': refusal(422, 'There is no group "punters".') });
        house(<DrillCards />);
        await userEvent.click(await screen.findByRole('button', { name: 'Change' }));
        await userEvent.click(screen.getByRole('button', { name: '+ man' }));
        await userEvent.click(screen.getByRole('button', { name: 'Save' }));
        await waitFor(() => expect(server.to('PUT drills/7')).toHaveLength(1));
        expect(server.to('PUT drills/7')[0].version).toBe('"3"');
        expect(await screen.findByText(/There is no group "punters"/)).toBeTruthy();
        // What was drawn is still there.
        expect(screen.getByRole('button', { name: 'D' })).toBeTruthy();
    });

    it('takes in a card from a file, and refuses what is no card', async () => {
        const server = serve({ ...rows, 'POST drills': saved });
        house(<DrillCards />);
        const field = await screen.findByLabelText('File of a card');
        const file = (text: string) => new File([text], 'gate.json', { type: 'application/json' });
        await userEvent.upload(field, file('no card'));
        expect(await screen.findByText(/gate.json is no JSON/)).toBeTruthy();
        expect(server.to('POST drills')).toEqual([]);
        await userEvent.upload(field, file(JSON.stringify(drill({ name: 'their gate' }))));
        await waitFor(() => expect(server.to('POST drills')).toHaveLength(1));
        expect((server.to('POST drills')[0].body as { document: Drill }).document.name).toBe('their gate');
    });

    it('gives a picture that needs nothing of the page', async () => {
        serve(rows);
        house(<DrillCards />);
        await screen.findByRole('heading', { level: 1 });
        const text = svgText(screen.getByRole('group', { name: 'gate release, drawn' }) as unknown as SVGSVGElement);
        expect(text).toContain('xmlns="http://www.w3.org/2000/svg"');
        expect(text).not.toContain('var(');
        expect(text).not.toContain('class=');
    });
});
