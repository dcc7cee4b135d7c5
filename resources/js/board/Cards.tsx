import { DropdownMenu } from 'radix-ui';
import { api } from '../api/client';
import type { CallDocument, LookDocument, SavedCall } from '../api/types';
import { useLetters } from '../api/useLetters';
import type { Situation } from '../api/useProof';
import { refused } from '../api/problems';
import { handFile } from '../ui/handFile';

type Props = {
    run: boolean;
    calls: SavedCall[];
    document: CallDocument;
    name: string;
    situation: Situation;
    /** The look on the board: what a card of this call is drawn and proved against. */
    look: LookDocument;
    /** The eleven of this call, who each have cards of their own. */
    men: string[];
    /** Whose looks are on the shelf: cards by how often he shows them. */
    opponent: string;
};

/** Calls on paper: the board as it stands, one call a page, four or nine of the book, or a player's own cards. */
export function Cards({ run, calls, document: call, name, situation, look, men, opponent }: Props) {
    const letters = useLetters();
    const fetchCard = async (format: 'pdf' | 'svg', body: object, path = `cards/${format}`) => {
        try {
            const file = await api.file(path, { situation, ...body });
            handFile(file, `${name || 'calls'}.${format}`);
        } catch (e) {
            refused(e, 'The cards were not made.', () => fetchCard(format, body, path));
        }
    };
    const one = [{ name: name || 'Call', document: call }];
    const book = calls.map((c) => c.id);
    const items: [string, () => void][] = [
        ['The board as it stands (Ctrl P)', () => setTimeout(() => window.print(), 150)],
        ['This call, one page, PDF', () => void fetchCard('pdf', { documents: one, per: 1, look })],
        ['This call, one page, SVG', () => void fetchCard('svg', { documents: one, per: 1, look })],
        ...(run
            ? ([
                  [
                      'Line card: this run against every front, PDF',
                      () => void fetchCard('pdf', { document: call, name: name || 'Line card' }, 'line-cards'),
                  ],
                  ...(opponent === ''
                      ? []
                      : [
                            [
                                `Line card: ${opponent}, his looks by how often, PDF`,
                                () =>
                                    void fetchCard(
                                        'pdf',
                                        { document: call, name: name || 'Line card', opponent },
                                        'line-cards',
                                    ),
                            ],
                        ]),
              ] as [string, () => void][])
            : []),
        [`The book, four a page, PDF (${book.length} calls)`, () => void fetchCard('pdf', { calls: book, per: 4 })],
        [`The book, nine a page, PDF (${book.length} calls)`, () => void fetchCard('pdf', { calls: book, per: 9 })],
    ];
    return (
        <DropdownMenu.Root>
            <DropdownMenu.Trigger className="rounded-md px-2 py-1.5 text-sm font-semibold whitespace-nowrap text-soft narrow hover:text-ink">
                Print
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
                <DropdownMenu.Content
                    align="end"
                    sideOffset={4}
                    className="z-30 min-w-64 rounded-md border border-edge bg-paper p-1 text-[13px] shadow-lg"
                >
                    {items.map(([label, does]) => (
                        <DropdownMenu.Item
                            key={label}
                            onSelect={does}
                            className="cursor-pointer rounded px-2 py-1 outline-none data-[highlighted]:bg-card"
                        >
                            {label}
                        </DropdownMenu.Item>
                    ))}
                    <DropdownMenu.Label className="label px-2 pt-2 pb-1">
                        A player’s cards: his job alone{opponent === '' ? '' : ` against ${opponent}`}, four a page
                    </DropdownMenu.Label>
                    <div className="flex flex-wrap px-1">
                        {men.map((m) => (
                            <DropdownMenu.Item
                                key={m}
                                aria-label={`Cards of ${letters(m)}`}
                                onSelect={() =>
                                    void fetchCard('pdf', {
                                        calls: book,
                                        per: 4,
                                        player: m,
                                        look,
                                        ...(opponent && { opponent }),
                                    })
                                }
                                className="cursor-pointer rounded px-2.5 py-1 font-bold outline-none data-[highlighted]:bg-card"
                            >
                                {letters(m)}
                            </DropdownMenu.Item>
                        ))}
                    </div>
                </DropdownMenu.Content>
            </DropdownMenu.Portal>
        </DropdownMenu.Root>
    );
}
