import type { SheetFigure } from '../../api/answers';
import { Switch } from '../../fields/Choice';
import { ColourField } from '../../fields/ColourField';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import { moveOf, ownMove, removeMove, setLabel } from '../../piece/changes';
import type { Chart, LabelTarget, OwnLabel, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useChartEdit } from '../useChartEdit';
import { MoveFields } from './MoveFields';

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
      <Switch label="shown" value={!own.hidden} onChange={(on) => change({ hidden: on ? undefined : true })} />
      {!own.hidden && (
        <>
          <TextField
            label="says"
            value={own.text ?? ''}
            placeholder={labels.text === 'reading' ? 'nothing but the reading' : figure.label}
            longest={120}
            onChange={(text) => change({ text: text === '' ? undefined : text })}
          />
          <NumberField
            label="size"
            unit="fraction"
            value={own.size ?? 1}
            min={0.2}
            max={5}
            usual={1}
            onChange={(size) => change({ size: size === 1 ? undefined : size })}
          />
          <Switch
            label="its own colour"
            value={Boolean(own.colour)}
            onChange={(on) => change({ colour: on ? labels.colour : undefined })}
          />
          {own.colour && <ColourField label="colour" value={own.colour} onChange={(colour) => change({ colour })} />}
          {isMoved ? (
            <>
              <NumberField
                label="across"
                unit="pixels"
                value={own.x ?? 0}
                min={-4000}
                max={4000}
                onChange={(x) => change({ x })}
              />
              <NumberField
                label="down"
                unit="pixels"
                value={own.y ?? 0}
                min={-4000}
                max={4000}
                onChange={(y) => change({ y })}
              />
              <button type="button" className="text-button" onClick={() => change({ x: undefined, y: undefined })}>
                <i className="bi bi-arrow-return-left" aria-hidden="true" /> where it stands by itself
              </button>
            </>
          ) : (
            <p className="hint">It finds its place by itself. Drag it on the stage to put it elsewhere.</p>
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
          label={isComing ? 'comes when it is told' : 'leaves when it is told'}
          value={moveOf(piece, kind, target) !== undefined}
          onChange={tell}
        />
        {now && <MoveFields piece={piece} kind={kind} target={target} now={now} usualCurve="ease-out" />}
      </div>
    );
  });
}
