import { at, degreesAround, inverse } from '../../../painter/src';
import type { Scene } from '../../scene/scene';
import type { SheetHandle } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { setPlace, toldPlace } from '../../piece/places';
import { useDesk } from '../deskStore';
import { placesNow, shapeNow } from '../placesNow';
import { usePlay } from '../playStore';
import { Handle, type Pull } from './Handle';
import { unitText } from './unitText';

interface Props {
  piece: Piece;
  scene: Scene | null;
  shown: number;
}

/** The numbers of a form, taken where they are seen: what a handle does is core's to say. */
export function FormHandles({ piece, scene, shown }: Props) {
  const selection = usePlay((state) => state.selection);
  const frame = usePlay((state) => state.frame);
  const face = usePlay((state) => state.face);
  const sheet = useDesk((state) => state.computed?.sheet);
  const chartId =
    selection?.kind === 'chart' || (selection?.kind === 'figure' && face === 'Form') ? selection.chart : null;
  const chart = piece.charts.find(({ id }) => id === chartId);
  if (!chart || !scene || chart.hidden) return null;
  const place = scene.placeOf(chart.id, frame);
  const back = inverse(place);
  return (
    <>
      {(sheet?.charts[chart.id]?.handles ?? []).map((handle) => {
        const [x, y] = at(place, handle.at);
        return (
          <Handle
            key={handle.setting.name}
            x={x}
            y={y}
            shown={shown}
            label={handle.setting.label}
            value={unitText(handle.value, handle.setting.unit ?? '')}
            take={() => {
              const from = handle.value;
              return (pull) => {
                const value = pulled(handle, from, at(back, pull.from), at(back, pull.to), pull);
                useDesk.getState().edit((draft) => setFormNumber(draft, chart.id, handle.setting.name, value));
              };
            }}
          />
        );
      })}
    </>
  );
}

/** What a number becomes when the hand that holds it goes from one point to another, in the chart's own pixels. */
function pulled(
  { along, around, rate, snap, setting: { min = -Infinity, max = Infinity } }: SheetHandle,
  value: number,
  from: [number, number],
  to: [number, number],
  { isFree }: Pull,
): number {
  const grown = around
    ? degreesAround(around, from, to) * rate
    : ((to[0] - from[0]) * (along?.[0] ?? 0) + (to[1] - from[1]) * (along?.[1] ?? 0)) * rate;
  const next = value + grown;
  const rested = isFree ? Math.round(next * 1000) / 1000 : Math.round(next / snap) * snap;
  return Math.max(min, Math.min(max, Number(rested.toFixed(4))));
}

/** A number of a form by hand: where the rule had set it, the chart stands by hand from then on. */
export function setFormNumber(draft: Piece, chartId: string, setting: string, value: number): void {
  const taken = draft.charts.find(({ id }) => id === chartId);
  // How large it is, is the other's who lends it the axis.
  const isLent = taken?.axisOf && ['width', 'height'].includes(setting);
  const chart = isLent ? draft.charts.find(({ id }) => id === taken.axisOf) : taken;
  if (!chart) return;
  const now = placesNow(draft, [chart.id])[chart.id];
  const shape = shapeNow(draft);
  const isGoverned = now?.form && setting in now.form;
  if (shape !== null && now && (isGoverned || toldPlace(draft, shape, chart.id))) {
    setPlace(draft, shape, chart.id, { ...now, form: { ...now.form, [setting]: value } }, {});
    return;
  }
  if (isGoverned && now.by === 'rule') setPlace(draft, shape, chart.id, now, {});
  chart.form[setting] = value;
}
