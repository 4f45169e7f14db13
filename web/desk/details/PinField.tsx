import type { Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { useTimecode } from '../useTimecode';
import { moveName } from './moveName';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

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
  onFollowMove?: (follow: NonNullable<Move['follow']>) => void;
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
    follows = 'In the chart’s order',
    onFollow,
    onFrame,
    onPin,
    move,
    onFollowMove,
  } = props;
  const sheet = useDesk((state) => state.computed?.sheet);
  const timecode = useTimecode(sheet);
  const lines = sheet?.lines ?? {};
  const follow = move?.follow ?? null;
  const others = piece.moves.filter(({ id: other, follow: its }) => other !== move?.id && its?.move !== move?.id);
  return (
    <>
      <div className="field">
        <label htmlFor={id}>{settingOf('Move', 'begin').label}</label>
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
              onFollowMove?.({ move: other, how: how as 'with' | 'after', offset: follow?.offset ?? 0 });
            } else {
              const [line, word] = chosen.split(':');
              onPin({ line, word: word === 'line' ? null : Number(word), offset: pin?.offset ?? 0 });
            }
          }}
        >
          {canFollow && <option value="order">{follows}</option>}
          <option value="frame">On a frame</option>
          {piece.script.lines
            .filter((line) => (lines[line.id]?.length ?? 0) > 0 && line.text.trim() !== '')
            .map((line) => (
              <optgroup key={line.id} label={line.text.length > 44 ? `${line.text.slice(0, 42)}…` : line.text}>
                <option value={`${line.id}:line`}>With the line</option>
                {lines[line.id].map((word, index) => (
                  <option key={index} value={`${line.id}:${index}`}>
                    On “{word.text.replace(/[.,;:!?]+$/u, '')}”, {timecode(word.frame)}
                  </option>
                ))}
              </optgroup>
            ))}
          {onFollowMove && others.length > 0 && (
            <optgroup label="Another move">
              {others.flatMap((other) =>
                (['with', 'after'] as const).map((how) => (
                  <option key={`${how} ${other.id}`} value={`move ${how} ${other.id}`}>
                    {how === 'with' ? 'With' : 'After'}: {moveName(piece, other, sheet)}
                  </option>
                )),
              )}
            </optgroup>
          )}
        </select>
      </div>
      {follow && !pin ? (
        <OneField
          of="Follow"
          name="offset"
          value={follow.offset}
          onChange={(offset) => onFollowMove?.({ ...follow, offset })}
        />
      ) : pin ? (
        <OneField of="Pin" name="offset" value={pin.offset} onChange={(offset) => onPin({ ...pin, offset })} />
      ) : (
        <OneField of="Move" name="begin" label="At" value={begin} onChange={onFrame} />
      )}
    </>
  );
}
