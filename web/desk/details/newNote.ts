import type { Box } from '../../../painter/src';
import { browserStudio } from '../../common/browserStudio';
import type { Chart, Piece } from '../../../contracts/piece';
import { newId } from '../../common/words';
import { freeSpot } from '../../piece/freeSpot';
import { Scene } from '../../scene/scene';
import { useDesk } from '../deskStore';

/** the size of a note, on a stage 1080 pixels high; its height in lines, and how wide a letter is about, in sizes */
const SIZE = 40;
const LINES = 2.6;
const LETTER = 0.6;
/** letters that a line of it has room for, at least and at most */
const ROOM = [8, 20] as const;
/** as a part of the shorter side */
const MARGIN = 0.06;

/**
 * A note for a part that stands out: it says what the part is and how much, points at it, and stands where there is
 * room on a frame.
 *
 * @returns its id
 */
export function newNote(
  piece: Piece,
  chart: Chart,
  figure: string,
  frame: number,
  [width, height]: [number, number],
): string {
  const short = Math.min(width, height);
  const size = Math.round((SIZE * short) / 1080);
  const taken = boxesOn(frame);
  const target = taken.figure(chart.id, figure) ?? {
    left: width / 2,
    right: width / 2,
    top: height / 2,
    bottom: height / 2,
  };
  const [row] = figure.split('-');
  const name = piece.tables.find(({ id }) => id === chart.table)?.rows.find((one) => one.id === row)?.label ?? '';
  const wide = Math.round(Math.max(ROOM[0], Math.min(ROOM[1], name.length)) * size * LETTER);
  const spot = freeSpot([wide, size * LINES], [width, height], short * MARGIN, taken.all(piece), [
    (target.left + target.right) / 2,
    (target.top + target.bottom) / 2,
  ]);
  const id = newId('words', piece.words);
  piece.words.push({
    id,
    text: `[name of ${row}]\n[value of ${row}]`,
    x: Math.round(spot.left),
    y: Math.round(spot.top + size),
    width: wide,
    align: 'left',
    upperCase: false,
    font: chart.words.labels.font,
    size,
    colour: null,
    pointsAt: { chart: chart.id, figure },
    momentOf: chart.id,
  });
  return id;
}

/** What stands on the stage on a frame. */
function boxesOn(frame: number): {
  figure: (chart: string, figure: string) => Box | null;
  all: (piece: Piece) => Box[];
} {
  const { reel, computed } = useDesk.getState();
  const scene = reel && new Scene(reel, browserStudio);
  const at = reel ? Math.max(reel.from, Math.min(reel.to, frame)) : frame;
  return {
    figure: (chart, figure) => scene?.figureBox(chart, figure, at) ?? null,
    all: (piece) => [
      ...(scene?.textBoxes(at) ?? []),
      ...piece.charts
        .flatMap(({ id }) => (computed?.sheet.charts[id]?.figures ?? []).map((one) => scene?.figureBox(id, one.id, at)))
        .concat((piece.panels ?? []).map(({ id }) => scene?.boxOf(id, at)))
        .filter((box): box is Box => Boolean(box)),
    ],
  };
}
