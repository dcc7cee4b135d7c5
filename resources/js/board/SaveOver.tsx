import { AlertDialog } from 'radix-ui';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { FRAME, SHADE } from '../ui/window/Window';

type Props = {
    open: boolean;
    name: string;
    words: string;
    onNew: (name: string) => void;
    onOver: () => void;
    onCancel: () => void;
};

/** A call was said anew over a saved one: as a call of its own, or in its place? Enter keeps both. */
export function SaveOver({ open, name, words, onNew, onOver, onCancel }: Props) {
    const [own, setOwn] = useState<string | null>(null);
    const suggested = words.replace(/^[^:]*: */, '').slice(0, 60) || words;
    return (
        <AlertDialog.Root open={open} onOpenChange={(on) => !on && (setOwn(null), onCancel())}>
            <AlertDialog.Portal>
                <AlertDialog.Overlay className={SHADE} />
                <AlertDialog.Content className={`${FRAME} w-[480px]`}>
                    <AlertDialog.Title className="text-lg font-bold">Keep {name} too?</AlertDialog.Title>
                    <AlertDialog.Description className="mt-1 mb-4 text-sm text-soft">
                        This call was said over the open call {name}. Saved as new, both stay; saved over it, {name}{' '}
                        becomes <span className="font-semibold text-ink">{words}</span>.
                    </AlertDialog.Description>
                    <form
                        className="space-y-4"
                        onSubmit={(e) => {
                            e.preventDefault();
                            onNew(own ?? suggested);
                            setOwn(null);
                        }}
                    >
                        <label className="block text-sm">
                            <span className="label">Name of the new call</span>
                            <input
                                autoFocus
                                value={own ?? suggested}
                                maxLength={120}
                                required
                                onChange={(e) => setOwn(e.target.value)}
                                className="mt-1 w-full rounded-md border border-edge bg-card px-2 py-1.5"
                            />
                        </label>
                        <div className="flex justify-end gap-2">
                            <Button kind="quiet" onClick={() => (setOwn(null), onCancel())}>
                                Back
                            </Button>
                            <Button onClick={() => (setOwn(null), onOver())}>Save over {name}</Button>
                            <Button kind="strong" type="submit" keys="Enter">
                                Save as new
                            </Button>
                        </div>
                    </form>
                </AlertDialog.Content>
            </AlertDialog.Portal>
        </AlertDialog.Root>
    );
}
