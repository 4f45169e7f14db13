import { ask } from '../api/client';
import type { Piece } from '../../contracts/piece';
import { useDesk } from './deskStore';
import { changeElsewhere, unsavedOf } from './outbox';

/** The piece that longer work was asked for, whether it is still on the desk or not. */
export interface AskedPiece {
  id: string;
  title: string;
  isHere: () => boolean;
  /** as it is now */
  read: () => Promise<Piece>;
  edit: (change: (document: Piece) => void, act: string) => Promise<void>;
}

/** The piece on the desk; null where there is none. */
export function askedPiece(): AskedPiece | null {
  const { id, document } = useDesk.getState();
  if (!document) return null;
  const isHere = (): boolean => useDesk.getState().id === id && useDesk.getState().document !== null;
  return {
    id,
    title: document.title,
    isHere,
    read: async () => {
      const here = isHere() ? useDesk.getState().document : null;
      return (
        here ??
        unsavedOf(id)?.acts.at(-1)?.document ??
        (await ask('GET pieces/{piece}', { at: { piece: id } })).document
      );
    },
    edit: async (change, act) => {
      if (isHere()) useDesk.getState().edit(change, act);
      else await changeElsewhere(id, change, act);
    },
  };
}
