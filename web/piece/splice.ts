import type { HeardLine, Line, Recording } from '../../contracts/piece';

/** A part of a recording that is put together anew, in milliseconds: of its sound, of another, or silence. */
export interface Spliced {
  /** where it is in the recording; null: it is no part of that */
  from: number | null;
  length: number;
  /** another sound, such as a new take, and where the part begins in it */
  take?: { sound: string; from: number; heard: HeardLine };
}

type Kept = Pick<Recording, 'from' | 'to'>;

/** A recording without some stretches of it. */
export function without({ from, to }: Kept, gone: [from: number, to: number][]): Spliced[] {
  const parts: Spliced[] = [];
  let at = from;
  for (const [begin, end] of gone) {
    if (begin > at) parts.push({ from: at, length: Math.min(begin, to) - at });
    at = Math.max(at, end);
  }
  if (to > at) parts.push({ from: at, length: to - at });
  return parts;
}

/** The same with something else in place of a stretch; in between, where the stretch has no length. */
export function withInstead(recording: Kept, [from, to]: [number, number], part: Spliced): Spliced[] {
  const at = Math.max(recording.from, Math.min(recording.to, from));
  return [
    ...without({ from: recording.from, to: at }, []),
    part,
    ...without({ from: Math.max(at, Math.min(recording.to, to)), to: recording.to }, []),
  ];
}

/** What is taken out of pauses that are longer than allowed: their middle, so that both words keep their breath. */
export function longPauses(recording: Kept, pauses: number[][], over: number, to: number): [number, number][] {
  return pauses
    .map(([from, end]): [number, number] => [Math.max(from, recording.from), Math.min(end, recording.to)])
    .filter(([from, end]) => end - from > Math.max(over, to))
    .map(([from, end]): [number, number] => {
      // At the ends there is a word on one side alone.
      const before = from <= recording.from ? 0 : end >= recording.to ? to : to / 2;
      return [from + before, end - (to - before)];
    });
}

export function lengthOf(parts: Pick<Spliced, 'length'>[]): number {
  let all = 0;
  for (const { length } of parts) all += length;
  return all;
}

/** How much of the quiet around a line belongs to it, in milliseconds. */
const BREATH = 180;

/** From where to where a line is said, with half of the quiet before and after it, at most a breath; null: nowhere. */
export function stretchOf(recording: Recording, line: Line): [number, number] | null {
  const said = recording.heard.flatMap((one) =>
    one.words.filter(({ unsaid }) => !unsaid).map((word) => ({ ...word, line: one.line })),
  );
  const own = said.filter((word) => word.line === line.id);
  if (own.length === 0) return null;
  const [begin, end] = [Math.min(...own.map(({ at }) => at)), Math.max(...own.map((word) => word.end))];
  const before = Math.max(
    recording.from,
    ...said.filter((word) => word.line !== line.id && word.end <= begin).map((word) => word.end),
  );
  const after = Math.min(
    recording.to,
    ...said.filter((word) => word.line !== line.id && word.at >= end).map(({ at }) => at),
  );
  return [begin - Math.min(BREATH, (begin - before) / 2), end + Math.min(BREATH, (after - end) / 2)];
}

/** A take of a line, from its first word to its last, with a breath on both sides; null where none of it was heard. */
export function takeOf(sound: string, length: number, heard: HeardLine): Spliced | null {
  const said = heard.words.filter(({ unsaid }) => !unsaid);
  if (said.length === 0) return null;
  const from = Math.max(0, Math.min(...said.map(({ at }) => at)) - BREATH);
  const to = Math.min(length, Math.max(...said.map(({ end }) => end)) + BREATH);
  const words = heard.words.map((word) => ({
    ...word,
    at: Math.max(0, word.at - from),
    end: Math.max(0, word.end - from),
    ...(word.found === undefined ? {} : { found: Math.max(0, word.found - from) }),
  }));
  return { from: null, length: to - from, take: { sound, from, heard: { line: heard.line, words } } };
}

/** The words that are said in a stretch. */
export function saidIn(recording: Recording, from: number, to: number): string[] {
  return recording.heard
    .flatMap(({ words }) => words)
    .filter(({ at, end, unsaid }) => !unsaid && end > from && at < to)
    .map(({ text }) => text);
}
