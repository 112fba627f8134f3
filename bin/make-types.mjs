// Writes the front end's types from the JSON Schemas, so that a shape is written once. With --check it only says whether
// what is there is current.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const folder = join(root, 'resources/schemas');
const target = join(root, 'resources/js/generated/documents.ts');

// One schema of them all: every file, and every definition within one, becomes a definition.
const definitions = {};
const localise = (node, name) => {
  if (Array.isArray(node)) return node.map((member) => localise(member, name));
  if (node === null || typeof node !== 'object') return node;
  const copy = {};
  for (const [key, value] of Object.entries(node)) {
    if (key === '$ref') {
      copy.$ref = value.startsWith('#/$defs/')
        ? `#/definitions/${name}-${value.slice(8)}`
        : `#/definitions/${value.replace('.schema.json', '')}`;
    } else if (key !== '$id' && key !== '$schema' && key !== 'title' && key !== '$defs') {
      copy[key] = localise(value, name);
    }
  }
  return copy;
};
for (const file of readdirSync(folder).sort()) {
  if (!file.endsWith('.schema.json')) continue;
  const name = file.replace('.schema.json', '');
  const schema = JSON.parse(readFileSync(join(folder, file), 'utf8'));
  definitions[name] = localise(schema, name);
  for (const [inner, definition] of Object.entries(schema.$defs ?? {})) {
    definitions[`${name}-${inner}`] = localise(definition, name);
  }
}
const types = await compile({ definitions }, 'Documents', {
  unreachableDefinitions: true,
  ignoreMinAndMaxItems: true,
  additionalProperties: false,
  bannerComment: '// Made by "npm run types" from resources/schemas. Do not edit.',
  style: { singleQuote: true, printWidth: 120 },
});
const text = types
  .replace(/export interface Documents \{\}\n/, '')
  .replace(/ *\/\*\*\n(?: *\* This interface was referenced by[^\n]*\n(?: *\* via the[^\n]*\n)?)+ *\*\/\n/g, '')
  .replace(/ *\*\n *\* This interface was referenced by[^\n]*\n *\* via the[^\n]*\n/g, '');

if (process.argv.includes('--check')) {
  if (readFileSync(target, 'utf8') !== text) {
    console.error('resources/js/generated/documents.ts is stale. Run: npm run types');
    process.exit(1);
  }
} else {
  writeFileSync(target, text);
}
