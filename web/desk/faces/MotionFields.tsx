import { Pick } from '../../fields/Choice';
import type { Chart, ChartMotion } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { useProperties } from '../useForms';
import { BENDING, MANNERS } from '../details/manners';
import { MoveCurve } from '../details/MoveCurve';
import { OpensPick } from '../details/OpensPick';
import { OneField } from '../../settings/OneField';

interface Props {
  kind: 'entrance' | 'exit';
  chart: Chart;
  motion: ChartMotion;
  onChange: (motion: ChartMotion) => void;
}

/** How all parts of a chart come, or go. */
export function MotionFields({ kind, chart, motion, onChange }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const properties = useProperties(chart.form.kind);
  const canBend = properties?.chart.some(({ name }) => name === 'form.bend') ?? false;
  const isWhole = motion.manner === 'bend';
  const isDrawnOn = sheet?.charts[chart.id]?.isDrawnOn ?? false;
  const followers = (sheet?.charts[chart.id]?.figures ?? [])
    .map((figure) => figure[kind])
    .filter((move) => move !== null && move.id === null);
  // Of one course over all of them, only what is last can lead past its end.
  const frames = (name: 'begin' | 'frames' | 'hold' | 'overlap', label?: string) => (
    <OneField
      of="ChartMotion"
      name={name}
      label={label}
      value={motion[name]}
      onChange={(to) => onChange({ ...motion, [name]: to })}
    />
  );
  const follower = followers.find((move) => move?.curvePoints.some((part) => part > 1)) ?? followers[0];
  return (
    <>
      {!isWhole && (
        <OneField
          of="ChartMotion"
          name="order"
          value={motion.order}
          choices={(order) => order !== 'length' || isDrawnOn || motion.order === 'length'}
          onChange={(order) => onChange({ ...motion, order })}
        />
      )}
      {!isWhole && motion.order !== 'together' && motion.order !== 'length' && (
        <OneField
          of="ChartMotion"
          name="sequence"
          value={motion.sequence}
          onChange={(sequence) => onChange({ ...motion, sequence })}
        />
      )}
      <span className="setting" data-setting="ChartMotion.manner">
        <Pick
          label="Manner"
          value={motion.manner ?? 'open'}
          options={[...MANNERS, ...(canBend || isWhole ? [BENDING] : [])]}
          onChange={(manner) => onChange({ ...motion, manner })}
        />
      </span>
      {(motion.manner ?? 'open') === 'open' && (
        <span className="setting" data-setting="ChartMotion.opens">
          <OpensPick chart={chart.id} value={motion.opens} onChange={(opens) => onChange({ ...motion, opens })} />
        </span>
      )}
      {frames('begin')}
      {frames('frames', isWhole ? undefined : motion.order === 'one' ? 'Total length' : 'Length of each')}
      {!isWhole && motion.order === 'after' && frames('hold')}
      {!isWhole && motion.order === 'overlapping' && frames('overlap')}
      {follower ? (
        <span className="setting" data-setting="ChartMotion.curve">
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
        </span>
      ) : (
        <p className="hint">
          Every part has its own move, so this order has no effect. To use it again, choose “Reset to chart” in a part’s
          details.
        </p>
      )}
    </>
  );
}
