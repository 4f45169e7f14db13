import { NumberField } from '../../fields/NumberField';
import type { Move, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { useTimecode } from '../useTimecode';
import { moveName } from './moveName';

interface Props {
  id: string;
  piece: Piece;
  /** null: it has no move of its own */
  pin: Move['pin'];
  begin: number;
  isOwn: boolean;
  /** it can follow its chart's order */
  canFollow?: boolean;
  /** what that is called */
  follows?: string;
  onFollow?: () => void;
  onFrame: (begin: number) => void;
  onPin: (pin: NonNullable<Move['pin']>) => void;
  /** the move itself, where it can begin with or after another one */
  move?: Move;
  onBehind?: (follow: NonNullable<Move['follow']>) => void;
}

/** On what a move begins: a word, a line, a frame, or in its chart's order. */
export function PinField(props: Props) {
  const {
    id,
    piece,
    pin,
    begin,
    isOwn,
    canFollow = false,
    follows = 'as the chart',
    onFollow,
    onFrame,
    onPin,
    move,
    onBehind,
  } = props;
  const sheet = useDesk((state) => state.computed?.sheet);
  const timecode = useTimecode(sheet);
  const lines = sheet?.lines ?? {};
  const follow = move?.follow ?? null;
  const others = piece.moves.filter(({ id: other, follow: its }) => other !== move?.id && its?.move !== move?.id);
  return (
    <>
      <div className="field">
        <label htmlFor={id}>begins</label>
        <select
          id={id}
          className="form-select form-select-sm"
          value={
            pin
              ? `${pin.line}:${pin.word ?? 'line'}`
              : follow
                ? `move ${follow.how} ${follow.move}`
                : isOwn || !canFollow
                  ? 'frame'
                  : 'order'
          }
          onChange={(event) => {
            const chosen = event.target.value;
            if (chosen === 'order') onFollow?.();
            else if (chosen === 'frame') onFrame(begin);
            else if (chosen.startsWith('move ')) {
              const [, how, other] = chosen.split(' ');
              onBehind?.({ move: other, how: how as 'with' | 'after', offset: follow?.offset ?? 0 });
            } else {
              const [line, word] = chosen.split(':');
              onPin({ line, word: word === 'line' ? null : Number(word), offset: pin?.offset ?? 0 });
            }
          }}
        >
          {canFollow && <option value="order">{follows}</option>}
          <option value="frame">on a frame</option>
          {piece.script.lines
            .filter((line) => (lines[line.id]?.length ?? 0) > 0 && line.text.trim() !== '')
            .map((line) => (
              <optgroup key={line.id} label={line.text.length > 44 ? `${line.text.slice(0, 42)}…` : line.text}>
                <option value={`${line.id}:line`}>with the line</option>
                {lines[line.id].map((word, index) => (
                  <option key={index} value={`${line.id}:${index}`}>
                    on “{word.text.replace(/[.,;:!?]+$/u, '')}”, {timecode(word.frame)}
                  </option>
                ))}
              </optgroup>
            ))}
          {onBehind && others.length > 0 && (
            <optgroup label="Another move">
              {others.flatMap((other) =>
                (['with', 'after'] as const).map((how) => (
                  <option key={`${how} ${other.id}`} value={`move ${how} ${other.id}`}>
                    {how === 'with' ? 'with' : 'after'}: {moveName(piece, other, sheet)}
                  </option>
                )),
              )}
            </optgroup>
          )}
        </select>
      </div>
      {follow && !pin ? (
        <NumberField
          label="offset"
          unit="frames"
          stage={piece.stage}
          value={follow.offset}
          min={-18000}
          max={18000}
          usual={0}
          onChange={(offset) => onBehind?.({ ...follow, offset })}
        />
      ) : pin ? (
        <NumberField
          label="offset"
          unit="frames"
          stage={piece.stage}
          value={pin.offset}
          min={-18000}
          max={18000}
          usual={0}
          onChange={(offset) => onPin({ ...pin, offset })}
        />
      ) : (
        <NumberField
          label="at"
          unit="frames"
          stage={piece.stage}
          value={begin}
          min={0}
          max={18000}
          onChange={onFrame}
        />
      )}
    </>
  );
}
