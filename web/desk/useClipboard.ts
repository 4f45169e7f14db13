import { useEffect } from 'react';
import { ask, reasonOf } from '../api/client';
import { later } from '../common/later';
import { isTyping } from '../common/keys';
import { useNotices } from '../common/Notices';
import type { Piece } from '../../contracts/piece';
import { deskNow } from './deskNow';
import { copied, paste, readPart, type Part } from './parts';
import { useDesk } from './deskStore';
import { usePlay, type Selection } from './playStore';

/** Copies and pastes what is selected on the stage, within a piece and from one to another. */
export function useClipboard(): void {
  useEffect(() => {
    const copy = (event: ClipboardEvent): void => {
      const { document: piece } = useDesk.getState();
      if (!piece || isTyping(event.target) || window.getSelection()?.toString()) return;
      const part = copied(piece, usePlay.getState().selection);
      if (!part) return;
      event.preventDefault();
      event.clipboardData?.setData('text/plain', JSON.stringify(part));
      useNotices.getState().say(saidOf(part));
    };
    const take = (event: ClipboardEvent): void => {
      if (isTyping(event.target)) return;
      const part = readPart(event.clipboardData?.getData('text/plain') ?? '');
      if (!part) return;
      event.preventDefault();
      event.stopPropagation();
      void pastePart(part);
    };
    document.addEventListener('copy', copy);
    document.addEventListener('paste', take, true);
    return () => {
      document.removeEventListener('copy', copy);
      document.removeEventListener('paste', take, true);
    };
  }, []);
}

/** What comes from the clipboard may be anybody's: core reads it before it is in the document. */
async function pastePart(part: Part): Promise<void> {
  const { say } = useNotices.getState();
  const { selection, select } = usePlay.getState();
  const { document: piece, edit } = useDesk.getState();
  if (!piece) return;
  const its = later();
  try {
    const tried = structuredClone(piece);
    const { problem } = pasted(tried, part, selection);
    if (problem) throw new Error(problem);
    await ask('compute', { method: 'POST', body: { document: tried, frame: deskNow().frame, inHurry: true } });
    let made: Selection = null;
    its(() =>
      edit((draft) => {
        made = pasted(draft, part, selection).selection;
      }),
    );
    if (made) select(made);
  } catch (error) {
    say(`This cannot be pasted. ${reasonOf(error)}`, { bad: true });
  }
}

function pasted(piece: Piece, part: Part, selection: Selection): ReturnType<typeof paste> {
  try {
    return paste(piece, part, selection);
  } catch {
    return { selection, problem: 'It looks like something copied here, and lacks what belongs to it.' };
  }
}

function saidOf(part: Part): string {
  switch (part.lupine) {
    case 'things': {
      const count = part.charts.length + part.words.length;
      return count === 1 ? 'Copied. Paste here or in another piece.' : `${count} items copied.`;
    }
    case 'part':
      return 'Look and moves copied. Select another part to paste them.';
    default:
      return 'Copied.';
  }
}

/** Puts something into the clipboard that is no selection: a finish, or how a chart comes and goes. */
export async function copyPart(part: Part): Promise<void> {
  try {
    await navigator.clipboard.writeText(JSON.stringify(part));
    useNotices.getState().say('Copied. Select a chart and press Ctrl V to paste.');
  } catch {
    useNotices.getState().say('The browser blocked access to the clipboard.', { bad: true });
  }
}
