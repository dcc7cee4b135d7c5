// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Charting, Reel } from '../../api/types';
import { useChartLine } from '../../model/chartLine';
import { eachItsOwn, house, serve } from '../../test/house';
import { ChartPanel } from './ChartPanel';

const reel = { id: '7', title: 'Slate Hill against Stony Ford', ours: false } as Reel;
const charting = { grammar: [], results: [] } as unknown as Charting;
const read = { document: { kind: 'jacotaxis.film', version: 1 }, place: '', assumed: [], choices: [] };

function chart(kept: boolean) {
    serve({
        'GET reels/7/prediction': { calls: [], looks: [], place: '1st and 10', assumed: [] },
        'POST reels/7/entries': read,
    });
    const onEntry = vi.fn().mockResolvedValue(kept);
    return { onEntry, ...panel(onEntry) };
}

const panel = (onEntry = vi.fn(), of = reel) =>
    house(
        <ChartPanel
            reel={of}
            snap={null}
            document={null}
            charting={charting}
            onEntry={onEntry}
            onFix={vi.fn()}
            onRemove={vi.fn()}
        />,
    );

const typed = () => screen.getByRole<HTMLInputElement>('textbox');

describe('the line a snap is charted in', () => {
    eachItsOwn();
    beforeEach(() => useChartLine.setState({ lines: {}, goesOn: false }));

    it('is empty for the next snap once it was kept', async () => {
        const { onEntry } = chart(true);
        const line = screen.getByRole<HTMLInputElement>('textbox');
        await userEvent.type(line, '2 r4{Enter}');
        await waitFor(() => expect(onEntry).toHaveBeenCalledTimes(1));
        await waitFor(() => expect(line.value).toBe(''));
    });

    it('stays as it was typed when it was not kept', async () => {
        const { onEntry } = chart(false);
        const line = screen.getByRole<HTMLInputElement>('textbox');
        await userEvent.type(line, '2 r4{Enter}');
        await waitFor(() => expect(onEntry).toHaveBeenCalledTimes(1));
        await waitFor(() => expect(document.activeElement).toBe(line));
        expect(line.value).toBe('2 r4');
    });

    it('is still there when another snap is opened in the middle of it, and not in another reel', async () => {
        const first = chart(true);
        await userEvent.type(typed(), '2 r4');
        first.unmount();
        const second = panel();
        expect(typed().value).toBe('2 r4');
        second.unmount();
        panel(vi.fn(), { ...reel, id: '8' });
        expect(typed().value).toBe('');
    });

    it('is kept for a reload', async () => {
        chart(true);
        await userEvent.type(typed(), '3 1');
        expect(sessionStorage.getItem('charting line')).toContain('3 1');
    });

    it('has the keys in the next snap after Enter, and not when a snap was chosen by hand', async () => {
        const { onEntry, unmount } = chart(true);
        // The next snap is opened while the first is being kept.
        onEntry.mockImplementation(() => {
            unmount();
            panel();
            return Promise.resolve(true);
        });
        await userEvent.type(typed(), '2 r4{Enter}');
        await waitFor(() => expect(typed().value).toBe(''));
        expect(document.activeElement).toBe(typed());
        // Once he has left the line, the next snap leaves the keys alone.
        await userEvent.click(document.body);
        expect(useChartLine.getState().goesOn).toBe(false);
    });

    it('leaves the keys where they are when a snap is opened by hand', () => {
        chart(true);
        expect(document.activeElement).not.toBe(typed());
    });

    it('says for film of another offense what belongs into it', () => {
        chart(true);
        expect(screen.getByPlaceholderText(/\(gun trips\) fs@12/)).toBeTruthy();
    });
});
