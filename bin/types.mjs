// Writes the TypeScript types of a piece from its schema; with --check, only says whether they match.
import { readFileSync, writeFileSync } from 'node:fs';
import { compileFromFile } from 'json-schema-to-typescript';

const target = new URL('../contracts/piece.ts', import.meta.url);
const types = await compileFromFile(new URL('../docs/piece.schema.json', import.meta.url).pathname, {
  bannerComment: '// Made from docs/piece.schema.json by bin/types.mjs. Do not edit.',
  style: { singleQuote: true, printWidth: 120 },
  maxItems: 4,
});
if (process.argv.includes('--check')) {
  if (readFileSync(target, 'utf8') !== types) {
    console.error('contracts/piece.ts does not match docs/piece.schema.json. Run: npm run types');
    process.exit(1);
  }
  console.log('The types of a piece match its schema.');
} else {
  writeFileSync(target, types);
}
