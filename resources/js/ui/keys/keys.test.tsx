// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { KeyPage } from './KeyPage';
import { keyNames } from './keyNames';
import { useKeys } from './useKeys';

function Screen({ does }: { does: () => void }) {
    const [typed, setTyped] = useState('');
    useKeys('n', 'the next one', does);
    useKeys('mod+shift+z, mod+y', 'redo', does);
    return <input aria-label="words" value={typed} onChange={(e) => setTyped(e.target.value)} />;
}

describe('keys of a screen', () => {
    afterEach(cleanup);

    it('does what a key says, and not while words are typed', async () => {
        const does = vi.fn();
        render(<Screen does={does} />);
        fireEvent.keyDown(document.body, { key: 'n', code: 'KeyN' });
        expect(does).toHaveBeenCalledTimes(1);
        await userEvent.type(screen.getByLabelText('words'), 'n');
        expect(does).toHaveBeenCalledTimes(1);
        expect((screen.getByLabelText('words') as HTMLInputElement).value).toBe('n');
    });

    it('lists the keys of what is on the screen, and no others', () => {
        const { unmount } = render(<Screen does={() => undefined} />);
        render(<KeyPage />);
        fireEvent.keyDown(document.body, { key: '?', code: 'Slash', shiftKey: true });
        expect(screen.getByRole('dialog').textContent).toContain('Nthe next one');
        expect(screen.getByRole('dialog').textContent).toContain('Ctrl Shift Z or Ctrl Y');
        unmount();
        expect(screen.getByRole('dialog').textContent).toContain('no keys of its own');
    });

    it.each([
        ['bracketleft', '['],
        ['slash', '/'],
        ['shift+f', 'Shift F'],
        ['equal, shift+equal, add', '+'],
        ['n, pagedown', 'N or Page down'],
        ['1,2,3,4,5,6,7,8,9', '1 to 9'],
        ['j, down', 'J or ↓'],
    ])('names %s as %s', (keys, named) => expect(keyNames(keys)).toBe(named));
});
