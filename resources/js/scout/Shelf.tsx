import { clsx } from 'clsx';
import { useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import type { ScoutPage, ShelfRow } from '../api/scoutTypes';
import { countShelf, scoutKey, type Counted } from '../api/useScout';
import { useWrite } from '../api/useWrite';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { Section } from './Section';

/** The shelf of his looks beside what the film shows. */
export function Shelf({ page }: { page: ScoutPage }) {
    const client = useQueryClient();
    const count = useWrite({
        send: (looks: Counted[]) => countShelf(page.opponent, looks),
        otherwise: 'The shelf was not changed.',
        done: (answer) => client.setQueryData(scoutKey(page.opponent), answer),
        asksAgain: [['looks']],
    });
    const differing = page.shelf.filter((r) => r.differs !== null);
    const take = async () => {
        const before = counts(page.shelf, (r) => r.shown);
        const kept = await count.write(counts(page.shelf, (r) => r.charted));
        if (kept === undefined) return;
        toast('The shelf counts what the film shows.', {
            action: { label: 'Undo', onClick: () => void count.write(before) },
        });
    };
    return (
        <Section
            title="The shelf beside the film"
            note={
                differing.length === 0
                    ? 'The shelf says what the film shows.'
                    : 'Where the shelf says surely other than the film, it is said how.'
            }
            aside={
                differing.length > 0 && (
                    <Button className="no-print" onClick={() => void take()} disabled={count.busy}>
                        Count by the film
                    </Button>
                )
            }
        >
            <table className="w-full border-collapse text-sm">
                <thead>
                    <tr className="text-left">
                        <th className="py-0.5 pr-2 font-semibold">Look</th>
                        <th className="px-2 text-right font-semibold">On film</th>
                        <th className="px-2 text-right font-semibold">On the shelf</th>
                    </tr>
                </thead>
                <tbody>
                    {page.shelf.map((r) => (
                        <tr key={r.words} className="border-t border-faint align-top">
                            <th scope="row" className="py-0.5 pr-2 text-left font-normal">
                                {capital(r.words)}
                                {r.differs && <span className="block text-xs text-ball">{capital(r.differs)}</span>}
                            </th>
                            <td className="px-2 text-right whitespace-nowrap">
                                {percent(r.share.share)} <span className="text-xs text-soft">{r.charted}</span>
                            </td>
                            <td className={clsx('px-2 text-right whitespace-nowrap', r.differs && 'font-bold')}>
                                {percent(r.said)} <span className="text-xs text-soft">{r.shown}</span>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    );
}

const percent = (share: number | null): string => (share === null ? '–' : `${Math.round(100 * share)} %`);

const counts = (rows: ShelfRow[], shown: (r: ShelfRow) => number): Counted[] =>
    rows.map((r) => ({ words: r.words, shown: shown(r) }));
