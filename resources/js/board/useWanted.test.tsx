// @vitest-environment happy-dom
import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { SavedCall } from '../api/types';
import { useBoard } from '../model/callStore';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { call } from '../test/samples';
import { useWanted } from './useWanted';

const saved = (id: string, name: string) => ({ id, name, version: 1, document: call }) as unknown as SavedCall;
const BOOK = [saved('1', 'Ridge smash'), saved('2', 'Triple')];
const FLOOD = { ...call, set: 'trips' };

function Screen({ wanted, calls }: { wanted?: string; calls?: SavedCall[] }) {
    const [list, setList] = useState(calls);
    useWanted(wanted, list);
    return (
        <>
            <p>{useBoard((s) => s.name) || 'no name'}</p>
            <button type="button" onClick={() => setList([...(calls ?? [])])}>
                the book arrives again
            </button>
        </>
    );
}

describe('what the address asks for', () => {
    eachItsOwn();
    beforeEach(() => useBoard.setState({ id: null, name: '', document: null, saved: null, version: 0 }));

    it.each([
        ['nothing', undefined, 'Ridge smash'],
        ['a number', '2', 'Triple'],
        ['a name', 'Triple', 'Triple'],
    ])('opens a saved call by %s', (_, wanted, name) => {
        const server = serve({});
        house(<Screen wanted={wanted} calls={BOOK} />);
        expect(screen.getByText(name)).toBeTruthy();
        expect(server.sent).toEqual([]);
    });

    const GONE = '01m8pzrr0vxmmw03d4m0334bnf';

    it('says that a call is no longer in the book, and opens another', async () => {
        const server = serve({});
        house(<Screen wanted={GONE} calls={BOOK} />);
        expect(await screen.findByText('The call in the address is no longer in the book.')).toBeTruthy();
        expect(screen.getByText('Ridge smash')).toBeTruthy();
        expect(server.sent).toEqual([]);
    });

    it('says nothing of the call that was open and is thrown away', async () => {
        const server = serve({});
        useBoard.setState({ id: GONE, name: 'Gone', document: call, saved: call, version: 1 });
        house(<Screen wanted={GONE} calls={BOOK} />);
        expect(screen.getByText('Ridge smash')).toBeTruthy();
        expect(screen.queryByText(/no longer in the book/)).toBeNull();
        expect(server.sent).toEqual([]);
    });

    it('reads a call in words, once, and leaves what is changed afterwards alone', async () => {
        const server = serve({ 'POST words': { document: FLOOD, words: 'gun trips right: flood right' } });
        house(<Screen wanted="gun trips rt: flood rt" calls={BOOK} />);
        await waitFor(() => expect(useBoard.getState().document).toEqual(FLOOD));
        expect(server.to('POST words')[0].body).toEqual({ words: 'gun trips rt: flood rt' });
        expect(useBoard.getState().id).toBeNull();
        act(() => useBoard.getState().draw({ ...FLOOD, side: 'left' } as never));
        await userEvent.click(screen.getByText('the book arrives again'));
        expect(server.to('POST words').length).toBe(1);
        expect(useBoard.getState().document).toMatchObject({ side: 'left' });
    });

    it('says what is wrong with the words, and opens the book instead of nothing', async () => {
        serve({ 'POST words': refusal(422, '"fluud" is not a word here. Did you mean flood?') });
        house(<Screen wanted="gun trips: fluud" calls={BOOK} />);
        expect(await screen.findByText(/Did you mean flood/)).toBeTruthy();
        expect(useBoard.getState().id).toBe('1');
    });

    it('keeps the call that is on the board when nothing is asked for', () => {
        useBoard.setState({ id: null, name: 'Mine', document: FLOOD as never });
        house(<Screen calls={BOOK} />);
        expect(screen.getByText('Mine')).toBeTruthy();
    });
});
