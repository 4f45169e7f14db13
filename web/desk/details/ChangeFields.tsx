import type { SheetChange } from '../../api/answers';
import type { Property } from '../../api/formAnswers';
import { Choice, Pick, Switch } from '../../fields/Choice';
import { ColourField } from '../../fields/ColourField';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import { removeMove } from '../../piece/changes';
import type { Move, Piece, Table } from '../../piece/document';
import { useDesk } from '../deskStore';
import { PinField } from './PinField';
import { MoveCurve } from './MoveCurve';

interface Props {
  piece: Piece;
  move: Move;
  now: SheetChange;
  property: Property;
  table?: Table;
}

/** To what a property changes, when, how long, and how. */
export function ChangeFields({ piece, move, now, property, table }: Props) {
  const edit = useDesk((state) => state.edit);
  const change = (work: (draft: Move) => void): void =>
    edit((draft) => {
      const one = draft.moves.find(({ id }) => id === move.id);
      if (one) work(one);
    });
  const { target } = move;
  const isOfFigures = property.kind === 'cell' || property.kind === 'column';
  const hasRoom = useDesk(({ computed }) => 'chart' in target && computed?.sheet.charts[target.chart]?.changesHaveRoom);
  const canPass = isOfFigures && hasRoom;
  return (
    <div className="fields one-column">
      <ToField
        property={property}
        to={move.to ?? ''}
        table={table}
        onChange={(to) =>
          change((draft) => {
            draft.to = to;
          })
        }
      />
      {property.kind === 'number' && (
        <Switch
          label="from a value of its own"
          value={typeof move.from === 'number'}
          onChange={(on) =>
            change((draft) => {
              draft.from = on ? property.usual : null;
            })
          }
        />
      )}
      {typeof move.from === 'number' && (
        <ToField
          label="from"
          property={property}
          to={move.from}
          onChange={(from) =>
            change((draft) => {
              draft.from = Number(from);
            })
          }
        />
      )}
      <PinField
        id={`pin-${move.id}`}
        piece={piece}
        pin={move.pin}
        begin={now.begin}
        isOwn
        onFrame={(begin) =>
          change((draft) => {
            draft.begin = begin;
            draft.pin = null;
          })
        }
        onPin={(pin) =>
          change((draft) => {
            draft.pin = pin;
            draft.begin = now.begin;
          })
        }
      />
      <NumberField
        label="lasts"
        unit="frames"
        stage={piece.stage}
        value={move.frames}
        min={1}
        max={18000}
        usual={24}
        onChange={(frames) =>
          change((draft) => {
            draft.frames = frames;
          })
        }
      />
      <MoveCurve
        value={move.curve}
        numbers={now.curve}
        course={now.curvePoints}
        onChange={(curve) =>
          change((draft) => {
            draft.curve = curve;
          })
        }
        passes={move.passes}
        onPasses={canPass ? (passes) => change((draft) => (draft.passes = passes)) : undefined}
      />
      <button type="button" className="text-button" onClick={() => edit((draft) => removeMove(draft, move.id))}>
        <i className="bi bi-x-lg" aria-hidden="true" /> take this change out
      </button>
    </div>
  );
}

interface ToProps {
  label?: string;
  property: Property;
  to: number | string;
  table?: Table;
  onChange: (to: number | string) => void;
}

function ToField({ label = 'to', property, to, table, onChange }: ToProps) {
  if (property.kind === 'column')
    return (
      <Pick
        label="to"
        value={String(to)}
        options={(table?.columns ?? []).map(({ id, name }): [string, string] => [id, name || 'Column'])}
        onChange={onChange}
      />
    );
  if (property.kind === 'order')
    return (
      <Choice
        label="to"
        value={String(to)}
        options={[
          ['sheet', 'sheet'],
          ['descending', 'largest'],
          ['ascending', 'smallest'],
        ]}
        onChange={onChange}
      />
    );
  if (property.kind === 'colour') return <ColourField label="to" value={String(to)} onChange={onChange} />;
  if (property.kind === 'cell') return <TextField label="to" value={String(to)} placeholder="0" onChange={onChange} />;
  const { unit } = property;
  return (
    <NumberField
      label={label}
      unit={unit === 'pixels' || unit === 'degrees' || unit === 'fraction' ? unit : 'number'}
      value={Number(to)}
      min={property.least}
      max={property.most}
      step={unit === 'pixels' ? 2 : 1}
      usual={property.usual}
      onChange={onChange}
    />
  );
}
