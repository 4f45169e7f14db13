import { at, inverse, posed, type Box, type Matrix } from '../../../painter/src';
import type { Sheet } from '../../api/answers';
import type { Scene } from '../../scene/scene';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { coatsOf, setCoats, type Whose } from '../finish/coats';
import { whoseNow } from '../finish/whose';
import { usePlay } from '../playStore';
import { useChart } from '../useChart';
import { Handle } from './Handle';

interface Props {
  piece: Piece;
  scene: Scene | null;
  shown: number;
}

/** what a centre can be, as parts of what the fill goes over */
const [LEAST, MOST] = [-2, 3];

/** The middle of a radial fill or of a picture, dragged on the stage while the finish is looked at. */
export function FillHandle({ piece, scene, shown }: Props) {
  const face = usePlay((state) => state.face);
  const selection = usePlay((state) => state.selection);
  const finishOf = usePlay((state) => state.finishOf);
  const coat = usePlay((state) => state.coat);
  const frame = usePlay((state) => state.frame);
  const sheet = useDesk((state) => state.computed?.sheet);
  const chart = useChart(piece);
  if (face !== 'Finish' || coat.kind !== 'fills' || !chart || !scene || !sheet) return null;
  const whose = whoseNow(piece, chart, selection, finishOf, sheet);
  const fills = coatsOf(piece, whose, 'fills');
  const place = Math.min(coat.place, fills.length - 1);
  const fill = fills[place];
  const over = fill && overOf(piece, whose, fill.across ?? 'part', sheet, scene, frame);
  if (!over || (fill.kind !== 'radial' && fill.kind !== 'picture')) return null;
  const { box, toStage } = over;
  const [wide, high] = [box.right - box.left, box.bottom - box.top];
  const now: [number, number] = [box.left + wide * (fill.x ?? 0.5), box.top + high * (fill.y ?? 0.5)];
  const [x, y] = at(toStage, now);
  const part = (value: number): number => Math.round(Math.max(LEAST, Math.min(MOST, value)) * 1000) / 1000;
  return (
    <Handle
      x={x}
      y={y}
      shown={shown}
      look="ring"
      label={fill.kind === 'radial' ? 'Middle of the light' : 'Middle of the picture'}
      value={`${Math.round((fill.x ?? 0.5) * 100)} %, ${Math.round((fill.y ?? 0.5) * 100)} %`}
      take={() => {
        const back = inverse(toStage);
        return (pull) => {
          const [from, to] = [at(back, pull.from), at(back, pull.to)];
          useDesk.getState().edit((draft) => {
            const list = coatsOf(draft, whose, 'fills');
            list[place] = {
              ...list[place],
              x: part((now[0] + to[0] - from[0] - box.left) / wide),
              y: part((now[1] + to[1] - from[1] - box.top) / high),
            };
            setCoats(draft, whose, 'fills', list);
          });
        };
      }}
    />
  );
}

const STILL: Matrix = { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };

/** What a fill goes over, in the pixels of what has it, and how those lie on the stage; null where that is not seen. */
function overOf(
  piece: Piece,
  whose: Whose,
  across: string,
  sheet: Sheet,
  scene: Scene,
  frame: number,
): { box: Box; toStage: Matrix } | null {
  const { width, height } = piece.stage;
  const stage = { left: 0, top: 0, right: width, bottom: height };
  if (whose.of === 'panel') {
    const place = sheet.places[whose.panel];
    if (!place) return null;
    const toStage = posed(place.x, place.y, 0, 0, 1, place.turn ?? 0);
    if (across === 'stage') return { box: stage, toStage };
    const [half, tall] = [(place.width ?? 0) / 2, (place.height ?? 0) / 2];
    return {
      box: { left: place.x - half, right: place.x + half, top: place.y - tall, bottom: place.y + tall },
      toStage,
    };
  }
  if (whose.of !== 'chart' && whose.of !== 'part') return null;
  const toStage = scene.placeOf(whose.chart, frame);
  if (across === 'stage') return { box: stage, toStage };
  const { extent, figures } = sheet.charts[whose.chart] ?? {};
  if (across === 'chart' && extent) {
    const [left, top, wide, high] = extent;
    return { box: { left, top, right: left + wide, bottom: top + high }, toStage };
  }
  // Of all parts, the first shows where each has its middle.
  const figure = whose.of === 'part' ? whose.figure : figures?.[0]?.id;
  const box = figure ? scene.figureBox(whose.chart, figure, frame) : null;
  return box && { box, toStage: STILL };
}
