import { useState, type KeyboardEvent } from 'react';
import { at, degreesAround, inverse } from '../../../painter/src';
import type { SheetBoundary, SheetFigure } from '../../api/answers';
import { reasonOf } from '../../api/client';
import { useNotices } from '../../common/Notices';
import { readNumber } from '../../fields/readNumber';
import { freely, restedValue, setBoundary } from '../../piece/boundary';
import type { Piece } from '../../../contracts/piece';
import type { Scene } from '../../scene/scene';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { Handle, type Pull } from './Handle';

interface Props {
  piece: Piece;
  scene: Scene | null;
  shown: number;
}

/** of the field in which a value is typed, in pixels of the screen */
const FIELD = { width: 104, height: 30 };

/**
 * The ends of parts, dragged on the stage: two neighbours give and take, with Shift all others do; bars and rings by
 * their ends. Where they are, what follows, and how much there is to give, is core's to say.
 */
export function BoundaryHandles({ piece, scene, shown }: Props) {
  const selection = usePlay((state) => state.selection);
  const frame = usePlay((state) => state.frame);
  const face = usePlay((state) => state.face);
  const sheet = useDesk((state) => state.computed?.sheet);
  const [typing, setTyping] = useState<string | null>(null);
  const chartId = selection?.kind === 'chart' || selection?.kind === 'figure' ? selection.chart : null;
  const chart = piece.charts.find(({ id }) => id === chartId);
  const its = chart && sheet?.charts[chart.id];
  const [from, to] = its?.boundaryFrames ?? [1, 0];
  if (!chart || !its || !scene || chart.hidden || frame < from || frame > to || face === 'Finish') return null;
  const place = scene.placeOf(chart.id, frame);
  const back = inverse(place);
  const figureOf = (id: string): SheetFigure | undefined => its.figures.find((one) => one.id === id);
  const picked = selection?.kind === 'figure' ? selection.figure : null;
  const told = ({ figure, next }: SheetBoundary): string =>
    [figure, next]
      .map((id) => (id === null ? undefined : figureOf(id)))
      .filter((one): one is SheetFigure => one !== undefined)
      .map(({ label, value, share }) => `${label} ${value}${its.isOnScale ? '' : ` (${share})`}`)
      .join('\n');
  const set = (boundary: SheetBoundary, value: number, digits: number): void =>
    useDesk.getState().edit((draft) => {
      const one = draft.charts.find(({ id }) => id === chart.id);
      if (one) setBoundary(draft, one, boundary, value, digits);
    });
  const giveAll = (boundary: SheetBoundary, value: number): void => {
    const row = figureOf(boundary.figure)?.row;
    if (row) void act('set-figure', { chart: chart.id, figure: row, value }, 'This cannot be set.');
  };
  return (
    <>
      {its.boundaries.map((boundary) => {
        const [x, y] = at(place, boundary.at);
        const label = figureOf(boundary.figure)?.label ?? '';
        const next = boundary.next === null ? undefined : figureOf(boundary.next)?.label;
        const isNear = picked !== null && (picked === boundary.figure || picked === boundary.next);
        return (
          <g
            key={boundary.figure}
            className="boundary"
            onDoubleClick={() => setTyping(boundary.figure)}
            onKeyDown={(event: KeyboardEvent) => {
              if (event.key !== 'Enter') return;
              event.preventDefault();
              event.stopPropagation();
              setTyping(boundary.figure);
            }}
          >
            <Handle
              x={x}
              y={y}
              shown={shown}
              look="square"
              isQuiet={!isNear}
              label={next === undefined ? `End of ${label}` : `Between ${label} and ${next}`}
              value={told(boundary)}
              take={() => {
                return (pull) => {
                  const digits = pull.isFree && !pull.isKey ? freely(boundary) : boundary.decimals;
                  set(boundary, pulled(boundary, at(back, pull.from), at(back, pull.to), pull, digits), digits);
                };
              }}
              letGo={(pull) => {
                // With Shift what was taken comes from all others instead: the neighbour has its own again.
                if (!pull.isShift || boundary.next === null || pull.isKey) return;
                const value = pulled(boundary, at(back, pull.from), at(back, pull.to), pull, boundary.decimals);
                set(boundary, boundary.value, boundary.decimals);
                giveAll(boundary, value);
              }}
            />
            {typing === boundary.figure && (
              <ValueField
                x={x}
                y={y}
                shown={shown}
                label={label}
                value={boundary.value}
                onValue={(value, isShift) => {
                  setTyping(null);
                  if (isShift && boundary.next !== null) giveAll(boundary, value);
                  else
                    void asItStands(chart.id, boundary).then((now) =>
                      set(now, restedValue(now, value, freely(now)), digitsOf(now, value)),
                    );
                }}
                onLeave={() => setTyping(null)}
              />
            )}
          </g>
        );
      })}
    </>
  );
}

/** What core knows may be older than the table: what is typed is taken from the neighbour as that is now. */
async function asItStands(chart: string, boundary: SheetBoundary): Promise<SheetBoundary> {
  await useDesk.getState().recompute();
  const all = useDesk.getState().computed?.sheet.charts[chart]?.boundaries ?? [];
  return all.find(({ figure }) => figure === boundary.figure) ?? boundary;
}

/** As many digits as were typed, one more than the figures have at most. */
const digitsOf = (boundary: SheetBoundary, value: number): number =>
  Number(value.toFixed(boundary.decimals)) === value ? boundary.decimals : freely(boundary);

function pulled(
  boundary: SheetBoundary,
  from: [number, number],
  to: [number, number],
  { isKey, across, down }: Pull,
  digits: number,
): number {
  const { along, around, rate, value } = boundary;
  // By hand no part goes altogether: there would be no end of it to take hold of any more.
  const step = 10 ** -digits;
  const most = boundary.most === null ? null : boundary.most - (boundary.next === null ? 0 : step);
  const resting = (to: number): number => {
    const rested = restedValue({ ...boundary, most }, to, digits);
    return value > 0 ? Math.max(step, rested) : Math.min(-step, rested);
  };
  // A key goes by one step of the last digit, up and to the right for more.
  if (isKey) return resting(value + (across - down) * step);
  const grown = around
    ? degreesAround(around, from, to) * rate
    : ((to[0] - from[0]) * (along?.[0] ?? 0) + (to[1] - from[1]) * (along?.[1] ?? 0)) * rate;
  return resting(value + grown);
}

interface FieldProps {
  x: number;
  y: number;
  shown: number;
  label: string;
  value: number;
  onValue: (value: number, isShift: boolean) => void;
  onLeave: () => void;
}

/** The value of a part, typed where it ends; sums are worked out. Shift Enter takes it from all others. */
function ValueField({ x, y, shown, label, value, onValue, onLeave }: FieldProps) {
  const [typed, setTyped] = useState(String(value));
  const take = (isShift: boolean): void => {
    readNumber(typed, 'number')
      .then((read) => onValue(read, isShift))
      .catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }));
  };
  return (
    <g transform={`translate(${x} ${y}) scale(${1 / shown})`}>
      <foreignObject x={12} y={-FIELD.height / 2} width={FIELD.width} height={FIELD.height}>
        <input
          className="form-control form-control-sm numerals boundary-field"
          aria-label={`Value of ${label}`}
          title="Enter takes it from the neighbour, Shift Enter from all others"
          value={typed}
          maxLength={60}
          autoFocus
          onFocus={({ target }) => target.select()}
          onChange={({ target }) => setTyped(target.value)}
          onBlur={onLeave}
          onPointerDown={(event) => event.stopPropagation()}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Enter') take(event.shiftKey);
            if (event.key === 'Escape') onLeave();
          }}
        />
      </foreignObject>
    </g>
  );
}
