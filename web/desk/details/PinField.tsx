import type { Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { moveName } from './moveName';
import { nearestWord } from './nearestWord';
import { WordPin } from './WordPin';
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

type Way = 'order' | 'frame' | 'word' | 'move';

/** On what a move begins: a word, a line, a frame, another move, or in its chart's order. */
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
  const follow = move?.follow ?? null;
  const others = piece.moves.filter(({ id: other, follow: its }) => other !== move?.id && its?.move !== move?.id);
  const nearest = nearestWord(sheet?.lines ?? {}, begin);
  const ways: [Way, string][] = [
    ...(canFollow ? [['order', follows] as [Way, string]] : []),
    ['frame', 'On a frame'],
    ...(nearest || pin ? [['word', 'On a word'] as [Way, string]] : []),
    ...(onFollowMove && others.length > 0 ? [['move', 'With another move'] as [Way, string]] : []),
  ];
  const choose = (way: Way): void => {
    if (way === 'order') onFollow?.();
    else if (way === 'frame') onFrame(begin);
    else if (way === 'word' && nearest) onPin({ ...nearest, offset: 0 });
    else if (way === 'move') onFollowMove?.({ move: others[0].id, how: 'with', offset: 0 });
  };
  return (
    <>
      <div className="field">
        <label htmlFor={id}>{settingOf('Move', 'begin').label}</label>
        <select
          id={id}
          className="form-select form-select-sm"
          value={pin ? 'word' : follow ? 'move' : isOwn || !canFollow ? 'frame' : 'order'}
          onChange={(event) => choose(event.target.value as Way)}
        >
          {ways.map(([way, text]) => (
            <option key={way} value={way}>
              {text}
            </option>
          ))}
        </select>
      </div>
      {pin && <WordPin piece={piece} pin={pin} onPin={(place) => onPin({ ...place, offset: pin.offset })} />}
      {follow && !pin && (
        <div className="field">
          <label htmlFor={`${id}-move`}>Move</label>
          <select
            id={`${id}-move`}
            className="form-select form-select-sm"
            value={`${follow.how} ${follow.move}`}
            onChange={(event) => {
              const [how, other] = event.target.value.split(' ');
              onFollowMove?.({ move: other, how: how as 'with' | 'after', offset: follow.offset });
            }}
          >
            {others.flatMap((other) =>
              (['with', 'after'] as const).map((how) => (
                <option key={`${how} ${other.id}`} value={`${how} ${other.id}`}>
                  {how === 'with' ? 'With' : 'After'}: {moveName(piece, other, sheet)}
                </option>
              )),
            )}
          </select>
        </div>
      )}
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
