import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { describe, expect, it } from 'vitest';

const ROOT = join(import.meta.dirname, '..');

/**
 * The floors of the house, from the ground up. A folder imports from floors below its own and from nobody beside it;
 * the parts may use one another in the order in which they stand.
 */
const FLOORS = [
    ['api'],
    ['model'],
    ['ui'],
    ['drawing'],
    ['picture'],
    ['set'],
    ['look'],
    ['run'],
    ['side'],
    ['series'],
    [
        'board',
        'book',
        'drills',
        'film',
        'grades',
        'numbers',
        'people',
        'practice',
        'reps',
        'roster',
        'scout',
        'sheet',
        'words',
    ],
    ['app'],
    ['main.tsx'],
];

const floorOf = (folder: string) => FLOORS.findIndex((floor) => floor.includes(folder));

function sources(): string[] {
    return readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
        .filter((f) => /\.tsx?$/.test(f) && !f.endsWith('.d.ts') && !f.includes('.test.') && !f.startsWith('test/'))
        .map((f) => f.replaceAll('\\', '/'));
}

const code = (file: string) => readFileSync(join(ROOT, file), 'utf8');

/** What a file of the program imports from its own folders, pages that are loaded late apart. */
function imports(file: string): string[] {
    return [...code(file).matchAll(/from '(\.[^']+)'/g)].map((m) =>
        relative(ROOT, normalize(join(ROOT, dirname(file), m[1]))),
    );
}

describe('the house', () => {
    it('has a floor for every folder', () => {
        const folders = new Set(sources().map((f) => f.split('/')[0]));
        expect([...folders].filter((f) => floorOf(f) < 0)).toEqual([]);
    });

    it('imports downward only', () => {
        const upward = sources().flatMap((file) => {
            const own = file.split('/')[0];
            return imports(file)
                .filter((t) => t.split('/')[0] !== own && floorOf(t.split('/')[0]) >= floorOf(own))
                .map((t) => `${file} <- ${t}`);
        });
        expect(upward).toEqual([]);
    });

    it.each([
        ['asks in a window of its own, not in the browser', /window\.(prompt|confirm|alert)\(/, []],
        ['has one window over the screen', /\bDialog\.Overlay\b(?! className=\{SHADE\})/, []],
        ['has one list to choose from', /<select\b/, ['ui/Select.tsx']],
        ['says a refusal in one place', /toast\.error\(/, ['api/problems.ts']],
    ])('%s', (_, pattern, allowed) => {
        const found = sources().filter((f) => pattern.test(code(f)) && !(allowed as string[]).includes(f));
        expect(found).toEqual([]);
    });
});
