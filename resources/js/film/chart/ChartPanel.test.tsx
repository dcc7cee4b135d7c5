// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Charting, Reel } from '../../api/types';
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
    house(
        <ChartPanel
            reel={reel}
            snap={null}
            document={null}
            charting={charting}
            onEntry={onEntry}
            onFix={vi.fn()}
            onRemove={vi.fn()}
        />,
    );
    return onEntry;
}

describe('the line a snap is charted in', () => {
    eachItsOwn();

    it('is empty for the next snap once it was kept', async () => {
        const onEntry = chart(true);
        const line = screen.getByRole<HTMLInputElement>('textbox');
        await userEvent.type(line, '2 r4{Enter}');
        await waitFor(() => expect(onEntry).toHaveBeenCalledTimes(1));
        await waitFor(() => expect(line.value).toBe(''));
    });

    it('stays as it was typed when it was not kept', async () => {
        const onEntry = chart(false);
        const line = screen.getByRole<HTMLInputElement>('textbox');
        await userEvent.type(line, '2 r4{Enter}');
        await waitFor(() => expect(onEntry).toHaveBeenCalledTimes(1));
        await waitFor(() => expect(document.activeElement).toBe(line));
        expect(line.value).toBe('2 r4');
    });

    it('says for film of another offense what belongs into it', () => {
        chart(true);
        expect(screen.getByPlaceholderText(/\(gun trips\) fs@12/)).toBeTruthy();
    });
});
