import type { FormEvent, ReactNode } from 'react';

type Props = { onSubmit: (e: FormEvent<HTMLFormElement>) => void; children: ReactNode };

/** The frame of what stands before the application: signing in, and coming in by a link. */
export function Door({ onSubmit, children }: Props) {
    return (
        <main className="grid h-full place-items-center bg-card p-6">
            <form onSubmit={onSubmit} className="w-full max-w-sm rounded-lg border border-edge bg-paper p-8">
                <h1 className="text-3xl font-extrabold">Jacotaxis</h1>
                {children}
            </form>
        </main>
    );
}

export const DOOR_FIELD = 'mt-1 w-full rounded-md border border-edge bg-paper px-3 py-2';
