import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Menu } from '../../common/Menu';
import { counted } from '../../common/words';
import { Choice, Switch } from '../../fields/Choice';
import { useOnceRead } from '../../fields/reads';
import type { Piece, Recording } from '../../../contracts/piece';
import { shiftKeys } from '../../piece/retime';
import { saidIn, withInstead, without } from '../../piece/splice';
import { shiftAfter, shiftPins } from '../../piece/timing';
import { momentAt, recordingOf } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { OneField } from '../../settings/OneField';
import { splice } from '../voice/voiceStore';
import { heldOf } from './heldKeys';

type Way = 'insert' | 'take';
type Scope = 'all' | 'picked';
const WAYS: [Way, string][] = [
  ['insert', 'Insert time'],
  ['take', 'Take out time'],
];

/** Time comes in at the playhead, or goes: for all that is after it, or for the keys that are selected. */
export function TimeMenu({ piece }: { piece: Piece }) {
  return (
    <Menu
      className="shift-menu"
      label="Insert or take out time at the playhead"
      icon="bi-arrow-bar-down"
      content={(close) => <Time piece={piece} onDone={close} />}
    />
  );
}

function Time({ piece, onDone }: { piece: Piece; onDone: () => void }) {
  const [way, setWay] = useState<Way>('insert');
  const [length, setLength] = useState(15);
  const [scope, setScope] = useState<Scope>('all');
  const [isCut, setCut] = useState(true);
  const [hasPins, setPins] = useState(false);
  const { frame, keys } = usePlay();
  const moves = useDesk((state) => state.computed?.sheet.moves) ?? {};
  const by = way === 'insert' ? length : -length;
  const recording = recordingOf(piece);
  const moment = recording ? momentAt(recording, piece.stage.rate, frame) : 0;
  const isHeard = Boolean(recording?.sound && moment > recording.from && moment < recording.to);
  const isPicked = scope === 'picked' && keys.length > 0;
  const cuts = !isPicked && isHeard && isCut;
  const { shifted, held } = shiftAfter(structuredClone(piece), frame, by);
  const pinned = piece.moves.filter(({ id, pin }) => pin && (moves[id]?.begin ?? -1) >= frame).map(({ id }) => id);

  const work = useOnceRead(() => {
    const milliseconds = (length * 1000 * piece.stage.rate[1]) / piece.stage.rate[0];
    if (isPicked) useDesk.getState().edit((draft) => shiftKeys(draft, heldOf(keys), by));
    else if (cuts)
      void splice((now) =>
        way === 'insert'
          ? withInstead(now, [moment, moment], { from: null, length: milliseconds })
          : without(now, [[moment, moment + milliseconds]]),
      );
    else
      useDesk.getState().edit((draft) => {
        shiftAfter(draft, frame, by);
        if (hasPins) shiftPins(draft, pinned, by);
      });
    onDone();
  });
  return (
    <div className="fields one-column">
      <Choice label="What" bare value={way} options={WAYS} onChange={setWay} />
      <OneField of="Move" name="frames" label="How much" value={length} onChange={setLength} />
      {keys.length > 0 && (
        <Choice
          label="Of"
          value={scope}
          options={[
            ['all', 'All'],
            ['picked', counted(keys.length, 'selected key')],
          ]}
          onChange={setScope}
        />
      )}
      {!isPicked && isHeard && <Switch label="In the recording too" value={isCut} onChange={setCut} />}
      {!isPicked && !cuts && pinned.length > 0 && (
        <Switch label={`Shift ${counted(pinned.length, 'pinned move')} too`} value={hasPins} onChange={setPins} />
      )}
      <p className="hint">
        {isPicked
          ? 'The selected keys begin later or earlier; nothing else moves.'
          : cuts && recording
            ? inRecording(recording, way, moment, length, piece)
            : withoutRecording(frame, shifted, held)}
      </p>
      <Button size="sm" disabled={length === 0 || (!isPicked && !cuts && shifted === 0 && !hasPins)} onClick={work}>
        {way === 'insert' ? 'Insert' : 'Take out'} {counted(length, 'frame')}
      </Button>
    </div>
  );
}

/** What moves, and what stays, where no recording is cut. */
function withoutRecording(frame: number, shifted: number, held: number): string {
  const moves =
    shifted > 0
      ? `${counted(shifted, 'item')} on frame ${frame} or after it move${shifted === 1 ? 's' : ''}.`
      : `Nothing on frame ${frame} or after it can move. Parts in their chart’s order move with the chart.`;
  const stay = `${counted(held, 'item')} pinned to words or set by the recording stay${held === 1 ? 's' : ''}.`;
  return held > 0 ? `${moves} ${stay}` : moves;
}

/** What it does to the recording, before it is done. */
function inRecording(recording: Recording, way: Way, moment: number, length: number, piece: Piece): string {
  const to = moment + (way === 'insert' ? 1 : (length * 1000 * piece.stage.rate[1]) / piece.stage.rate[0]);
  const words = saidIn(recording, moment, to);
  const first = words.slice(0, 4).map((word) => `“${word}”`);
  const named = first.join(', ') + (words.length > first.length ? ` and ${words.length - first.length} more` : '');
  const follow = 'Lines, pins and moves after it follow.';
  if (way === 'insert')
    return words.length > 0
      ? `The playhead is within ${named}: the silence would cut it in two. Go to a pause first.`
      : `Silence comes into the recording here. ${follow}`;
  return words.length > 0
    ? `${named} ${words.length === 1 ? 'goes' : 'go'} out of the recording. ${follow}`
    : `A pause of the recording gets shorter. ${follow}`;
}
