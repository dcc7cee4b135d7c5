// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Measured, Snap } from '../../api/types';
import { eachItsOwn, house } from '../../test/house';
import { useGrading } from './useGrading';

const MEN = ['Q', 'R', 'X', 'Z'];
const measured = {
    proposals: MEN.map((man) => ({ man, faults: [], marks: {}, mark: man === 'R' ? 1 : null })),
    labels: {},
} as unknown as Measured;
const grade = vi.fn();

/** The desk of a snap on which some are graded already: who is looked at, and what the keys do. */
function Desk({ graded }: { graded: string[] }) {
    const snap = { id: '8', grades: graded.map((man) => ({ man, version: 1, faults: [], marks: {} })) };
    const grading = useGrading(snap as unknown as Snap, measured, { grade } as never);
    return (
        <>
            <p data-testid="man">{grading.man}</p>
            <button onClick={() => grading.giveOn(-1)}>minus</button>
            <button onClick={() => grading.accept()}>accept</button>
            <button onClick={() => grading.next(1)}>next</button>
        </>
    );
}

function desk(graded: string[]) {
    grade.mockClear();
    house(<Desk graded={graded} />);
    return () => screen.getByTestId('man').textContent;
}

describe('grading one man after another', () => {
    eachItsOwn();

    it.each([
        ['the next man', [], 'R'],
        ['the next who has no grade', ['R', 'X'], 'Z'],
        ['nobody, where all others are graded', ['R', 'X', 'Z'], 'Q'],
    ])('a mark goes on to %s', async (_, graded, next) => {
        const man = desk(graded);
        await userEvent.click(screen.getByText('minus'));
        expect(grade.mock.calls.map(([p, mark]) => [p.man, mark])).toEqual([['Q', -1]]);
        expect(man()).toBe(next);
    });

    it('keeps nothing of a man of whom nothing is proposed', async () => {
        const man = desk([]);
        await userEvent.click(screen.getByText('accept'));
        expect(grade).not.toHaveBeenCalled();
        expect(man()).toBe('Q');
        await userEvent.click(screen.getByText('next'));
        await userEvent.click(screen.getByText('accept'));
        expect(grade.mock.calls.map(([p, mark]) => [p.man, mark])).toEqual([['R', 1]]);
        expect(man()).toBe('X');
    });
});
