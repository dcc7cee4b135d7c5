// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CallDocument } from '../api/types';
import { openCall, useBoard } from '../model/callStore';
import { eachItsOwn, house, NO_ANSWER, refusal, serve } from '../test/house';
import { call } from '../test/samples';
import { SaveOver } from './SaveOver';
import { useSaving } from './useSaving';

const navigate = vi.fn();
vi.mock('@tanstack/react-router', () => ({ useNavigate: () => navigate }));

const SAVED = { id: '5', name: 'Ridge smash', version: 2, document: call };

function Screen() {
    const { save, asking } = useSaving();
    const { name, document } = useBoard();
    return (
        <>
            <p>
                {name}: {String(document?.set)}
            </p>
            <button type="button" onClick={() => void save()}>
                save the call
            </button>
            <SaveOver {...asking} />
        </>
    );
}

const edited: CallDocument = { ...call, set: 'trips' };

describe('saving the call on the board', () => {
    eachItsOwn();
    beforeEach(() => {
        navigate.mockClear();
        openCall(SAVED as never);
    });

    it('saves over its own version, and says which one it is now', async () => {
        const server = serve({ 'PUT calls/5': { ...SAVED, version: 3, document: edited } });
        house(<Screen />);
        useBoard.getState().draw(edited);
        await userEvent.click(screen.getByText('save the call'));
        expect(await screen.findByText('Saved Ridge smash, version 3')).toBeTruthy();
        expect(server.to('PUT calls/5')[0]).toMatchObject({ version: '"2"', body: { name: 'Ridge smash' } });
        expect(useBoard.getState()).toMatchObject({ version: 3, saved: edited });
        expect(navigate).toHaveBeenCalledWith({ to: '/board', search: { call: '5' }, replace: true });
    });

    it('keeps a call of its own where there is none yet', async () => {
        const server = serve({ 'POST calls': { ...SAVED, id: '6', name: 'New call', version: 1 } });
        house(<Screen />);
        useBoard.getState().fresh(edited, '');
        await userEvent.click(screen.getByText('save the call'));
        await waitFor(() => expect(useBoard.getState().id).toBe('6'));
        expect(server.to('POST calls')[0].body).toMatchObject({ name: 'New call' });
    });

    it('loses neither side when somebody else was faster', async () => {
        const theirs = { ...SAVED, version: 4, document: { ...call, set: 'bunch' } };
        serve({ 'PUT calls/5': refusal(412, 'Somebody saved version 4.', { theirs }) });
        house(<Screen />);
        useBoard.getState().draw(edited);
        await userEvent.click(screen.getByText('save the call'));
        expect(await screen.findByText('Somebody saved version 4.')).toBeTruthy();
        expect(useBoard.getState().document).toEqual(edited);
        await userEvent.click(screen.getByText('Show theirs'));
        expect(useBoard.getState()).toMatchObject({ version: 4, document: { set: 'bunch' } });
    });

    it('keeps mine as a new call when that is chosen', async () => {
        serve({ 'PUT calls/5': refusal(412, 'Somebody saved version 4.', { theirs: SAVED }) });
        house(<Screen />);
        useBoard.getState().draw(edited);
        await userEvent.click(screen.getByText('save the call'));
        await userEvent.click(await screen.findByText('Keep mine as a new call'));
        expect(useBoard.getState()).toMatchObject({ id: null, name: 'Ridge smash (mine)', document: edited });
    });

    it('stays unsaved on the screen when the server does not answer, and saves when it does', async () => {
        let up = false;
        serve({ 'PUT calls/5': () => (up ? { ...SAVED, version: 3 } : NO_ANSWER) });
        house(<Screen />);
        useBoard.getState().draw(edited);
        await userEvent.click(screen.getByText('save the call'));
        const again = await screen.findByText('Try again');
        expect(useBoard.getState().document).toEqual(edited);
        expect(useBoard.getState().version).toBe(2);
        up = true;
        await userEvent.click(again);
        await waitFor(() => expect(useBoard.getState().version).toBe(3));
    });

    it.each([
        ['Save as new', 'POST calls', null],
        ['Save over Ridge smash', 'PUT calls/5', '"2"'],
    ])('asks before a call said anew goes over a saved one: %s', async (button, way, version) => {
        const server = serve({ 'POST calls': { ...SAVED, id: '6' }, 'PUT calls/5': { ...SAVED, version: 3 } });
        house(<Screen />);
        useBoard.getState().draw(edited);
        useBoard.setState({ saidOver: 'gun trips: flood' });
        await userEvent.click(screen.getByText('save the call'));
        expect(server.sent).toEqual([]);
        expect((await screen.findByRole('alertdialog')).textContent).toContain('gun trips: flood');
        await userEvent.click(screen.getByText(button));
        await waitFor(() => expect(server.to(way).length).toBe(1));
        expect(server.to(way)[0].version).toBe(version);
    });

    it('goes back to the board with nothing saved', async () => {
        const server = serve({});
        house(<Screen />);
        useBoard.setState({ saidOver: 'gun trips: flood' });
        await userEvent.click(screen.getByText('save the call'));
        await userEvent.click(await screen.findByText('Back'));
        await waitFor(() => expect(screen.queryByRole('alertdialog')).toBeNull());
        expect(server.sent).toEqual([]);
    });
});
