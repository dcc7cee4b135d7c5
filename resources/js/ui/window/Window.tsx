import { clsx } from 'clsx';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** What lies over the screen, and the frame of what stands on it. */
export const SHADE = 'fixed inset-0 z-40 bg-black/50';
export const FRAME =
    'fixed top-1/2 left-1/2 z-50 max-h-[90vh] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-lg border border-edge bg-paper p-6 text-ink outline-none';

type Props = {
    title: string;
    /** What is to be known before anything is done here. */
    says?: string;
    /** Its width, and how its inside is laid out. */
    className: string;
    children: ReactNode;
};

/** The one window over the screen: a title, what it says, and its inside. Stands inside a Dialog.Root. */
export function Window({ title, says, className, children }: Props) {
    return (
        <Dialog.Portal>
            <Dialog.Overlay className={SHADE} />
            <Dialog.Content {...(says ? {} : { 'aria-describedby': undefined })} className={clsx(FRAME, className)}>
                <Dialog.Title className="mb-3 text-lg font-bold">{title}</Dialog.Title>
                {says && <Dialog.Description className="-mt-2 mb-3 text-sm text-soft">{says}</Dialog.Description>}
                {children}
            </Dialog.Content>
        </Dialog.Portal>
    );
}
