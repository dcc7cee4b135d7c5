// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Remark } from '../../api/types';
import { eachItsOwn, house, refusal, serve } from '../../test/house';
import { Remarks } from './Remarks';

const REMARK: Remark = { correction: '', caveat: '', certain: true, hard: false, caused_by: null, charged_to: null };
const AT = 'GET snaps/s1/grades/H/history';

function remarks() {
    const still = () => undefined;
    const given = { snap: 's1', man: 'H', men: ['Q', 'H'], remark: REMARK, owners: {}, graded: true };
    house(<Remarks {...given} open onOpen={still} onKeep={still} onRemark={still} />);
    return userEvent.click(screen.getByRole('button', { name: 'Who graded this, and when' }));
}

describe('what a grade was', () => {
    eachItsOwn();

    it('is not asked for before it is opened', () => {
        const server = serve({ [AT]: { changes: [] } });
        const still = () => undefined;
        const given = { snap: 's1', man: 'H', men: [], remark: REMARK, owners: {}, graded: true };
        house(<Remarks {...given} open onOpen={still} onKeep={still} onRemark={still} />);
        expect(server.to(AT)).toEqual([]);
    });

    it('tells who put what in the place of what, the latest first', async () => {
        serve({
            [AT]: {
                changes: [
                    { id: '2', at: '2026-11-02T18:30:00+00:00', who: 'Dale Merriweather', what: 'plus to minus' },
                    { id: '1', at: '2026-11-01T09:00:00+00:00', who: 'Piet Garrow', what: 'graded plus' },
                ],
            },
        });
        await remarks();
        const list = await screen.findByRole('list', { name: "What H's grade was" });
        const rows = Array.from(list.children).map((li) => li.textContent ?? '');
        expect(rows[0]).toMatch(/^Dale Merriweather Nov 2, 2026.*plus to minus$/);
        expect(rows[1]).toMatch(/^Piet Garrow Nov 1, 2026.*graded plus$/);
    });

    it('says when nobody changed it', async () => {
        serve({ [AT]: { changes: [] } });
        await remarks();
        expect(await screen.findByText(/Nobody changed this grade/)).toBeTruthy();
    });

    it('says why it cannot be told', async () => {
        serve({ [AT]: refusal(403, 'This page is for the staff.') });
        await remarks();
        expect(await screen.findByText('This page is for the staff.')).toBeTruthy();
    });
});
