// The folder that a benchmark works in: the one that is given, or one of its own that goes with it.
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export function folderOf(given) {
  if (given) {
    mkdirSync(given, { recursive: true });
    return given;
  }
  const made = mkdtempSync(join(tmpdir(), 'bench-'));
  process.on('exit', () => rmSync(made, { recursive: true, force: true }));
  return made;
}
