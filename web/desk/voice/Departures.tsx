import { useState } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';
import type { Departure } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';

/** Where the recording departs from the script, each with what can be done about it. */
export function Departures({ piece }: { piece: Piece }) {
  const departures = useDesk((state) => state.computed?.sheet.departures) ?? [];
  const [open, setOpen] = useState(false);
  if (departures.length === 0) return null;
  return (
    <Dropdown
      drop="up"
      autoClose="outside"
      show={open}
      onToggle={(next, { originalEvent }) => {
        // A line of the list that has been settled is gone: that was no press outside.
        const target = originalEvent?.target;
        if (next || !(target instanceof Node) || target.isConnected) setOpen(next);
      }}
    >
      <Dropdown.Toggle
        as="button"
        type="button"
        className="text-button is-doubtful"
        title="Where the recording says something else than the script"
      >
        {departures.length} not as written
      </Dropdown.Toggle>
      <Dropdown.Menu className="departures" aria-label="Not as written">
        <ul>
          {departures.map((one) => (
            <li key={`${one.kind}:${one.line}:${one.from}:${one.index}`}>
              <DepartureRow piece={piece} departure={one} />
            </li>
          ))}
        </ul>
      </Dropdown.Menu>
    </Dropdown>
  );
}

function DepartureRow({ piece, departure }: { piece: Piece; departure: Departure }) {
  const { kind, line, begin } = departure;
  const rate = piece.stage.rate[0] / piece.stage.rate[1];
  const hear = (): void => {
    usePlay.getState().stop();
    usePlay.getState().go(Math.max(0, Math.round(begin - rate / 2)));
    usePlay.getState().play(1);
  };
  const at = { kind, line, from: departure.from, index: departure.index };
  const take = async (): Promise<void> => {
    const made = await act('take-departure', at);
    usePlay.getState().stop();
    usePlay.getState().go(begin);
    if (made?.[0]) usePlay.getState().select({ kind: 'line', line: made[0] });
  };
  const toLine = (): void => {
    usePlay.getState().go(begin);
    if (line) usePlay.getState().select({ kind: 'line', line });
  };
  return (
    <>
      <button type="button" className="text-button" onClick={hear} title="Play it">
        <i className="bi bi-play-fill" aria-hidden="true" />
        <span className="visually-hidden">Play it</span>
      </button>
      <span>{departure.message}</span>
      <span className="departure-acts">
        {kind === 'figure' ? (
          <button type="button" className="text-button is-link" onClick={toLine}>
            Add to the line
          </button>
        ) : (
          <button type="button" className="text-button is-link" onClick={() => void take()}>
            {kind === 'unsaid' ? 'take it out of the script' : 'take it into the script'}
          </button>
        )}
        <button type="button" className="text-button is-link" onClick={() => void act('leave-departure', at)}>
          Ignore
        </button>
      </span>
    </>
  );
}
