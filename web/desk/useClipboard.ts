import { useEffect } from 'react';
import { isTyping } from '../common/keys';
import { useNotices } from '../common/Notices';
import { copied, paste, readPart, type Part } from './parts';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';

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
      pastePart(part);
    };
    document.addEventListener('copy', copy);
    document.addEventListener('paste', take, true);
    return () => {
      document.removeEventListener('copy', copy);
      document.removeEventListener('paste', take, true);
    };
  }, []);
}

function pastePart(part: Part): void {
  const { selection, select } = usePlay.getState();
  let answer: ReturnType<typeof paste> | null = null;
  const { document: piece, edit } = useDesk.getState();
  if (!piece) return;
  const problem = paste(structuredClone(piece), part, selection).problem;
  if (problem) {
    useNotices.getState().say(problem, { bad: true });
    return;
  }
  edit((draft) => {
    answer = paste(draft, part, selection);
  });
  const made = answer as ReturnType<typeof paste> | null;
  if (made) select(made.selection);
}

function saidOf(part: Part): string {
  switch (part.lupine) {
    case 'things': {
      const count = part.charts.length + part.words.length;
      return count === 1 ? 'Copied, to be pasted here or in another piece.' : `${count} things copied.`;
    }
    case 'part':
      return 'Looks and moves of this part copied, to be pasted onto another.';
    default:
      return 'Copied.';
  }
}

/** Puts something into the clipboard that is no selection: a finish, or how a chart comes and goes. */
export async function copyPart(part: Part): Promise<void> {
  try {
    await navigator.clipboard.writeText(JSON.stringify(part));
    useNotices.getState().say('Copied. Ctrl V pastes it onto the chart that is selected.');
  } catch {
    useNotices.getState().say('This browser did not let Lupine use the clipboard.', { bad: true });
  }
}
