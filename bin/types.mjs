// Writes the TypeScript types of a piece and of the acts from their schemas; with --check, only says whether they
// match.
import { readFileSync, writeFileSync } from 'node:fs';
import { compile } from 'json-schema-to-typescript';

const PIECE = 'piece.schema.json#/definitions/';

const read = (name) => JSON.parse(readFileSync(new URL(`../docs/${name}.schema.json`, import.meta.url), 'utf8'));

/** The schema with the types of a piece by their names, which it adds to `names`. */
function withNames(schema, names) {
  if (Array.isArray(schema)) return schema.map((one) => withNames(one, names));
  if (typeof schema !== 'object' || schema === null) return schema;
  const { $ref } = schema;
  if (typeof $ref === 'string' && $ref.startsWith(PIECE)) {
    const name = $ref.slice(PIECE.length);
    names.add(name);
    return { ...schema, $ref: undefined, tsType: name };
  }
  return Object.fromEntries(Object.entries(schema).map(([key, value]) => [key, withNames(value, names)]));
}

async function typesOf(name) {
  const names = new Set();
  const schema = withNames(read(name), names);
  const imports = names.size > 0 ? `\nimport type { ${[...names].sort().join(', ')} } from './piece';` : '';
  return compile(schema, name, {
    bannerComment: `// Made from docs/${name}.schema.json by bin/types.mjs. Do not edit.${imports}`,
    style: { singleQuote: true, printWidth: 120 },
    maxItems: 4,
  });
}

for (const name of ['piece', 'acts']) {
  const target = new URL(`../contracts/${name}.ts`, import.meta.url);
  const types = await typesOf(name);
  if (!process.argv.includes('--check')) {
    writeFileSync(target, types);
  } else if (readFileSync(target, 'utf8') !== types) {
    console.error(`contracts/${name}.ts does not match docs/${name}.schema.json. Run: npm run types`);
    process.exit(1);
  }
}
if (process.argv.includes('--check')) console.log('The types of a piece and of the acts match their schemas.');
