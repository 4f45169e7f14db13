import { useState } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';
import { NumberField } from '../../fields/NumberField';
import { useOnceRead } from '../../fields/reads';
import type { Piece } from '../../piece/document';
import { shiftAfter } from '../../piece/timing';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';

/** All that begins at the playhead or later goes on later, or earlier. */
export function ShiftMenu({ piece }: { piece: Piece }) {
  const [by, setBy] = useState(12);
  const frame = usePlay((state) => state.frame);
  const shift = useOnceRead(() => {
    if (by !== 0) useDesk.getState().edit((draft) => shiftAfter(draft, frame, by));
  });
  return (
    <Dropdown className="shift-menu">
      <Dropdown.Toggle
        as="button"
        type="button"
        className="text-button"
        title="Shift all after the playhead"
        aria-label="Shift all after the playhead"
      >
        <i className="bi bi-arrow-bar-down" aria-hidden="true" />
      </Dropdown.Toggle>
      <Dropdown.Menu className="fields one-column">
        <p className="hint">All that begins on frame {frame} or later; what is pinned stays with its words.</p>
        <NumberField
          label="later by"
          unit="frames"
          stage={piece.stage}
          value={by}
          min={-18000}
          max={18000}
          onChange={setBy}
        />
        <Dropdown.Item as="button" onClick={shift}>
          Shift it
        </Dropdown.Item>
      </Dropdown.Menu>
    </Dropdown>
  );
}
