// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { eachItsOwn, house, serve } from '../test/house';
import { Compared } from './Compared';

const BESIDE = {
    with: 'zone left',
    men: [
        { man: 'LT', there: 'Blocks the left end', here: 'Blocks the left end', same: true },
        { man: 'Q', there: 'Hands off', here: 'Fakes zone left, rolls right', same: false },
        { man: 'Z', there: 'Stalks the right corner', here: 'Corner at 10 yd', same: false },
    ],
};

describe('a pass beside its run', () => {
    eachItsOwn();

    it('counts who does the same, and shows only who does not, both ways', async () => {
        serve({ 'GET staff-words': { letters: {} }, 'GET vocabulary': {} });
        const onChoose = vi.fn();
        house(<Compared compared={[BESIDE]} onChoose={onChoose} />);
        expect(screen.getByText('1 of 3 do the same')).toBeTruthy();
        await userEvent.click(screen.getByText('Beside zone left'));
        expect(screen.getByText('Corner at 10 yd')).toBeTruthy();
        expect(screen.getByText('there: Stalks the right corner')).toBeTruthy();
        expect(screen.queryByText('Blocks the left end')).toBeNull();
        await userEvent.click(screen.getByLabelText('Show Z'));
        expect(onChoose).toHaveBeenCalledWith('Z');
    });

    it('shows nothing where a call stands for itself', () => {
        serve({});
        const { container } = house(<Compared compared={[]} onChoose={vi.fn()} />);
        expect(container.querySelector('details')).toBeNull();
    });
});
