import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Menu } from '../../common/Menu';
import { counted } from '../../common/words';
import { useOnceRead } from '../../fields/reads';
import type { Piece } from '../../../contracts/piece';
import { shiftAfter } from '../../piece/timing';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { OneField } from '../../settings/OneField';

/** All that begins at the playhead or later goes on later, or earlier. */
export function ShiftMenu({ piece }: { piece: Piece }) {
  return (
    <Menu
      className="shift-menu"
      label="Shift everything after the playhead"
      icon="bi-arrow-bar-down"
      content={(close) => <Shift piece={piece} onDone={close} />}
    />
  );
}

function Shift({ piece, onDone }: { piece: Piece; onDone: () => void }) {
  const [by, setBy] = useState(12);
  const frame = usePlay((state) => state.frame);
  const { shifted, held } = shiftAfter(structuredClone(piece), frame, by);
  const shift = useOnceRead(() => {
    useDesk.getState().edit((draft) => shiftAfter(draft, frame, by));
    onDone();
  });
  return (
    <div className="fields one-column">
      <p className="hint">
        {shifted > 0
          ? `${counted(shifted, 'item')} on frame ${frame} or after it can be shifted.`
          : `Nothing can be shifted on frame ${frame} or after it. Parts in their chart’s order move with the chart.`}
        {held > 0 && ` ${counted(held, 'item')} pinned to words or set by the recording stay${held === 1 ? 's' : ''}.`}
      </p>
      <OneField of="Pin" name="offset" label="Shift by" value={by} onChange={setBy} />
      <Button size="sm" disabled={shifted === 0 || by === 0} onClick={shift}>
        {shifted > 0 ? `Shift ${counted(shifted, 'item')}` : 'Shift'}
      </Button>
    </div>
  );
}
