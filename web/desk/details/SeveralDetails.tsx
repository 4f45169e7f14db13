import type { Box } from '../../../painter/src';
import { Switch } from '../../fields/Choice';
import { TextField } from '../../fields/TextField';
import { newGroup, setGroup, wrongGroup } from '../../piece/charts';
import type { Piece } from '../../../contracts/piece';
import { panelName, panelOf, thingsOf } from '../../piece/panels';
import type { PlaceKey } from '../../piece/places';
import { scaledAbout, turnedAbout } from '../../piece/transform';
import { OneField } from '../../settings/OneField';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { editPlaces } from '../placesNow';
import { usePlay } from '../playStore';
import { groupOf, selectionOf } from '../stage/selected';
import { stageBoxes } from '../stage/stageBoxes';
import { chartName } from '../useChart';
import { PlacedBy } from './PlacedBy';

type Side = 'left' | 'right' | 'top' | 'bottom' | 'across' | 'down';

const SIDES: [Side, string, string][] = [
  ['left', 'bi-align-start', 'Align left edges'],
  ['across', 'bi-align-center', 'Align centres vertically'],
  ['right', 'bi-align-end', 'Right edges in line'],
  ['top', 'bi-align-top', 'Top edges in line'],
  ['down', 'bi-align-middle', 'Align centres horizontally'],
  ['bottom', 'bi-align-bottom', 'Align bottom edges'],
];

/** Several things at once: put in line, spaced, made as large as each other, taken together. */
export function SeveralDetails({ piece, keys }: { piece: Piece; keys: PlaceKey[] }) {
  const edit = useDesk((state) => state.edit);
  const places = useDesk((state) => state.computed?.sheet.places) ?? {};
  const charts = keys.filter((key) => piece.charts.some(({ id }) => id === key));
  const groups = new Set(
    thingsOf(piece)
      .filter(({ id }) => keys.includes(id))
      .map(({ group }) => group || null),
  );
  const group = groups.size === 1 ? [...groups][0] : null;
  const line = (side: Side): void => {
    const boxes = stageBoxes(keys);
    const all = Object.values(boxes);
    const to = {
      left: Math.min(...all.map(({ left }) => left)),
      right: Math.max(...all.map(({ right }) => right)),
      top: Math.min(...all.map(({ top }) => top)),
      bottom: Math.max(...all.map(({ bottom }) => bottom)),
    };
    const target = { ...to, across: (to.left + to.right) / 2, down: (to.top + to.bottom) / 2 }[side];
    editPlaces(keys, (now, key) => {
      const box = boxes[key];
      if (!box) return null;
      const by = target - edgeOf(box, side);
      return ['left', 'right', 'across'].includes(side) ? { x: now.x + by } : { y: now.y + by };
    });
  };
  /** All of them about the middle of them all. */
  const about = (name: 'size' | 'turn', by: number): void => {
    const boxes = Object.values(stageBoxes(keys));
    if (boxes.length === 0) return;
    const middle = (from: number[], to: number[]): number => (Math.min(...from) + Math.max(...to)) / 2;
    const centre: [number, number] = [
      middle(
        boxes.map(({ left }) => left),
        boxes.map(({ right }) => right),
      ),
      middle(
        boxes.map(({ top }) => top),
        boxes.map(({ bottom }) => bottom),
      ),
    ];
    const become = name === 'size' ? scaledAbout : turnedAbout;
    editPlaces(keys, (now, key) => become(piece, key, now, centre, by));
  };
  const space = (isAcross: boolean): void => {
    const boxes = stageBoxes(keys);
    const [from, to] = isAcross ? (['left', 'right'] as const) : (['top', 'bottom'] as const);
    const sorted = Object.entries(boxes).sort(([, one], [, other]) => one[from] - other[from]);
    if (sorted.length < 3) return;
    const [first, last] = [sorted[0][1], sorted[sorted.length - 1][1]];
    let free = last[to] - first[from];
    for (const [, box] of sorted) free -= box[to] - box[from];
    const gap = free / (sorted.length - 1);
    let at = first[from];
    const shifts: Record<PlaceKey, number> = {};
    for (const [key, box] of sorted) {
      shifts[key] = at - box[from];
      at += box[to] - box[from] + gap;
    }
    editPlaces(keys, (now, key) =>
      key in shifts ? (isAcross ? { x: now.x + shifts[key] } : { y: now.y + shifts[key] }) : null,
    );
  };
  const sameSize = (): void => {
    const boxes = stageBoxes(charts);
    const largest = Math.max(...Object.values(boxes).map(({ top, bottom }) => bottom - top));
    editPlaces(charts, (now, key) => {
      const box = boxes[key];
      return box ? { size: now.size * (largest / Math.max(1, box.bottom - box.top)) } : null;
    });
  };
  const sameCentre = (): void => {
    const first = places[charts[0]];
    if (first) editPlaces(charts, () => ({ x: first.x, y: first.y }));
  };
  return (
    <>
      <div className="details-head">
        <i className="bi bi-intersect" aria-hidden="true" /> <strong>{group ?? `${keys.length} selected`}</strong>
      </div>
      <div className="fields one-column">
        {group !== null && (
          <TextField
            label="Group name"
            value={group}
            wrong={(name) => wrongGroup(piece, group, name)}
            onChange={(name) => edit((draft) => setGroup(draft, groupOf(draft, keys[0]), name.trim()))}
          />
        )}
        <ul className="plain-list" aria-label="Selected items">
          {thingsOf(piece).map((one) => {
            const name = 'form' in one ? chartName(piece, one) : 'text' in one ? one.text || 'Empty' : panelName(one);
            const isTaken = keys.includes(one.id);
            return (
              <li key={one.id}>
                <Switch
                  label={name}
                  value={isTaken}
                  onChange={() =>
                    usePlay
                      .getState()
                      .select(selectionOf(piece, isTaken ? keys.filter((key) => key !== one.id) : [...keys, one.id]))
                  }
                />
              </li>
            );
          })}
        </ul>
        <div className="several-sides" role="group" aria-label="Align">
          {SIDES.map(([side, icon, text]) => (
            <button
              key={side}
              type="button"
              className="quiet-button"
              title={text}
              aria-label={text}
              onClick={() => line(side)}
            >
              <i className={`bi ${icon}`} />
            </button>
          ))}
        </div>
        <div className="offer-row">
          <button type="button" className="text-button" disabled={keys.length < 3} onClick={() => space(true)}>
            <i className="bi bi-distribute-horizontal" aria-hidden="true" /> Space evenly across
          </button>
          <button type="button" className="text-button" disabled={keys.length < 3} onClick={() => space(false)}>
            <i className="bi bi-distribute-vertical" aria-hidden="true" /> Space evenly down
          </button>
        </div>
        {(['size', 'turn'] as const).map((name) => (
          <OneField
            key={name}
            of="Place"
            name={name}
            label={name === 'size' ? 'Scale by' : 'Turn by'}
            value={name === 'size' ? 1 : 0}
            onChange={(by) => about(name, by)}
          />
        ))}
        {charts.length > 1 && (
          <div className="offer-row">
            <button type="button" className="text-button" onClick={sameSize}>
              Same height
            </button>
            <button type="button" className="text-button" onClick={sameCentre}>
              Same centre
            </button>
          </div>
        )}
        <PlacedBy keys={keys} places={keys.flatMap((key) => places[key] ?? [])} />
        <button
          type="button"
          className="text-button"
          onClick={() => edit((draft) => setGroup(draft, keys, group === null ? newGroup(draft) : null))}
        >
          <i className={`bi ${group === null ? 'bi-intersect' : 'bi-union'}`} aria-hidden="true" />{' '}
          {group === null ? 'Group' : 'Ungroup'}
        </button>
        <button
          type="button"
          className="text-button"
          disabled={charts.length >= piece.charts.length}
          onClick={() => {
            usePlay.getState().select(null);
            void act('remove-things', {
              charts,
              words: keys.filter((key) => piece.words.some(({ id }) => id === key)),
              panels: keys.filter((key) => panelOf(piece, key)),
            });
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> Remove all selected
        </button>
      </div>
    </>
  );
}

function edgeOf({ left, right, top, bottom }: Box, side: Side): number {
  return { left, right, top, bottom, across: (left + right) / 2, down: (top + bottom) / 2 }[side];
}
