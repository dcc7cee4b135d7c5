import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { keyNames } from './keyNames';
import { useKeyList } from './useKeys';
import { Window } from '../window/Window';

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
            <Window title="Keys of this screen" className="w-[min(92vw,760px)]">
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
            </Window>
        </Dialog.Root>
    );
}
