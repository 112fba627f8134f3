// Writes the front end's types and its client from openapi.json and the JSON Schemas it refers to, so that a shape and an
// address are written once. With --check it only says whether what is there is current. Our own, since the generators in the
// registry need the TypeScript 5 compiler as a library, which TypeScript 7 no longer is (docs/decisions).
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const folder = join(root, 'resources/schemas');
const target = join(root, 'resources/js/api/generated/documents.ts');
const clientTarget = join(root, 'resources/js/api/generated/client.ts');

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
        : `#/definitions/${value.replace('.schema.json', '').replace('#/$defs/', '-')}`;
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

// A function for every operation: path parameters first, then the body, then what may be said besides.
const openapi = JSON.parse(readFileSync(join(folder, 'openapi.json'), 'utf8'));
const used = new Set();
const typeOf = (schema) => {
  const name = schema?.$ref
    ?.replace('.schema.json', '')
    .split('-')
    .map((word) => word[0].toUpperCase() + word.slice(1))
    .join('');
  if (name === undefined) return 'void';
  used.add(name);
  return name;
};
const json = (holder) => holder?.content?.['application/json']?.schema;
const operations = Object.entries(openapi.paths).flatMap(([path, methods]) =>
  ['get', 'post', 'put', 'delete'].flatMap((method) => {
    const operation = methods[method];
    if (operation === undefined) return [];
    const parameters = [...(methods.parameters ?? []), ...(operation.parameters ?? [])];
    const inPath = parameters.filter((parameter) => parameter.in === 'path');
    const inQuery = parameters.filter((parameter) => parameter.in === 'query');
    const answer = Object.entries(operation.responses).find(([status]) => status.startsWith('2'))?.[1];
    const body = json(operation.requestBody);
    const takes = [
      ...inPath.map((parameter) => `${parameter.name}: ${parameter.schema.type === 'integer' ? 'number' : 'string'}`),
      ...(body === undefined ? [] : [`body: ${typeOf(body)}`]),
      ...(inQuery.length === 0
        ? []
        : [`query: { ${inQuery.map((parameter) => `${parameter.name}?: string`).join('; ')} }`]),
      'options?: Options',
    ].join(', ');
    const gives = [
      `method: '${method.toUpperCase()}'`,
      ...(body === undefined ? [] : ['body']),
      ...(inQuery.length === 0 ? [] : ['query']),
    ];
    const address = inPath.length === 0 ? `'${path}'` : `\`${path.replace(/\{/g, `$${'{'}at(`).replace(/\}/g, ')}')}\``;
    return [
      `/** ${operation.summary ?? operation.operationId}. */\nexport const ${operation.operationId} = (${takes}) =>\n  ask<${typeOf(json(answer))}>(${address}, { ${gives.join(', ')}, ...options });`,
    ];
  }),
);
const client = `// Made by "npm run types" from resources/schemas/openapi.json. Do not edit.
import { ask, at, type Options } from '../ask';
import type { ${[...used]
  .filter((name) => name !== 'void')
  .sort()
  .join(', ')} } from './documents';

${operations.join('\n\n')}
`;

for (const [file, made] of [
  [target, text],
  [clientTarget, client],
]) {
  if (!process.argv.includes('--check')) {
    writeFileSync(file, made);
  } else if (readFileSync(file, 'utf8') !== made) {
    console.error(`${file.slice(root.length + 1)} is stale. Run: npm run types`);
    process.exit(1);
  }
}
