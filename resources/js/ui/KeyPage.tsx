import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { keyNames } from './keyNames';
import { useKeyList } from './useKeys';

/** Every key of the screen on one page: opened and closed with a question mark. */
export function KeyPage() {
    const [open, setOpen] = useState(false);
    const list = useKeyList((s) => s.list);
    useHotkeys(['?', 'shift+?'], () => setOpen((on) => !on), { useKey: true, preventDefault: true });
    return (
        <Dialog.Root open={open} onOpenChange={setOpen}>
            <Dialog.Trigger
                className="py-1 text-left opacity-80 hover:opacity-100"
                title="Every key of this screen (?)"
            >
                Keys (?)
            </Dialog.Trigger>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
                <Dialog.Content
                    aria-describedby={undefined}
                    className="fixed top-1/2 left-1/2 z-50 max-h-[86vh] w-[min(92vw,760px)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-md border border-edge bg-paper p-5 text-ink shadow-lg outline-none"
                >
                    <Dialog.Title className="mb-3 text-lg font-bold">Keys of this screen</Dialog.Title>
                    {list.length === 0 ? (
                        <p className="text-soft">This screen has no keys of its own.</p>
                    ) : (
                        <dl className="columns-1 gap-8 text-[13.5px] sm:columns-2">
                            {list.map((key) => (
                                <div
                                    key={`${key.keys} ${key.says}`}
                                    className="flex break-inside-avoid items-baseline gap-3 border-b border-faint py-1"
                                >
                                    <dt className="w-28 shrink-0 font-semibold narrow">{keyNames(key.keys)}</dt>
                                    <dd className="min-w-0">{key.says}</dd>
                                </div>
                            ))}
                        </dl>
                    )}
                    <p className="mt-3 text-[12px] text-soft">
                        Single keys work while no field has the focus; Enter and Esc give them back.
                    </p>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
