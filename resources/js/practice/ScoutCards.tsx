import { useQueries } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Practice } from '../api/practiceTypes';
import type { Pictures, SavedCall } from '../api/types';
import { LookPicture } from '../look/LookPicture';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';

type Props = { practice: Practice; calls: SavedCall[]; onBack: () => void };

type Card = { number: string; call: SavedCall; look: string; hash: string };

/** What the scout team lines up in: a play a page, the look drawn large, and what each of the eleven does. */
export function ScoutCards({ practice, calls, onBack }: Props) {
    const cards = practice.periods.flatMap((p, period) =>
        p.script.flatMap((row, n): Card[] => {
            const call = calls.find((c) => c.id === row.call);
            return call && row.look ? [{ number: `${period + 1}.${n + 1}`, call, look: row.look, hash: row.hash }] : [];
        }),
    );
    const drawn = useQueries({
        queries: cards.map((card) => ({
            queryKey: ['scout', card.call.words, card.look, card.hash],
            queryFn: () =>
                api.post<Pictures>('pictures', {
                    formation: card.call.words,
                    looks: [card.look],
                    situation: { hash: card.hash, down: 1, toGoYd: 10, ballOnYd: 40, rules: 'nfhs' },
                }),
        })),
    });
    return (
        <div className="overflow-y-auto p-5 stacked:p-3 print:overflow-visible print:p-0">
            <header className="no-print mb-4 flex items-center gap-3">
                <h1 className="text-xl font-bold">Scout cards: {cards.length}</h1>
                <span className="flex-1" />
                <Button onClick={() => window.print()} keys="Ctrl P">
                    Print
                </Button>
                <Button kind="quiet" onClick={onBack}>
                    Back to the practice
                </Button>
            </header>
            {cards.length === 0 && (
                <p className="text-soft">No play of this practice has a look yet: fill a script, then come back.</p>
            )}
            {cards.map((card, n) => (
                <article
                    key={card.number}
                    className="mb-6 rounded-md border border-edge p-4 print:mb-0 print:break-inside-avoid print:border-0 print:not-last:break-after-page"
                >
                    <h2 className="text-2xl font-bold">
                        {card.number} {capital(card.look)}
                    </h2>
                    <p className="mb-2 text-sm text-soft">
                        {card.hash === 'middle' ? 'Middle of the field' : `${capital(card.hash)} hash`}
                        {drawn[n]?.data && `, against ${drawn[n].data.formation}`}
                    </p>
                    {drawn[n]?.data && <Drawn pictures={drawn[n].data} label={card.look} />}
                    {drawn[n]?.isError && <p className="text-ball">This look could not be drawn.</p>}
                </article>
            ))}
        </div>
    );
}

function Drawn({ pictures, label }: { pictures: Pictures; label: string }) {
    const { defenders } = pictures.looks[0];
    return (
        <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-4 stacked:block print:block">
            {/* The scout team stands on the other side of the ball: it sees the picture from there. */}
            <LookPicture field={pictures.field} men={pictures.men} defenders={defenders} label={label} turned />
            <ul className="text-sm print:mt-3 print:columns-3">
                {defenders.map((d) => (
                    <li key={d.role} className="border-b border-faint py-0.5">
                        <b>{capital(d.role)}</b> {d.job}
                        {d.technique && <>, {d.technique}</>}
                    </li>
                ))}
            </ul>
        </div>
    );
}
