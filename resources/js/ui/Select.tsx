import { clsx } from 'clsx';
import type { ComponentProps } from 'react';

type Props = ComponentProps<'select'> & {
    /** Without a frame, where it stands in a line of text. */
    bare?: boolean;
    /** With less beside the words, where there is little room. */
    tight?: boolean;
};

/**
 * One of a list. The machine's own list opens: it is the quickest on a phone and a tablet, and every keyboard and screen
 * reader knows it.
 */
export function Select({ bare = false, tight = false, className, ...rest }: Props) {
    return (
        <select
            className={clsx(
                bare ? 'bg-transparent font-semibold' : 'rounded-md border border-edge bg-paper py-1',
                !bare && (tight ? 'px-0.5' : 'px-2'),
                'text-ink disabled:opacity-50 pointer-coarse:min-h-11',
                className,
            )}
            {...rest}
        />
    );
}
