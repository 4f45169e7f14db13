import { Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { tableOf } from '../../piece/changes';
import type { Chart, ChartMotion, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { ChangeList } from '../details/ChangeList';
import { useChartEdit } from '../useChartEdit';
import { copyPart } from '../useClipboard';
import { useProperties } from '../useForms';
import { RunFields } from './RunFields';
import { BENDING, MANNERS } from '../details/manners';
import { MoveCurve } from '../details/MoveCurve';
import { OpensPick } from '../details/OpensPick';

const ENTRANCE: ChartMotion = {
  begin: 12,
  frames: 24,
  curve: 'ease-in-out',
  order: 'after',
  overlap: 12,
  opens: 'forward',
};

const SEQUENCES: [NonNullable<ChartMotion['sequence']>, string][] = [
  ['laid', 'as they lie'],
  ['backward', 'from the other end'],
  ['sheet', 'as in the sheet'],
  ['largest', 'the largest'],
  ['smallest', 'the smallest'],
  ['outward', 'the middle'],
  ['inward', 'the ends'],
];

/** How the parts come in and leave where they have no move of their own. */
export function MotionFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const sheet = useDesk((state) => state.computed?.sheet.charts[chart.id]);
  const properties = useProperties(chart.form.kind);
  // Several columns side by side are all there already; and of one column there is no other to change to.
  // One that runs goes through all of them by itself.
  const hasOther = !chart.run && (chart.series?.length ?? 0) < 2 && (tableOf(piece, chart)?.columns.length ?? 1) > 1;
  const offered = (properties?.chart ?? []).filter(({ kind }) => kind !== 'column' || hasOther);
  return (
    <div className="fields motion-face">
      <section className="span-all">
        <h3>
          The chart changes
          <button
            type="button"
            className="text-button ms-auto"
            title="To be pasted onto another chart"
            onClick={() => void copyPart({ lupine: 'motion', entrance: chart.entrance, exit: chart.exit })}
          >
            <i className="bi bi-copy" aria-hidden="true" /> copy how it comes and leaves
          </button>
        </h3>
        <ChangeList
          piece={piece}
          target={{ chart: chart.id }}
          properties={offered}
          sheet={sheet?.changes ?? []}
          keyed={sheet?.keyed ?? {}}
          first={(property) => firstOf(chart, property.name, property.usual)}
          table={tableOf(piece, chart)}
        />
      </section>
      <RunFields key={chart.id} piece={piece} chart={chart} />
      <section>
        <h3>
          <Switch
            label="All come in"
            value={chart.entrance !== null}
            onChange={(on) =>
              edit((draft) => {
                draft.entrance = on ? ENTRANCE : null;
              })
            }
          />
        </h3>
        {chart.entrance?.with ? (
          <p className="hint">
            It shares the order of another chart; its details say which, and whether it comes with it or after it.{' '}
            <button
              type="button"
              className="text-button"
              onClick={() => usePlay.getState().select({ kind: 'chart', chart: chart.id })}
            >
              To the chart
            </button>
          </p>
        ) : chart.entrance ? (
          <MotionFields
            kind="entrance"
            piece={piece}
            chart={chart}
            motion={chart.entrance}
            onChange={(motion) =>
              edit((draft) => {
                draft.entrance = motion;
              })
            }
          />
        ) : (
          <p className="hint">They are there from the first frame, unless a part has a move of its own.</p>
        )}
      </section>
      <section>
        <h3>
          <Switch
            label="All leave"
            value={chart.exit !== null}
            onChange={(on) =>
              edit((draft) => {
                draft.exit = on
                  ? { ...ENTRANCE, order: 'together', begin: Math.max(0, piece.stage.frames - 30) }
                  : null;
              })
            }
          />
        </h3>
        {chart.exit ? (
          <MotionFields
            kind="exit"
            piece={piece}
            chart={chart}
            motion={chart.exit}
            onChange={(motion) =>
              edit((draft) => {
                draft.exit = motion;
              })
            }
          />
        ) : (
          <p className="hint">They stay to the end.</p>
        )}
      </section>
    </div>
  );
}

/** What a property of the chart is where nothing changes it. */
function firstOf(chart: Chart, name: string, usual: number): number | string {
  if (name === 'column') return chart.column;
  if (name === 'x' || name === 'y') return chart.place[name];
  if (name === 'size' || name === 'turn') return chart.place[name] ?? usual;
  const setting = name.startsWith('form.') ? chart.form[name.slice('form.'.length)] : undefined;
  return typeof setting === 'number' || typeof setting === 'string' ? setting : usual;
}

interface Props {
  kind: 'entrance' | 'exit';
  piece: Piece;
  chart: Chart;
  motion: ChartMotion;
  onChange: (motion: ChartMotion) => void;
}

function MotionFields({ kind, piece, chart, motion, onChange }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const properties = useProperties(chart.form.kind);
  const canBend = properties?.chart.some(({ name }) => name === 'form.bend') ?? false;
  const isWhole = motion.manner === 'bend';
  const isDrawnOn = sheet?.charts[chart.id]?.isDrawnOn ?? false;
  const followers = (sheet?.charts[chart.id]?.figures ?? [])
    .map((figure) => figure[kind])
    .filter((move) => move !== null && move.id === null);
  // Of one course over all of them, only what is last can lead past its end.
  const follower = followers.find((move) => move?.curvePoints.some((part) => part > 1)) ?? followers[0];
  return (
    <>
      {!isWhole && (
        <Pick
          label="order"
          value={motion.order}
          options={[
            ['together', 'together'],
            ['after', 'one by one'],
            ['overlapping', 'overlapping'],
            ['one', 'in one, over all of it'],
            ...(isDrawnOn || motion.order === 'length'
              ? [['length', 'as long as their way'] as [ChartMotion['order'], string]]
              : []),
          ]}
          onChange={(order) => onChange({ ...motion, order })}
        />
      )}
      {!isWhole && motion.order !== 'together' && motion.order !== 'length' && (
        <Pick
          label="first"
          value={motion.sequence ?? 'laid'}
          options={SEQUENCES}
          onChange={(sequence) => onChange({ ...motion, sequence })}
        />
      )}
      <Pick
        label={kind === 'entrance' ? 'comes' : 'goes'}
        value={motion.manner ?? 'open'}
        options={[...MANNERS[kind], ...(canBend || isWhole ? [BENDING] : [])]}
        onChange={(manner) => onChange({ ...motion, manner })}
      />
      {(motion.manner ?? 'open') === 'open' && (
        <OpensPick
          kind={kind}
          chart={chart.id}
          value={motion.opens}
          onChange={(opens) => onChange({ ...motion, opens })}
        />
      )}
      <NumberField
        label="begins"
        unit="frames"
        stage={piece.stage}
        value={motion.begin}
        min={0}
        max={18000}
        usual={12}
        onChange={(begin) => onChange({ ...motion, begin })}
      />
      <NumberField
        label={isWhole ? 'lasts' : motion.order === 'one' ? 'all last' : 'each lasts'}
        unit="frames"
        stage={piece.stage}
        value={motion.frames}
        min={1}
        max={18000}
        usual={24}
        onChange={(frames) => onChange({ ...motion, frames })}
      />
      {!isWhole && motion.order === 'after' && (
        <NumberField
          label="waits between"
          unit="frames"
          stage={piece.stage}
          value={motion.hold ?? 0}
          min={0}
          max={18000}
          usual={0}
          onChange={(hold) => onChange({ ...motion, hold })}
        />
      )}
      {!isWhole && motion.order === 'overlapping' && (
        <NumberField
          label="overlap"
          unit="frames"
          stage={piece.stage}
          value={motion.overlap}
          min={0}
          max={18000}
          usual={12}
          onChange={(overlap) => onChange({ ...motion, overlap })}
        />
      )}
      {follower ? (
        <MoveCurve
          value={motion.curve}
          numbers={follower.curve}
          course={follower.curvePoints}
          onChange={(curve) => onChange({ ...motion, curve })}
          passes={motion.passes}
          onPasses={
            (motion.manner ?? 'open') === 'open' && sheet?.charts[chart.id]?.hasRoom
              ? (passes) => onChange({ ...motion, passes })
              : undefined
          }
        />
      ) : (
        <p className="hint">
          Every part has its own move, so this order is not in use. “As the chart” in the details of a part gives it
          back.
        </p>
      )}
    </>
  );
}
