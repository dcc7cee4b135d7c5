import { useQuery, useQueryClient } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { useState } from 'react';
import { toast } from 'sonner';
import { LOOKS, useLooks } from '../api/useLooks';
import { useThrowAway } from '../api/useThrowAway';
import { api } from '../api/client';
import type { LookDocument, Pictures, SavedLook } from '../api/types';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { LookLine } from './LookLine';
import { LookPicture } from './LookPicture';
import { NameIt } from './NameIt';
import { refused } from '../api/problems';

/** The library of looks: a shelf by opponent, each look drawn against a formation, with how often it was shown. */
export function Looks() {
    const client = useQueryClient();
    const all = useLooks().looks;
    const [chosen, setChosen] = useState<string | null>(null);
    const [fresh, setFresh] = useState('');
    const [formation, setFormation] = useState('gun 2x2 right');
    const [said, setSaid] = useState('gun 2x2 right');
    const [naming, setNaming] = useState(false);

    const looks = all ?? [];
    const opponents = [...new Set([...looks.map((l) => l.opponent), ...(fresh ? [fresh] : [])])];
    const opponent = chosen ?? opponents[0] ?? '';
    const shelf = looks.filter((l) => l.opponent === opponent);
    const total = shelf.reduce((n, l) => n + l.shown, 0);
    const drawn = useQuery({
        queryKey: ['pictures', said, shelf.map((l) => [l.id, l.version])],
        queryFn: () => api.post<Pictures>('pictures', { formation: said, looks: shelf.map((l) => l.document) }),
        enabled: shelf.length > 0,
        retry: false,
        placeholderData: (before) => before,
    });

    const { throwAway } = useThrowAway('look', [LOOKS]);
    const keep = async (work: () => Promise<unknown>, done?: string) => {
        try {
            await work();
            await client.invalidateQueries({ queryKey: ['looks'] });
            if (done) toast(done);
        } catch (e) {
            refused(e, 'Not saved.', () => keep(work, done));
        }
    };
    const put = (look: SavedLook, change: Partial<Pick<SavedLook, 'shown' | 'document' | 'name'>>) =>
        keep(() =>
            api.put(
                `looks/${look.id}`,
                { name: look.name, opponent: look.opponent, shown: look.shown, document: look.document, ...change },
                look.version,
            ),
        );
    const add = (document: LookDocument, name: string, shown = 0) =>
        keep(() => api.post('looks', { name, opponent, document, shown }), `On the shelf of ${opponent}: ${name}`);

    return (
        <div className="grid h-full grid-cols-[170px_minmax(0,1fr)] grid-rows-[56px_minmax(0,1fr)] stacked:block stacked:h-auto print:block print:h-auto">
            <header className="col-span-2 flex items-center gap-4 border-b border-edge px-4 stacked:flex-wrap stacked:gap-2 stacked:py-2">
                <h1 className="text-[19px] font-semibold">
                    Looks
                    <span className="hidden print:inline">
                        {' '}
                        of {opponent || 'no opponent'} against {said}
                    </span>
                </h1>
                <form
                    className="no-print flex min-w-0 items-center gap-2 text-[13px]"
                    onSubmit={(e) => {
                        e.preventDefault();
                        setSaid(formation);
                    }}
                >
                    <label className="text-soft" htmlFor="against">
                        against
                    </label>
                    <input
                        id="against"
                        value={formation}
                        onChange={(e) => setFormation(e.target.value)}
                        onBlur={() => setSaid(formation)}
                        spellCheck={false}
                        className="w-80 max-w-full min-w-0 rounded border border-edge bg-paper px-2 py-1 font-semibold"
                    />
                </form>
                {drawn.error && (
                    <span role="alert" className="truncate text-[13px] text-ball">
                        {drawn.error.message}
                    </span>
                )}
                <span className="flex-1" />
                <Button className="no-print" onClick={() => setNaming(!naming)}>
                    {naming ? 'Back to the shelf' : 'Name what you saw'}
                </Button>
                <Button kind="quiet" className="no-print" onClick={() => window.print()} keys="Ctrl P">
                    Print
                </Button>
            </header>
            <nav
                aria-label="Opponents"
                className="no-print overflow-y-auto border-r border-edge bg-card py-2 stacked:border-r-0 stacked:border-b"
            >
                {opponents.map((o) => (
                    <button
                        key={o}
                        type="button"
                        aria-current={o === opponent}
                        onClick={() => setChosen(o)}
                        className={clsx(
                            'block w-full border-l-4 px-3 py-1.5 text-left text-[14px] font-semibold',
                            o === opponent ? 'border-ball bg-paper' : 'border-transparent hover:bg-paper',
                        )}
                    >
                        {o || 'No opponent yet'}
                        <span className="block text-[12px] font-normal text-soft">
                            {looks.filter((l) => l.opponent === o).length} looks,{' '}
                            {looks.filter((l) => l.opponent === o).reduce((n, l) => n + l.shown, 0)} snaps
                        </span>
                    </button>
                ))}
                <form
                    className="px-3 pt-3"
                    onSubmit={(e) => {
                        e.preventDefault();
                        const name = String(new FormData(e.currentTarget).get('opponent')).trim();
                        if (!name) return;
                        setFresh(name);
                        setChosen(name);
                        e.currentTarget.reset();
                    }}
                >
                    <input
                        name="opponent"
                        aria-label="New opponent"
                        placeholder="New opponent"
                        maxLength={120}
                        className="w-full rounded border border-edge bg-paper px-2 py-1 text-[13px]"
                    />
                </form>
            </nav>
            <main className="min-h-0 overflow-y-auto print:overflow-visible">
                {naming && drawn.data ? (
                    <NameIt formation={said} pictures={drawn.data} onAdd={(d, name) => void add(d, name, 1)} />
                ) : (
                    <>
                        <div className="no-print flex items-center gap-3 border-b border-faint px-4 py-2">
                            <span className="label shrink-0">Add a look in words</span>
                            <LookLine words="" onLook={(d, words) => void add(d, words)} />
                        </div>
                        {shelf.length === 0 && (
                            <p className="p-6 text-soft">
                                Nothing on this shelf yet. Say a look above, for example 3-4, cover 3, corners press.
                            </p>
                        )}
                        <ul className="grid grid-cols-2 gap-3 p-4 xl:grid-cols-3 print:grid-cols-2">
                            {shelf.map((l, i) => (
                                <Card
                                    key={l.id}
                                    look={l}
                                    share={total > 0 ? l.shown / total : 0}
                                    drawn={drawn.data}
                                    index={i}
                                    onShown={(n) => void put(l, { shown: Math.max(0, n) })}
                                    onWords={(document, words) => void put(l, { document, name: words })}
                                    onRemove={() => void throwAway({ id: l.id, name: l.words })}
                                />
                            ))}
                        </ul>
                    </>
                )}
            </main>
        </div>
    );
}

type CardProps = {
    look: SavedLook;
    share: number;
    drawn: Pictures | undefined;
    index: number;
    onShown: (shown: number) => void;
    onWords: (document: LookDocument, words: string) => void;
    onRemove: () => void;
};

function Card({ look, share, drawn, index, onShown, onWords, onRemove }: CardProps) {
    const picture = drawn?.looks[index]?.words === look.words ? drawn.looks[index] : undefined;
    return (
        <li className="break-inside-avoid rounded-md border border-edge bg-paper" aria-label={look.words}>
            <div className="flex items-center gap-2 px-3 pt-2">
                <LookLine words={look.words} onLook={onWords} />
                <button
                    type="button"
                    onClick={onRemove}
                    aria-label={`Take ${look.words} off the shelf`}
                    className="no-print px-1 text-soft hover:text-ink"
                >
                    ✕
                </button>
            </div>
            {picture && drawn ? (
                <LookPicture field={drawn.field} men={drawn.men} defenders={picture.defenders} label={look.words} />
            ) : (
                <div className="aspect-[53/24]" />
            )}
            <div className="flex items-center gap-2 border-t border-faint px-3 py-1.5 text-[13px]">
                <span>
                    shown <b>{look.shown}</b>
                    <span className="text-soft"> ({Math.round(share * 100)} %)</span>
                </span>
                <Button
                    kind="quiet"
                    className="no-print !px-1.5 !py-0"
                    title="Shown once more"
                    aria-label={`+1: ${look.words} shown once more`}
                    onClick={() => onShown(look.shown + 1)}
                >
                    +1
                </Button>
                <Button
                    kind="quiet"
                    className="no-print !px-1.5 !py-0"
                    title="One less"
                    aria-label={`−1: ${look.words} shown once less`}
                    onClick={() => onShown(look.shown - 1)}
                >
                    −1
                </Button>
                <span
                    className="min-w-0 flex-1 text-right text-[12px] leading-tight text-soft"
                    title={picture?.picture.boxWords}
                >
                    {picture &&
                        `${capital(picture.picture.middle)}${picture.picture.middle === picture.picture.middleAfterSnap ? '' : `, then ${picture.picture.middleAfterSnap}`}; box ${picture.picture.box} on ${picture.picture.boxBlockers}`}
                </span>
            </div>
        </li>
    );
}
