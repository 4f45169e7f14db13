import { useLayoutEffect } from 'react';
import { isTyping } from '../common/keys';
import { useNotices } from '../common/Notices';
import { counted } from '../common/words';
import type { Move } from '../../contracts/piece';
import type { KeyRef } from '../piece/retime';
import { act } from './act';
import { copied, readPart, type Part } from './parts';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';
import { selectionOf } from './stage/selected';

/** Copies and pastes what is selected on the stage, within a piece and from one to another. */
export function useClipboard(): void {
  // As soon as the page can be seen.
  useLayoutEffect(() => {
    const copy = (event: ClipboardEvent): void => {
      const { document: piece } = useDesk.getState();
      if (!piece || isTyping(event.target) || window.getSelection()?.toString()) return;
      const part = copied(piece, usePlay.getState().selection, usePlay.getState().keys);
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
  const { selection, select } = usePlay.getState();
  const onto = {
    chart: selection && 'chart' in selection ? selection.chart : null,
    figure: selection?.kind === 'figure' ? selection.figure : null,
    ...(selection?.kind === 'words' ? { text: selection.words } : {}),
    ...(selection?.kind === 'panel' ? { panel: selection.panel } : {}),
    ...(part.lupine === 'moves' || part.lupine === 'lines' ? { begin: usePlay.getState().frame } : {}),
  };
  const made = await act('paste', { ...part, ...onto }, 'This cannot be pasted.');
  const now = useDesk.getState().document;
  if (!made || made.length === 0 || !now) return;
  if (part.lupine === 'lines') {
    const line = now.script.lines.find(({ id }) => id === made[0]);
    select({ kind: 'line', line: made[0] });
    if (line) usePlay.getState().go(line.begin);
  } else if (part.lupine !== 'moves') select(selectionOf(now, made));
  else if (part.moves.some(({ kind }) => kind === 'shot')) select({ kind: 'shot', shot: made[0] });
  else usePlay.getState().set({ keys: now.moves.filter(({ id }) => made.includes(id)).map(refOf) });
}

function refOf({ id, kind, target }: Move): KeyRef {
  return {
    id,
    kind,
    ...('chart' in target ? { chart: target.chart } : {}),
    ...('figure' in target ? { figure: target.figure } : {}),
    ...('part' in target ? { part: target.part } : {}),
  };
}

function saidOf(part: Part): string {
  switch (part.lupine) {
    case 'things': {
      const count = part.charts.length + part.words.length + (part.panels?.length ?? 0);
      return count === 1 ? 'Copied. Paste here or in another piece.' : `${count} items copied.`;
    }
    case 'moves': {
      const what = part.moves.every(({ kind }) => kind === 'shot') ? 'shot' : 'move';
      const many = part.moves.length;
      return `${counted(many, what)} copied. Paste ${many === 1 ? 'it' : 'them'} at the playhead, here or elsewhere.`;
    }
    case 'lines':
      return 'Line copied. Paste it at the playhead, here or in another piece.';
    case 'part':
      return 'Look and moves copied. Select another part to paste them.';
    case 'coats':
      return 'Copied. Select a chart, a part, words or a panel and press Ctrl V to paste.';
    default:
      return 'Copied. Select a chart and press Ctrl V to paste.';
  }
}

/** Puts something into the clipboard that is no selection: a finish, how a chart comes and goes, or picked moves. */
export async function copyPart(part: Part): Promise<void> {
  try {
    await navigator.clipboard.writeText(JSON.stringify(part));
    useNotices.getState().say(saidOf(part));
  } catch {
    useNotices.getState().say('The browser blocked access to the clipboard.', { bad: true });
  }
}
