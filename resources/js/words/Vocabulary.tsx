import type { Vocabulary as Words } from '../api/types';

type Props = { words: Words; onTake: (word: string) => void };

/** Every word of the line by kind; pressing one adds it. */
export function Vocabulary({ words, onTake }: Props) {
    const kinds: [string, string[]][] = [
        ['Quarterback', words.quarterbacks],
        ['Sets', [...words.sets, ...words.savedSets]],
        ['Said of a set', [...words.modifiers, 'left', 'right', 'field', 'boundary']],
        ['Motion', words.motions.map((m) => m.name)],
        ['Protection', words.protections.map((p) => p.name)],
        ['Runs and options', words.runs.map((r) => r.name)],
        ['Said of a run', ['give', 'rpo:', ...words.tags.map((t) => `tag ${t.name}`)]],
        ['A man’s job by hand', words.orders],
        ['Run to fake', words.fakes.map((f) => `${f} right fake`)],
        ['Out of a run', words.tricks.map((t) => `toss right ${t}`)],
        ['The other of two calls', words.kills.map((k) => `kill to … if ${k}`)],
        ['Families', words.families],
        ['Routes', words.routes.map((r) => r.name)],
        [
            'Said of a route',
            [
                'at sticks',
                'at hash',
                'at numbers',
                'settling',
                'moving',
                'inside release',
                'outside release',
                'clear',
                'alert',
                'decoy',
                'check',
                'chip',
            ],
        ],
        [
            'Reads',
            [
                'read',
                'read man',
                'read zone',
                'read closed',
                'read open',
                'read high to low',
                'read low to high',
                'hot',
                'key',
            ],
        ],
        ['Our own', words.aliases.filter((a) => a.word !== '').map((a) => a.alias)],
    ];
    return (
        <div className="space-y-3">
            {kinds
                .filter(([, list]) => list.length > 0)
                .map(([kind, list]) => (
                    <section key={kind}>
                        <h2 className="label mb-1">{kind}</h2>
                        <p className="flex flex-wrap gap-1">
                            {list.map((w) => (
                                <button
                                    key={w}
                                    type="button"
                                    onClick={() => onTake(w)}
                                    title={meaning(words, w)}
                                    className="rounded border border-edge bg-paper px-1.5 text-[12.5px] leading-5 hover:border-ink"
                                >
                                    {w}
                                </button>
                            ))}
                        </p>
                    </section>
                ))}
        </div>
    );
}

function meaning(words: Words, word: string): string | undefined {
    const route = words.routes.find((r) => r.name === word);
    if (route) return `Breaks at ${route.depthYd} yd, from ${route.minYd} to ${route.maxYd}`;
    return (
        words.motions.find((m) => m.name === word)?.words ??
        words.protections.find((p) => p.name === word)?.words ??
        words.aliases.find((a) => a.alias === word)?.word
    );
}
