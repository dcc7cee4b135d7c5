// @vitest-environment happy-dom
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { DrawingKind } from '../../api/types';
import { eachItsOwn, house } from '../../test/house';
import { DrawBar } from './DrawBar';
import { DrawLayer } from './DrawLayer';

const onDraw = vi.fn();
const onTakeBack = vi.fn();

function Desk({ first }: { first: DrawingKind }) {
    const [tool, setTool] = useState(first);
    const desk = { tool, setTool, drawn: [], draw: onDraw, remove: vi.fn(), takeBack: onTakeBack };
    return (
        <>
            <DrawLayer size={[640, 360]} desk={desk} />
            <DrawBar desk={desk} onSeek={() => undefined} />
        </>
    );
}

function desk(first: DrawingKind = 'arrow') {
    onDraw.mockClear();
    onTakeBack.mockClear();
    house(<Desk first={first} />);
    const sheet = screen.getByRole<HTMLElement>('application');
    // The sheet is shown at half its size.
    sheet.getBoundingClientRect = () => ({ left: 0, top: 0, width: 320, height: 180 }) as DOMRect;
    return sheet;
}

const drag = (sheet: HTMLElement, from: [number, number], to: [number, number]) => {
    fireEvent.pointerDown(sheet, { clientX: from[0], clientY: from[1] });
    fireEvent.pointerMove(sheet, { clientX: to[0], clientY: to[1] });
    fireEvent.pointerUp(sheet, { clientX: to[0], clientY: to[1] });
};

describe('drawing on the frozen picture', () => {
    eachItsOwn();

    it('takes a drag, in pixels of the picture', () => {
        const sheet = desk();
        drag(sheet, [50, 60], [150, 90]);
        expect(onDraw.mock.calls).toEqual([
            [
                [
                    [100, 120],
                    [300, 180],
                ],
            ],
        ]);
    });

    it('takes two clicks as well, and no drawing of no size', () => {
        const sheet = desk('ring');
        drag(sheet, [50, 60], [51, 60]);
        expect(onDraw).not.toHaveBeenCalled();
        drag(sheet, [80, 60], [80, 60]);
        expect(onDraw).toHaveBeenCalledTimes(1);
        expect(onDraw.mock.calls[0][0]).toEqual([
            [100, 120],
            [160, 120],
        ]);
    });

    it('puts a word with one click', () => {
        const sheet = desk('word');
        drag(sheet, [50, 60], [50, 60]);
        expect(onDraw.mock.calls).toEqual([[[[100, 120]]]]);
    });

    it('draws with the keys alone: a letter chooses, arrows move, Enter starts and ends', async () => {
        desk();
        await userEvent.keyboard('l');
        expect(screen.getByRole('radio', { name: 'Line' }).getAttribute('aria-checked')).toBe('true');
        await userEvent.keyboard('{Enter}{Shift>}{ArrowRight}{ArrowDown}{/Shift}{Enter}');
        expect(onDraw.mock.calls).toEqual([
            [
                [
                    [320, 180],
                    [330, 190],
                ],
            ],
        ]);
    });

    it('gives up what was begun first, then takes the last one back', async () => {
        desk();
        await userEvent.keyboard('{Enter}{Backspace}');
        expect(onTakeBack).not.toHaveBeenCalled();
        await userEvent.keyboard('{Backspace}');
        expect(onTakeBack).toHaveBeenCalledTimes(1);
        expect(onDraw).not.toHaveBeenCalled();
    });
});
