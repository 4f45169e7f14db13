// What processes cost, from /proc; a hundredth of a second is the finest it tells.
import { readdirSync, readFileSync } from 'node:fs';

const TICK = 10;

function statOf(pid) {
  try {
    const text = readFileSync(`/proc/${pid}/stat`, 'utf8');
    const end = text.lastIndexOf(')');
    const fields = text.slice(end + 2).split(' ');
    return {
      pid,
      name: text.slice(text.indexOf('(') + 1, end),
      parent: Number(fields[1]),
      time: (Number(fields[11]) + Number(fields[12])) * TICK,
    };
  } catch {
    return null;
  }
}

/** Milliseconds of processor that a process and its descendants have taken, of those of one name. */
export function cpuOf(root, name) {
  const all = readdirSync('/proc')
    .filter((entry) => /^\d+$/.test(entry))
    .map((entry) => statOf(Number(entry)))
    .filter(Boolean);
  const family = new Set([root]);
  for (let size = 0; size !== family.size;) {
    size = family.size;
    for (const { pid, parent } of all) if (family.has(parent)) family.add(pid);
  }
  let sum = 0;
  for (const one of all) if (family.has(one.pid) && one.name.startsWith(name)) sum += one.time;
  return sum;
}
