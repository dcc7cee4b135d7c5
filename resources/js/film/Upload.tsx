import { Dialog } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import { api, Problem } from '../api/client';
import type { Clip } from '../api/types';
import { Button } from '../ui/Button';

/** Takes a film of one's own, with the call and the look it shows. */
export function Upload({ onDone }: { onDone: (clip: Clip) => void }) {
    const [open, setOpen] = useState(false);
    const [busy, setBusy] = useState(false);
    const [problem, setProblem] = useState('');
    const submit = async (e: FormEvent<HTMLFormElement>) => {
        e.preventDefault();
        setBusy(true);
        setProblem('');
        try {
            onDone(await api.upload<Clip>('clips', new FormData(e.currentTarget)));
            setOpen(false);
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The upload broke off. Nothing was kept; send it again.');
        } finally {
            setBusy(false);
        }
    };
    return (
        <Dialog.Root open={open} onOpenChange={setOpen}>
            <Dialog.Trigger asChild>
                <Button>Upload a clip</Button>
            </Dialog.Trigger>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 z-40 bg-black/50" />
                <Dialog.Content className="fixed top-1/2 left-1/2 z-50 w-[440px] -translate-x-1/2 -translate-y-1/2 rounded-lg border border-edge bg-paper p-6">
                    <Dialog.Title className="text-lg font-bold">Upload a clip</Dialog.Title>
                    <Dialog.Description className="mt-1 mb-4 text-sm text-soft">
                        One snap as an MP4 (H.264) or WebM file. Say what was called and what it was called against.
                    </Dialog.Description>
                    <form onSubmit={submit} className="space-y-3">
                        <label className="block text-xs text-soft">
                            Film
                            <input
                                type="file"
                                name="film"
                                required
                                accept="video/mp4,video/webm,.mp4,.webm"
                                className="mt-1 block w-full text-sm text-ink"
                            />
                        </label>
                        <label className="block text-xs text-soft">
                            Title
                            <input
                                name="title"
                                maxLength={160}
                                className="mt-1 block w-full rounded-md border border-edge bg-paper px-2 py-1.5 text-sm text-ink"
                            />
                        </label>
                        <label className="block text-xs text-soft">
                            Call
                            <input
                                name="call"
                                required
                                defaultValue="gun 2x2 right: smash right"
                                className="mt-1 block w-full rounded-md border border-edge bg-paper px-2 py-1.5 text-sm text-ink"
                            />
                        </label>
                        <label className="block text-xs text-soft">
                            Look
                            <input
                                name="look"
                                required
                                defaultValue="4-2 nickel, cover 2"
                                className="mt-1 block w-full rounded-md border border-edge bg-paper px-2 py-1.5 text-sm text-ink"
                            />
                        </label>
                        <p role="alert" className="min-h-5 text-sm font-semibold text-ball">
                            {problem}
                        </p>
                        <div className="flex justify-end gap-2">
                            <Dialog.Close asChild>
                                <Button kind="quiet">Not now</Button>
                            </Dialog.Close>
                            <Button kind="strong" type="submit" disabled={busy}>
                                {busy ? 'Sending…' : 'Send it'}
                            </Button>
                        </div>
                    </form>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
