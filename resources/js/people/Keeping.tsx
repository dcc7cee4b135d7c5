import { useQuery } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { toast } from 'sonner';
import { api } from '../api/client';
import { useWrite } from '../api/useWrite';
import { Button } from '../ui/Button';

type Kept = { thrownDays: number; filmMonths: number | null; version: number };

const FIELD = 'w-20 rounded-md border border-edge bg-paper px-2 py-1 text-right text-ink';

/** How long what was thrown away, and old film with its grades, is kept before it is deleted for good. */
export function Keeping() {
    const kept = useQuery({ queryKey: ['keeping'], queryFn: () => api.get<Kept>('keeping') });
    return kept.data ? <Form key={kept.data.version} kept={kept.data} /> : null;
}

function Form({ kept }: { kept: Kept }) {
    const [days, setDays] = useState(String(kept.thrownDays));
    const [months, setMonths] = useState(kept.filmMonths === null ? '' : String(kept.filmMonths));
    const { write, busy } = useWrite<Pick<Kept, 'thrownDays' | 'filmMonths'>, Kept>({
        send: (said) => api.put<Kept>('keeping', said, kept.version),
        otherwise: 'It was not saved.',
        done: () => toast('Saved: it holds from tonight on'),
        asksAgain: [['keeping']],
    });
    const save = (e: FormEvent) => {
        e.preventDefault();
        void write({ thrownDays: Number(days), filmMonths: months === '' ? null : Number(months) });
    };
    return (
        <section className="mt-8 max-w-4xl" aria-label="How long things are kept">
            <h2 className="mb-1 border-b-2 border-ink text-base font-bold">How long things are kept</h2>
            <form onSubmit={save} className="flex flex-wrap items-end gap-x-8 gap-y-3 py-2 text-sm">
                <label>
                    What was thrown away:{' '}
                    <input
                        type="number"
                        required
                        min={1}
                        max={730}
                        className={FIELD}
                        value={days}
                        onChange={(e) => setDays(e.target.value)}
                    />{' '}
                    days
                </label>
                <label>
                    Film with its grades, after it was played:{' '}
                    <input
                        type="number"
                        min={1}
                        max={240}
                        placeholder="always"
                        className={FIELD}
                        value={months}
                        onChange={(e) => setMonths(e.target.value)}
                    />{' '}
                    months
                </label>
                <Button kind="strong" type="submit" disabled={busy}>
                    Keep it so
                </Button>
            </form>
            <p className="max-w-[70ch] text-[13px] text-soft">
                After that it is deleted for good, with its files and the history of its grades, in the night after the
                backup. Left empty, film stays always. Ask your school what it requires of records of minors.
            </p>
        </section>
    );
}
