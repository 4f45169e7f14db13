import type { SheetFigure } from '../../api/answers';
import { Switch } from '../../fields/Choice';
import { ColourField } from '../../fields/ColourField';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import { setLabel } from '../../piece/changes';
import type { Chart, OwnLabel } from '../../piece/document';
import { usePlay } from '../playStore';
import { useChartEdit } from '../useChartEdit';

/** The label of one mark: its text, its size and colour, and where a hand has put it. */
export function LabelFields({ chart, figure }: { chart: Chart; figure: SheetFigure }) {
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
        </>
      )}
    </>
  );
}
