import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { toast } from 'sonner';
import { api } from '../api/client';
import { useWrite } from '../api/useWrite';
import { Button } from '../ui/Button';
import { Window } from '../ui/window/Window';

/** A new password of one's own; every other session of his ends. */
export function OwnPassword() {
    const [open, setOpen] = useState(false);
    const { write, busy } = useWrite({
        send: (passwords: object) => api.put('session/password', passwords),
        otherwise: 'The password was not changed.',
        done: () => {
            setOpen(false);
            toast('Your password is changed; you are signed out everywhere else');
        },
    });
    return (
        <Dialog.Root open={open} onOpenChange={setOpen}>
            <Dialog.Trigger className="rounded py-1 text-left opacity-85 hover:opacity-100">Password</Dialog.Trigger>
            <Window title="Your password" className="w-[380px]">
                <form
                    className="space-y-4 text-sm"
                    onSubmit={(e) => {
                        e.preventDefault();
                        void write(Object.fromEntries(new FormData(e.currentTarget)));
                    }}
                >
                    <label className="block">
                        <span className="label">The one you have</span>
                        <input
                            name="old"
                            type="password"
                            autoComplete="current-password"
                            required
                            className="field mt-1 w-full"
                        />
                    </label>
                    <label className="block">
                        <span className="label">The new one, ten signs or more</span>
                        <input
                            name="password"
                            type="password"
                            autoComplete="new-password"
                            required
                            className="field mt-1 w-full"
                        />
                    </label>
                    <div className="flex justify-end gap-2">
                        <Button kind="quiet" onClick={() => setOpen(false)}>
                            Leave it
                        </Button>
                        <Button kind="strong" type="submit" disabled={busy}>
                            Change it
                        </Button>
                    </div>
                </form>
            </Window>
        </Dialog.Root>
    );
}
