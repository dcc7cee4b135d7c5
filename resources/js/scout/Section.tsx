import type { ReactNode } from 'react';

type Props = { title: string; note?: string; aside?: ReactNode; children: ReactNode };

/** One part of the page, with a line that says how to read it. */
export function Section({ title, note, aside, children }: Props) {
    return (
        <section aria-label={title} className="break-inside-avoid">
            <div className="mb-1 flex min-h-9 items-end gap-3 border-b-2 border-ink pb-0.5">
                <h2 className="font-bold">{title}</h2>
                <div className="ml-auto flex items-center gap-2">{aside}</div>
            </div>
            {note && <p className="pb-1 text-xs text-soft">{note}</p>}
            {children}
        </section>
    );
}
