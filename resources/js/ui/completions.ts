import type { Vocabulary } from '../api/types';

/** What may be said of a route after its name and depth. */
const AFTER_ROUTE = [
    'sticks',
    'hash',
    'numbers',
    'at sticks',
    'at hash',
    'at numbers',
    'left',
    'right',
    'settling',
    'moving',
    'inside release',
    'outside release',
    'clear',
    'alert',
    'decoy',
    'by',
];

/** Words that may come next, by where the line is: the formation before the colon, routes after a man, families else. */
export function completions(text: string, v: Vocabulary): string[] {
    const word = (text.match(/[\w#-]*$/)?.[0] ?? '').toLowerCase();
    if (word === '') return [];
    const before = text.slice(0, text.length - word.length);
    const afterMan = /(?:^|[;:,\s])(?:[A-Z]|#\d(?:\s+(?:left|right))?)(?:\s+(?:check|chip))?\s+$/i.test(before);
    const afterRead = /\bread\s+$/i.test(before);
    const afterRoute = v.routes.some((r) =>
        new RegExp(`\\b${r.name}(?:\\s+[\\d.]+)?\\s+(?:at\\s+)?$`, 'i').test(before),
    );
    const afterKill = /\bkill to\b[^;]*\s(?:if|when)\s+$/i.test(before);
    const pool = afterKill
        ? v.kills
        : !before.includes(':')
          ? afterMan
              ? v.motions.map((m) => m.name)
              : / on (the )?((first|last) (sound of )?)?$/i.test(before)
                ? [...v.cadence, 'first sound of', 'last sound of']
                : [
                      ...v.quarterbacks,
                      ...v.sets,
                      ...v.savedSets,
                      ...v.modifiers,
                      'left',
                      'right',
                      'field',
                      'boundary',
                      'quick',
                      'three',
                      'five',
                      'seven',
                      'splits',
                      ...v.protections.map((p) => p.name),
                      ...v.fakes.map((f) => `${f} right fake`),
                      ...v.tricks,
                      ...v.aliases.map((a) => a.alias),
                  ]
          : afterRead
            ? [
                  'man',
                  'zone',
                  'closed',
                  'open',
                  'high to low',
                  'low to high',
                  ...v.families,
                  ...v.routes.map((r) => r.name),
              ]
            : afterMan
              ? [...v.routes.map((r) => r.name), 'check', 'chip']
              : afterRoute
                ? AFTER_ROUTE
                : [
                      ...v.runs.map((r) => r.name),
                      ...v.families,
                      ...v.aliases.map((a) => a.alias),
                      ...v.tags.map((t) => `tag ${t.name}`),
                      'rpo:',
                      'kill to',
                      'give',
                      'if',
                      'read',
                      'key',
                      'hot',
                      'both',
                      'left',
                      'right',
                      'clear',
                      'alert',
                      'check',
                      'backside',
                  ];
    // Other names of the trade come after the language's own words.
    const all = afterMan || afterRead || afterRoute ? pool : [...pool, ...v.said.call];
    return [...new Set(all)].filter((w) => w.startsWith(word) && w !== word).slice(0, 6);
}

/** Words of a look that may come next: front, shell, then what is changed. */
export function lookCompletions(text: string, v: Vocabulary): string[] {
    const last = text.split(',').at(-1)!.trimStart().toLowerCase();
    if (last === '') return [];
    const done = text.split(',').length - 1;
    const pool =
        done === 0
            ? [...v.fronts, ...v.said.fronts, ...v.said.shells]
            : done === 1
              ? [...v.shells, ...v.said.shells]
              : [
                    ...v.roles.flatMap((r) => [...v.leverages, 'blitz', 'plays'].map((w) => `${r} ${w}`)),
                    ...v.jobs.flatMap((j) => v.roles.map((r) => `${r} plays ${j}`)),
                    ...v.sides.flatMap((s) => [`safety rotates ${s}`, `edge pressure ${s}`, `front to ${s}`]),
                    ...v.shells.map((s) => `shows ${s}`),
                    ...v.answers.map((a) => `motion ${a}`),
                    'five rush',
                    'six rush',
                    'walked will',
                    'walked mike',
                    'front stays',
                    'men locked',
                    ...v.said.look,
                    ...v.aliases.map((a) => a.alias),
                ];
    return [...new Set(pool)].filter((w) => w.toLowerCase().startsWith(last) && w.toLowerCase() !== last).slice(0, 5);
}
