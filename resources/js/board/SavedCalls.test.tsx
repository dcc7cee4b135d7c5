// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { SavedCall } from '../api/types';
import { everyPage } from '../api/pages';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { SavedCalls } from './SavedCalls';

const call = (id: number, name = `Call ${id}`): SavedCall =>
    ({ id: String(id), name, words: 'gun 2x2 right: smash right', sketch: [] }) as unknown as SavedCall;
const many = (n: number) => Array.from({ length: n }, (_, k) => call(k));

describe('the saved calls', () => {
    eachItsOwn();

    it('are all asked for, page after page', async () => {
        const server = serve({
            'GET calls': { calls: many(50), next: 'a+b' },
            'GET calls?cursor=a%2Bb': { calls: [call(50)], next: null },
        });
        const all = await everyPage<SavedCall>('calls');
        expect(all).toHaveLength(51);
        expect(all.at(-1)?.id).toBe('50');
        expect(server.sent).toHaveLength(2);
    });

    it('are found by a word of their name or of the call, where there are many', async () => {
        const calls = [...many(9), call(9, 'Ridge')];
        serve({});
        house(<SavedCalls calls={calls} current={null} onOpen={vi.fn()} onThrown={vi.fn()} />);
        await userEvent.type(screen.getByLabelText('Find a call'), 'ridg');
        expect(screen.getAllByRole('listitem')).toHaveLength(1);
        await userEvent.clear(screen.getByLabelText('Find a call'));
        await userEvent.type(screen.getByLabelText('Find a call'), 'smash');
        expect(screen.getAllByRole('listitem')).toHaveLength(10);
        await userEvent.type(screen.getByLabelText('Find a call'), ' nowhere');
        expect(screen.getByText('No call has that.')).toBeTruthy();
    });

    it('need no finding where they are few', () => {
        serve({});
        house(<SavedCalls calls={many(8)} current={null} onOpen={vi.fn()} onThrown={vi.fn()} />);
        expect(screen.queryByLabelText('Find a call')).toBeNull();
    });

    it('are thrown away one by one, and taken back', async () => {
        const server = serve({ 'DELETE calls/1': null, 'POST thrown-away/call/1': null });
        const thrown = vi.fn();
        house(<SavedCalls calls={many(3)} current="1" onOpen={vi.fn()} onThrown={thrown} />);
        await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
        await waitFor(() => expect(thrown).toHaveBeenCalledWith(expect.objectContaining({ id: '1' })));
        await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
        await waitFor(() => expect(server.to('POST thrown-away/call/1')).toHaveLength(1));
    });

    it('stay where it is refused', async () => {
        serve({ 'DELETE calls/1': refusal(403, "This is the coordinator's to do.") });
        const thrown = vi.fn();
        house(<SavedCalls calls={many(3)} current="1" onOpen={vi.fn()} onThrown={thrown} />);
        await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
        expect(await screen.findByText(/coordinator's to do/)).toBeTruthy();
        expect(thrown).not.toHaveBeenCalled();
    });
});
