// Writes the TypeScript types of a piece, of kits, of the acts, of the API's answers and of the reel from their
// schemas; with --check, only says whether they match.
import { readFileSync, writeFileSync } from 'node:fs';
import { compile } from 'json-schema-to-typescript';

const SCHEMAS = {
  piece: 'docs/piece.schema.json',
  kit: 'docs/kit.schema.json',
  acts: 'docs/acts.schema.json',
  api: 'contracts/api.json',
  reel: 'docs/reel.schema.json',
};
const PIECE = 'piece.schema.json#/definitions/';

/** Types that are declared elsewhere, with what they are made of. */
const ELSEWHERE = {
  Setting: ['Setting', './settings', ['Setting']],
  Property: ['Property', '../web/api/answers', ['Property']],
  Reel: ['Reel', './reel', ['Reel']],
  Kit: ['Kit', './kit', ['Kit']],
  Manner: [`NonNullable<Move['manner'] | ChartMotion['manner']>`, './piece', ['Move', 'ChartMotion']],
};

/** The schema with types that others declare by their names; `imports` gets the names by file. */
function withNames(schema, imports) {
  if (Array.isArray(schema)) return schema.map((one) => withNames(one, imports));
  if (typeof schema !== 'object' || schema === null) return schema;
  const { $ref, $comment } = schema;
  const name = typeof $ref === 'string' && $ref.startsWith(PIECE) ? $ref.slice(PIECE.length) : $comment;
  if (typeof name !== 'string')
    return Object.fromEntries(Object.entries(schema).map(([key, value]) => [key, withNames(value, imports)]));
  const [tsType, file, names] = ELSEWHERE[name] ?? [name, './piece', [name]];
  imports.set(file, [...(imports.get(file) ?? []), ...names]);
  return { ...schema, $ref: undefined, $comment: undefined, tsType };
}

async function typesOf(name) {
  const imports = new Map();
  const schema = JSON.parse(readFileSync(new URL(`../${SCHEMAS[name]}`, import.meta.url), 'utf8'));
  const named = withNames(schema, imports);
  const lines = [...imports].map(
    ([file, names]) => `import type { ${[...new Set(names)].sort().join(', ')} } from '${file}';`,
  );
  return compile(named, name, {
    bannerComment: [`// Made from ${SCHEMAS[name]} by bin/types.mjs. Do not edit.`, ...lines.sort()].join('\n'),
    style: { singleQuote: true, printWidth: 120 },
    maxItems: 3,
    unreachableDefinitions: name === 'api',
  });
}

for (const name of Object.keys(SCHEMAS)) {
  const target = new URL(`../contracts/${name}.ts`, import.meta.url);
  const types = await typesOf(name);
  if (!process.argv.includes('--check')) {
    writeFileSync(target, types);
  } else if (readFileSync(target, 'utf8') !== types) {
    console.error(`contracts/${name}.ts does not match ${SCHEMAS[name]}. Run: npm run types`);
    process.exit(1);
  }
}
if (process.argv.includes('--check'))
  console.log('The types of the piece, of kits, the acts, the API and the reel match their schemas.');
