import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Menu } from '../../common/Menu';
import { counted } from '../../common/words';
import { NumberField } from '../../fields/NumberField';
import { useOnceRead } from '../../fields/reads';
import type { Piece } from '../../piece/document';
import { shiftAfter } from '../../piece/timing';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';

/** All that begins at the playhead or later goes on later, or earlier. */
export function ShiftMenu({ piece }: { piece: Piece }) {
  return (
    <Menu
      className="shift-menu"
      label="Shift all after the playhead"
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
          ? `${counted(shifted, 'thing')} on frame ${frame} or after it can be shifted.`
          : `Nothing can be shifted on frame ${frame} or after it. What its chart orders goes with the chart.`}
        {held > 0 &&
          ` ${counted(held, 'thing')} pinned to words or said by the recording stay${held === 1 ? 's' : ''}.`}
      </p>
      <NumberField
        label="later by"
        unit="frames"
        stage={piece.stage}
        value={by}
        min={-18000}
        max={18000}
        usual={12}
        onChange={setBy}
      />
      <Button size="sm" disabled={shifted === 0 || by === 0} onClick={shift}>
        {shifted > 0 ? `Shift ${counted(shifted, 'thing')}` : 'Shift'}
      </Button>
    </div>
  );
}
