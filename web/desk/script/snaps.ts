import type { Move } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { near } from '../voice/usePauses';

/** The same word, with the offset that leads to a frame. */
export function pinAt(pin: NonNullable<Move['pin']>, frame: number): NonNullable<Move['pin']> {
  const { document: piece, computed } = useDesk.getState();
  const begin = piece?.script.lines.find(({ id }) => id === pin.line)?.begin ?? 0;
  const word = pin.word === null ? begin : (computed?.sheet.lines[pin.line]?.[pin.word]?.frame ?? begin);
  return { ...pin, offset: frame - word };
}

export function toldOf({ line, word, offset }: NonNullable<Move['pin']>): string {
  const text = word === null ? null : useDesk.getState().computed?.sheet.lines[line]?.[word]?.text;
  const on = text ? `on “${text.replace(/[.,;:!?]+$/u, '')}”` : 'with the line';
  return offset === 0 ? on : `${on} ${offset > 0 ? '+' : '−'} ${Math.abs(offset)} f`;
}

export function nearestWord(frame: number, reach: number): { line: string; word: number; frame: number } | null {
  let best: { line: string; word: number; frame: number } | null = null;
  for (const [line, words] of Object.entries(useDesk.getState().computed?.sheet.lines ?? {})) {
    words.forEach((word, index) => {
      const away = Math.abs(word.frame - frame);
      if (away <= reach && (best === null || away < Math.abs(best.frame - frame)))
        best = { line, word: index, frame: word.frame };
    });
  }
  return best;
}

/**
 * The nearest beginning or end of another move, where one is near enough.
 *
 * @param ids of moves that are being moved themselves
 * @param begin of the one that is dragged: what begins with it is taken along
 */
export function nearestKey(frame: number, reach: number, ids: string[], begin: number): number {
  const sheet = useDesk.getState().computed?.sheet;
  const figures = Object.values(sheet?.charts ?? {}).flatMap((chart) => chart.figures);
  const ofOrder = figures.flatMap(({ entrance, exit }) => [entrance, exit]).filter((move) => move?.id === null);
  const own = Object.entries(sheet?.moves ?? {}).filter(([id]) => !ids.includes(id));
  const keys = [...ofOrder, ...own.map(([, move]) => move)].flatMap((move) =>
    move && move.begin !== begin ? [move.begin, move.begin + move.frames] : [],
  );
  return near(frame, keys, reach);
}
