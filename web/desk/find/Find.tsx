import { useState } from 'react';
import type { Piece } from '../../../contracts/piece';
import { FindDialog } from '../../find/FindDialog';
import { useFind } from '../../find/findStore';
import { useEntries } from './useEntries';

/** Find at the desk: any setting, act, figure, text, line, kit, starter or piece. */
export function Find({ piece }: { piece: Piece }) {
  const isOpen = useFind((state) => state.isOpen);
  return isOpen ? <Open piece={piece} /> : null;
}

function Open({ piece }: { piece: Piece }) {
  const [typed, setTyped] = useState('');
  return (
    <FindDialog
      what="a setting, an act, a figure, a line, a kit or a piece"
      example="“drop shadow”, “ease”, “hole”, a label, a word of the script, the name of a piece"
      typed={typed}
      entries={useEntries(piece, typed)}
      onType={setTyped}
    />
  );
}
