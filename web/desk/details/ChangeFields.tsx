import type { SheetChange } from '../../api/answers';
import type { Property } from '../../api/answers';
import { removeMove } from '../../piece/changes';
import type { Move, Piece, Table } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { PinField } from './PinField';
import { MoveCurve } from './MoveCurve';
import { Pick, Switch } from '../../fields/Choice';
import { OneField } from '../../settings/OneField';
import { SettingField } from '../../settings/SettingField';

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
          label="Set start value"
          value={typeof move.from === 'number'}
          onChange={(on) =>
            change((draft) => {
              draft.from = on ? property.default : null;
            })
          }
        />
      )}
      {typeof move.from === 'number' && (
        <ToField
          label="From"
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
      <OneField
        of="Move"
        name="frames"
        value={move.frames}
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
        <i className="bi bi-x-lg" aria-hidden="true" /> Remove change
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

function ToField({ label = 'To', property, to, table, onChange }: ToProps) {
  if (property.kind === 'column')
    return (
      <Pick
        label="To"
        value={String(to)}
        options={(table?.columns ?? []).map(({ id, name }): [string, string] => [id, name || 'Column'])}
        onChange={onChange}
      />
    );
  const kind = { order: 'choice', cell: 'text' }[property.kind as string] ?? property.kind;
  return (
    <SettingField
      setting={{ ...property, kind }}
      label={label}
      value={to}
      placeholder="0"
      onChange={(next) => onChange(typeof next === 'number' ? next : String(next))}
    />
  );
}
