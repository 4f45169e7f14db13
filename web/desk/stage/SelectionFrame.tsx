import { degreesAround, type Box } from '../../../painter/src';
import type { Scene } from '../../scene/scene';
import type { Placed } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { scaledAbout, turnedAbout, withLegends } from '../../piece/transform';
import { panelOf } from '../../piece/panels';
import { legendOf, setPlace, type Part, type PlaceKey } from '../../piece/places';
import { useDesk } from '../deskStore';
import { placesNow, shapeNow } from '../placesNow';
import { usePlay } from '../playStore';
import { Handle, type Pull } from './Handle';
import { PanelFrame } from './PanelFrame';
import { joined } from './stageParts';
import { keysOf } from './selected';
import { unitText } from './unitText';

interface Props {
  piece: Piece;
  scene: Scene | null;
  shown: number;
}

/** pixels of the screen between what is selected and the frame around it */
const CLEAR = 8;

/** A frame around what is selected: its corners scale it, a handle above turns charts, the right edge wraps words. */
export function SelectionFrame({ piece, scene, shown }: Props) {
  const selection = usePlay((state) => state.selection);
  const frame = usePlay((state) => state.frame);
  const places = useDesk((state) => state.computed?.sheet.places);
  if (selection?.kind === 'figure') return <ChartMiddle piece={piece} chartId={selection.chart} shown={shown} />;
  const keys = keysOf(selection);
  const boxes = keys.map((key) => scene?.boxOf(key, frame) ?? null);
  const box = joined(boxes);
  if (!box) return null;
  const clear = CLEAR / shown;
  const around: Box = {
    left: box.left - clear,
    right: box.right + clear,
    top: box.top - clear,
    bottom: box.bottom + clear,
  };
  const panel = keys.length === 1 ? panelOf(piece, keys[0]) : undefined;
  if (panel) return <PanelFrame panel={panel} shown={shown} />;
  const pivot = pivotOf(piece, keys, box);
  const charts = keys.filter((key) => piece.charts.some(({ id }) => id === key));
  const first = places?.[keys[0]];
  const middleY = (around.top + around.bottom) / 2;
  const edge = keys.length === 1 ? edgeOf(piece, keys[0], places?.[keys[0]]) : null;
  const size = charts.length === 1 && first ? unitText(first.size, 'fraction') : undefined;
  return (
    <>
      {keys.length > 1 &&
        boxes.map((one, index) => one && <FrameLine key={keys[index]} box={one} shown={shown} isFaint />)}
      <FrameLine box={around} shown={shown} />
      {!keys.includes('captions') &&
        (
          [
            ['left', 'top'],
            ['right', 'top'],
            ['right', 'bottom'],
            ['left', 'bottom'],
          ] as const
        ).map(([side, end]) => (
          <Handle
            key={side + end}
            x={around[side]}
            y={around[end]}
            shown={shown}
            look="square"
            label="Size"
            value={size}
            take={() => scaler(piece, keys, pivot)}
          />
        ))}
      {charts.length > 0 && !keys.includes('captions') && (
        <>
          <line
            className="words-frame"
            x1={around.right}
            x2={around.right + 20 / shown}
            y1={around.top}
            y2={around.top - 20 / shown}
            strokeWidth={1.2 / shown}
          />
          <Handle
            x={around.right + 20 / shown}
            y={around.top - 20 / shown}
            shown={shown}
            label="Rotation"
            value={charts.length === 1 ? unitText(first?.turn ?? 0, 'degrees') : undefined}
            take={() => turner(piece, keys, pivot)}
          />
        </>
      )}
      {edge !== null && (
        <Handle
          x={edge}
          y={middleY}
          shown={shown}
          label="Width"
          value={unitText(first?.width ?? 0, 'pixels')}
          take={() => {
            const from = placesNow(piece, keys);
            return ({ across }) =>
              change(from, (now) => ({ width: Math.max(40, Math.round((now.width ?? 0) + across)) }));
          }}
        />
      )}
      {selection?.kind === 'chart' && <ChartMiddle piece={piece} chartId={selection.chart} shown={shown} />}
    </>
  );
}

function FrameLine({ box, shown, isFaint }: { box: Box; shown: number; isFaint?: boolean }) {
  return (
    <rect
      className={`words-frame${isFaint ? ' is-faint' : ''}`}
      x={box.left}
      y={box.top}
      width={box.right - box.left}
      height={box.bottom - box.top}
      strokeWidth={1.4 / shown}
    />
  );
}

/** The middle of a chart, by which it is moved. */
function ChartMiddle({ piece, chartId, shown }: { piece: Piece; chartId: string; shown: number }) {
  const place = useDesk((state) => state.computed?.sheet.places[chartId]);
  const chart = piece.charts.find(({ id }) => id === chartId);
  if (!chart || !place || chart.hidden) return null;
  const now = placesNow(piece, [chartId])[chartId];
  return (
    <Handle
      x={now.x}
      y={now.y}
      shown={shown}
      label="Centre of the chart"
      look="ring"
      isQuiet={chart.words.centre !== null}
      take={() => {
        const from = placesNow(piece, withLegends(piece, shapeNow(piece), [chartId]));
        return ({ across, down }) =>
          change(from, (at) => ({ x: Math.round(at.x + across), y: Math.round(at.y + down) }));
      }}
    />
  );
}

/** What a chart turns and scales about is its form's own centre; of several things it is the middle of all. */
function pivotOf(piece: Piece, keys: PlaceKey[], box: Box): [number, number] {
  const place = keys.length === 1 ? placesNow(piece, keys)[keys[0]] : undefined;
  const isChart = piece.charts.some(({ id }) => id === keys[0]);
  return place && isChart ? [place.x, place.y] : [(box.left + box.right) / 2, (box.top + box.bottom) / 2];
}

function change(from: Record<PlaceKey, Placed>, part: (now: Placed, key: PlaceKey) => Part): void {
  useDesk.getState().edit((draft) => {
    for (const [key, now] of Object.entries(from)) setPlace(draft, shapeNow(draft), key, now, part(now, key));
  });
}

function scaler(piece: Piece, keys: PlaceKey[], pivot: [number, number]): (pull: Pull) => void {
  const from = placesNow(piece, keys);
  return ({ from: [fromX, fromY], to: [toX, toY], isFree }) => {
    const before = Math.hypot(fromX - pivot[0], fromY - pivot[1]);
    const now = Math.hypot(toX - pivot[0], toY - pivot[1]);
    const exact = Math.max(0.05, now / Math.max(1, before));
    const factor = isFree ? exact : Math.round(exact * 100) / 100;
    change(from, (place, key) => scaledAbout(piece, key, place, pivot, factor));
  };
}

function turner(piece: Piece, keys: PlaceKey[], pivot: [number, number]): (pull: Pull) => void {
  const from = placesNow(piece, keys);
  return ({ from: start, to, isFree }) => {
    const turned = degreesAround(pivot, start, to);
    const [first] = Object.values(from);
    // One comes to rest on whole steps of its own turn, several on those of the hand.
    const next = (keys.length === 1 ? (first.turn ?? 0) : 0) + turned;
    const by = isFree ? turned : turned + (Math.round(next / 15) * 15 - next);
    change(from, (place, key) => turnedAbout(piece, key, place, pivot, by));
  };
}

/** Where lines of words wrap, or the numbers of a legend stand. */
function edgeOf(piece: Piece, key: PlaceKey, place: Placed | undefined): number | null {
  const words = piece.words.find(({ id }) => id === key);
  const isLeft = words ? words.align === 'left' : legendOf(piece, key) !== undefined;
  return isLeft && place?.width !== undefined ? place.x + place.width : null;
}
