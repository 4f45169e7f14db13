// Sets texts for core: one line of JSON in, one line out, as long as somebody asks.
//   in:  { fonts: [{ id, file, axes }], text, features, spacing }; a font without a file is one that ships
//   out: { width, fromRight, glyphs: [[name, outline, width, x]] }, or { wrong }
import { readFileSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { open } from './open.mjs';
import { setText } from './shaping.mjs';
import { fileOf, fonts } from './shippedFile.mjs';

const opened = new Map();

function fontOf({ id, file, axes }) {
  if (!opened.has(id)) {
    const path = file ?? fileOf(fonts.find((one) => one.id === id));
    opened.set(id, { id, ...open(readFileSync(path), axes ?? {}) });
  }
  return opened.get(id);
}

for await (const line of createInterface({ input: process.stdin })) {
  let answer;
  try {
    const asked = JSON.parse(line);
    answer = setText(asked.fonts.map(fontOf), asked.text, asked.features, asked.spacing);
  } catch (reason) {
    answer = { wrong: String(reason.message ?? reason) };
  }
  process.stdout.write(`${JSON.stringify(answer)}\n`);
}
