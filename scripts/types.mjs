// Writes resources/js/api/schema.d.ts from the JSON Schemas; with --check it only says whether the file is current.
import { readFileSync, writeFileSync } from 'node:fs';
import { compile } from 'json-schema-to-typescript';

const names = ['call', 'formation', 'look', 'film', 'proof', 'book', 'drill'];
const target = new URL('../resources/js/api/schema.d.ts', import.meta.url);
const read = (name) => JSON.parse(readFileSync(new URL(`../schemas/${name}.schema.json`, import.meta.url), 'utf8'));

const inlined = (schema) =>
    JSON.parse(JSON.stringify(schema), (key, value) => {
        const ref = value?.$ref?.match(/^jacotaxis:(\w+)$/);
        if (ref) return { tsType: read(ref[1]).title };
        return key === 'examples' || key === '$id' ? undefined : value;
    });

let out = '/* Generated from schemas/ by `npm run types`. Do not edit. */\n\n';
for (const name of names) {
    out += await compile(inlined(read(name)), name, {
        bannerComment: '',
        additionalProperties: false,
        ignoreMinAndMaxItems: true,
    });
}

if (process.argv.includes('--check')) {
    if (readFileSync(target, 'utf8') !== out) {
        console.error('resources/js/api/schema.d.ts is stale: run npm run types');
        process.exit(1);
    }
} else {
    writeFileSync(target, out);
}
