// @vitest-environment happy-dom
import { useQuery } from '@tanstack/react-query';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, NO_ANSWER, refusal, serve } from '../test/house';
import { api, type Problem } from './client';
import { useConnection } from './connection';
import { useWrite } from './useWrite';

type Set = { name: string };

function Screen({ onStale, onDone }: { onStale?: (e: Problem) => void; onDone?: (set: Set) => void }) {
    const list = useQuery({ queryKey: ['sets'], queryFn: () => api.get<{ sets: string[] }>('sets') });
    const { write, busy } = useWrite({
        send: (name: string) => api.put<Set>('sets/1', { name }, 3),
        otherwise: 'Not saved.',
        done: onDone,
        stale: onStale,
        asksAgain: [['sets']],
    });
    return (
        <>
            <p>{list.data?.sets.join(', ')}</p>
            <button type="button" onClick={() => void write('ridge')}>
                {busy ? 'saving' : 'save'}
            </button>
        </>
    );
}

describe('a change sent to the server', () => {
    eachItsOwn();

    it('hands on the answer and asks again for what it changed', async () => {
        const names = ['trips'];
        const server = serve({
            'GET sets': () => ({ sets: names }),
            'PUT sets/1': ({ body }: { body: unknown }) => (names.push((body as Set).name), body),
        });
        const onDone = vi.fn();
        house(<Screen onDone={onDone} />);
        await userEvent.click(await screen.findByText('save'));
        expect(await screen.findByText('trips, ridge')).toBeTruthy();
        expect(onDone.mock.calls[0][0]).toEqual({ name: 'ridge' });
        expect(server.to('PUT sets/1')[0].version).toBe('"3"');
    });

    it('says the reason and the cure the server gives, and asks again all the same', async () => {
        const server = serve({
            'GET sets': { sets: ['trips'] },
            'PUT sets/1': refusal(422, '"ridge" is a set of the language. Choose another name.'),
        });
        house(<Screen />);
        await userEvent.click(await screen.findByText('save'));
        expect(await screen.findByText(/Choose another name/)).toBeTruthy();
        expect(screen.queryByText('Try again')).toBeNull();
        await waitFor(() => expect(server.to('GET sets').length).toBe(2));
    });

    it('offers to try again when the server does not answer, and sends the same', async () => {
        let up = false;
        const server = serve({
            'GET sets': { sets: [] },
            'PUT sets/1': ({ body }: { body: unknown }) => (up ? body : NO_ANSWER),
        });
        const onDone = vi.fn();
        house(<Screen onDone={onDone} />);
        await userEvent.click(await screen.findByText('save'));
        const again = await screen.findByText('Try again');
        up = true;
        await userEvent.click(again);
        await waitFor(() => expect(onDone).toHaveBeenCalledTimes(1));
        expect(server.to('PUT sets/1').map((s) => s.body)).toEqual([{ name: 'ridge' }, { name: 'ridge' }]);
        expect(useConnection.getState().lost).toBe(false);
    });

    it('leaves a change that somebody else was faster with to the screen', async () => {
        serve({
            'GET sets': { sets: [] },
            'PUT sets/1': refusal(412, 'Changed in the meantime.', { theirs: { name: 'hill' } }),
        });
        const onStale = vi.fn();
        house(<Screen onStale={onStale} />);
        await userEvent.click(await screen.findByText('save'));
        await waitFor(() => expect(onStale).toHaveBeenCalledTimes(1));
        expect((onStale.mock.calls[0][0] as Problem).more.theirs).toEqual({ name: 'hill' });
        expect(screen.queryByText('Changed in the meantime.')).toBeNull();
    });

    it.each([
        [{ refused: { status: 500, body: 'no json' } }, 'The server refused this.'],
        [{ refused: { status: 413, body: {} } }, 'The file is too large for this server.'],
        [
            { refused: { status: 403, body: { title: 'No', detail: 'Only the coordinator may.' } } },
            'Only the coordinator',
        ],
    ])('has words for every kind of refusal', async (reply, words) => {
        serve({ 'GET sets': { sets: [] }, 'PUT sets/1': reply });
        house(<Screen />);
        await userEvent.click(await screen.findByText('save'));
        expect((await screen.findByText(new RegExp(words))).textContent).toContain(words);
    });
});
