import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { api } from '../api/client';
import type { CallDocument, FormationDocument, SavedFormation } from '../api/types';
import { Button } from '../ui/Button';
import { useWrite } from '../api/useWrite';

type Props = {
    document: CallDocument;
    onDraw: (document: CallDocument) => void;
};

const KEYS = ['quarterback', 'set', 'side', 'modifier', 'splits', 'standIns', 'spots'] as const;

/** Sets under the staff's own names: take one, or save the one that is drawn. */
export function SavedSets({ document, onDraw }: Props) {
    const saved = useQuery({
        queryKey: ['formations'],
        queryFn: () => api.get<{ formations: SavedFormation[] }>('formations'),
    });
    const [name, setName] = useState('');
    const keep = useWrite({
        send: (set: { name: string; document: FormationDocument }) => api.post<SavedFormation>('formations', set),
        otherwise: 'Not saved.',
        done: (set) => {
            setName('');
            toast(`Saved the set ${set.name}: say it in the call line`);
        },
        asksAgain: [['formations'], ['vocabulary']],
    });
    const save = () => {
        const set = Object.fromEntries(KEYS.map((k) => [k, document[k]]).filter(([, v]) => v !== undefined));
        return keep.write({
            name,
            document: { kind: 'jacotaxis.formation', version: 1, ...set } as FormationDocument,
        });
    };
    const take = (id: string) => {
        const set = saved.data?.formations.find((f) => f.id === id);
        if (set) onDraw({ ...document, ...Object.fromEntries(KEYS.map((k) => [k, set.document[k]])), motions: [] });
    };
    return (
        <section className="border-t border-edge px-3 py-2">
            <h2 className="label mb-1">Our sets</h2>
            <ul className="flex flex-wrap gap-1">
                {(saved.data?.formations ?? []).map((f) => (
                    <li key={f.id}>
                        <button
                            type="button"
                            onClick={() => take(f.id)}
                            title={`Line up in ${f.name}: ${f.words}`}
                            className="rounded border border-edge bg-paper px-2 py-0.5 text-[12.5px] font-semibold narrow hover:border-ink"
                        >
                            {f.name}
                        </button>
                    </li>
                ))}
            </ul>
            <form
                className="mt-1.5"
                onSubmit={(e) => {
                    e.preventDefault();
                    void save();
                }}
            >
                <input
                    aria-label="Name of the set"
                    value={name}
                    onChange={(e) => setName(e.target.value)}
                    placeholder="name this one"
                    className="field w-full min-w-0 text-[12.5px] narrow"
                />
                {name.trim() !== '' && (
                    <Button type="submit" className="mt-1 w-full !py-0.5">
                        Save set
                    </Button>
                )}
            </form>
        </section>
    );
}
