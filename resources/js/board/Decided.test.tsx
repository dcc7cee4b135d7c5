// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Decided } from './Decided';

describe('which of two calls is played', () => {
    afterEach(cleanup);

    it('says that the first stands, and why', () => {
        render(<Decided killed={false} seen="the middle is closed" />);
        expect(screen.getByRole('status').textContent).toBe('The first call stands: the middle is closed.');
    });

    it('says that it was killed, and where it is changed', () => {
        render(<Decided killed seen="the middle is open" />);
        expect(screen.getByRole('status').textContent).toContain('Killed to the second call: the middle is open.');
        expect(screen.getByRole('status').textContent).toContain('changed on the call line');
    });
});
