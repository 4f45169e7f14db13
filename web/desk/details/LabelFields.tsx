import type { SheetFigure } from '../../api/answers';
import { Switch } from '../../fields/Choice';
import { TextField } from '../../fields/TextField';
import { moveOf, ownMove, removeMove, setLabel } from '../../piece/changes';
import type { Chart, LabelTarget, OwnLabel, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useChartEdit } from '../useChartEdit';
import { MoveFields } from './MoveFields';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

const TEXT = settingOf('OwnLabel', 'text');

interface Props {
  piece: Piece;
  chart: Chart;
  figure: SheetFigure;
}

/** The label of one mark: its text, its size and colour, when it comes, and where a hand has put it. */
export function LabelFields({ piece, chart, figure }: Props) {
  const edit = useChartEdit(chart);
  const own = chart.own[figure.id]?.label ?? {};
  const { labels } = chart.words;
  if (labels.show === 'none')
    return (
      <p className="hint">
        This chart has no labels at its marks.{' '}
        <button type="button" className="text-button" onClick={() => usePlay.getState().set({ face: 'Words' })}>
          Words
        </button>
      </p>
    );
  const change = (part: Partial<OwnLabel>): void => edit((draft) => setLabel(draft, figure.id, part));
  const isMoved = own.x !== undefined && own.x !== null;
  return (
    <>
      <Switch label="Visible" value={!own.hidden} onChange={(on) => change({ hidden: on ? undefined : true })} />
      {!own.hidden && (
        <>
          <TextField
            label={TEXT.label}
            value={own.text ?? ''}
            placeholder={labels.text === 'reading' ? 'Reading only' : figure.label}
            longest={TEXT.longest}
            onChange={(text) => change({ text: text === '' ? undefined : text })}
          />
          <OneField
            of="OwnLabel"
            name="size"
            value={own.size}
            onChange={(size) => change({ size: size === 1 ? undefined : size })}
          />
          <GroupFields
            of="OwnLabel"
            only={['colour']}
            value={own}
            colour={labels.colour ?? undefined}
            onChange={({ colour }) => change({ colour: colour ?? undefined })}
          />
          {isMoved ? (
            <>
              <GroupFields of="OwnLabel" only={['x', 'y']} value={own} onChange={change} />
              <button type="button" className="text-button" onClick={() => change({ x: undefined, y: undefined })}>
                <i className="bi bi-arrow-return-left" aria-hidden="true" /> Reset position
              </button>
            </>
          ) : (
            <p className="hint">Placed automatically. Drag it on the stage to move it.</p>
          )}
          <LabelMoves piece={piece} chart={chart} figure={figure} />
        </>
      )}
    </>
  );
}

/** A label comes and goes with its part, unless it is told when. */
function LabelMoves({ piece, chart, figure }: Props) {
  const edit = useDesk((state) => state.edit);
  const target: LabelTarget = { chart: chart.id, figure: figure.id, part: 'label' };
  return (['entrance', 'exit'] as const).map((kind) => {
    const isComing = kind === 'entrance';
    const now = isComing ? figure.labelEntrance : figure.labelExit;
    const ofPart = figure[kind];
    const tell = (on: boolean): void =>
      edit((draft) => {
        const own = moveOf(draft, kind, target);
        if (own) removeMove(draft, own.id);
        if (!on) return;
        const begin = isComing
          ? (ofPart?.begin ?? 0) + (ofPart?.frames ?? 0)
          : (ofPart?.begin ?? piece.stage.frames) - 12;
        ownMove(draft, kind, target, { begin: Math.max(0, begin), frames: 12, curve: 'ease-out', opens: 'forward' });
      });
    return (
      <div className="sub-fields" key={kind}>
        <Switch
          label={isComing ? 'Set own entrance' : 'Set own exit'}
          value={moveOf(piece, kind, target) !== undefined}
          onChange={tell}
        />
        {now && <MoveFields piece={piece} kind={kind} target={target} now={now} usualCurve="ease-out" />}
      </div>
    );
  });
}
