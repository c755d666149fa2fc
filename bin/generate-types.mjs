// Generates the TypeScript types of the commands' parameters from their JSON Schemas.
import { compile } from 'json-schema-to-typescript';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';

const folder = new URL('../schema/commands/', import.meta.url);
const target = new URL('../resources/js/api/commands.gen.ts', import.meta.url);
const pascal = (name) => name.replace(/(^|-)([a-z])/g, (_, __, letter) => letter.toUpperCase());

let types = '// Generated from schema/commands by bin/generate-types.mjs.\n\n';
const names = readdirSync(folder)
    .filter((file) => file.endsWith('.json'))
    .map((file) => file.replace('.json', ''))
    .sort();
for (const name of names) {
    const schema = JSON.parse(readFileSync(new URL(`${name}.json`, folder), 'utf8'));
    delete schema.$id;
    delete schema.title;
    // What the schema counts at run time, types cannot.
    delete schema.minProperties;
    types += await compile(schema, pascal(name), { bannerComment: '', additionalProperties: false, maxItems: 0 });
    types += '\n';
}
types += `export interface Commands {\n${names.map((name) => `    '${name}': ${pascal(name)};`).join('\n')}\n}\n`;
writeFileSync(target, types);
