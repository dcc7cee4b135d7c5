import { clsx } from 'clsx';
import type { ComponentProps } from 'react';

type Props = ComponentProps<'button'> & { kind?: 'strong' | 'plain' | 'quiet'; keys?: string };

/** A button that says its key in its tooltip. */
export function Button({ kind = 'plain', keys, className, title, ...rest }: Props) {
    return (
        <button
            type="button"
            title={keys ? `${title ?? ''} (${keys})`.trim() : title}
            className={clsx(
                'rounded-md px-3 py-1.5 text-sm font-semibold narrow whitespace-nowrap',
                kind === 'strong' && 'bg-ink text-paper',
                kind === 'plain' && 'border border-edge bg-paper text-ink hover:border-ink',
                kind === 'quiet' && 'text-soft hover:text-ink',
                className,
            )}
            {...rest}
        />
    );
}
