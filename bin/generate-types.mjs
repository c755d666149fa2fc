// Generates the TypeScript types of the commands' parameters and of the fields of items from their JSON Schemas.
import { compile } from 'json-schema-to-typescript';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const schema = new URL('../schema/', import.meta.url);
const folder = new URL('commands/', schema);
const target = new URL('../resources/js/api/commands.gen.ts', import.meta.url);
const pascal = (name) => name.replace(/(^|-)([a-z])/g, (_, __, letter) => letter.toUpperCase());
const read = (url) => JSON.parse(readFileSync(url, 'utf8'));
const shared = { ...read(new URL('fields.json', schema)).$defs, ...read(new URL('command-traits.json', schema)).$defs };

/** A schema with what it refers to in the place of the reference; what it says of all properties at once is left out. */
function resolved(part) {
    if (Array.isArray(part)) return part.map(resolved);
    if (typeof part !== 'object' || part === null) return part;
    const { $ref, allOf = [], unevaluatedProperties, ...own } = part;
    const name = $ref?.split('/$defs/')[1];
    if (name) return resolved(shared[name]);
    const whole = Object.fromEntries(Object.entries(own).map(([key, value]) => [key, resolved(value)]));
    for (const other of allOf) whole.properties = { ...whole.properties, ...resolved(other).properties };
    return unevaluatedProperties === undefined ? whole : { ...whole, additionalProperties: unevaluatedProperties };
}

const options = { bannerComment: '', additionalProperties: false, maxItems: 0 };
let types = '// Generated from schema/ by bin/generate-types.mjs.\n\n';
const names = readdirSync(folder)
    .filter((file) => file.endsWith('.json'))
    .map((file) => file.replace('.json', ''))
    .sort();
for (const name of names) {
    const whole = resolved(read(new URL(`${name}.json`, folder)));
    delete whole.$id;
    delete whole.title;
    // What the schema counts at run time, types cannot.
    delete whole.minProperties;
    types += await compile(whole, pascal(name), options);
    types += '\n';
}
types += `export interface Commands {\n${names.map((name) => `    '${name}': ${pascal(name)};`).join('\n')}\n}\n\n`;
types += await compile(resolved(shared.fields), 'Fields', options);
const traits = read(new URL('command-traits.json', schema)).$defs;
types += '\n/** The commands of each trait. */\nexport const COMMAND_TRAITS = {\n';
for (const [trait, { enum: of }] of Object.entries(traits)) types += `    '${trait}': ${JSON.stringify(of)},\n`;
types += '} as const satisfies Record<string, readonly (keyof Commands)[]>;\n';
writeFileSync(target, types);
