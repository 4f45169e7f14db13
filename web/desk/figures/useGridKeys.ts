import { useEffect, useRef } from 'react';

interface Active {
  row: number;
  column: string;
}

interface Doings {
  /** @param column of the grid */
  onPaste: (text: string, row: number, column: string) => void;
  onShift: (row: number, by: number) => void;
  /** Goes on to the next cell, or back; where there is none, out of the sheet. */
  onTab: (row: number, column: string, back: boolean) => void;
}

/**
 * What the sheet does beside what a grid does: rows of a table are understood when pasted, Alt and an arrow moves a
 * row, Tab goes to the cells that can be typed into.
 */
export function useGridKeys(active: Active | null, doings: Doings): void {
  const latest = useRef({ active, doings });
  latest.current = { active, doings };
  useEffect(() => {
    const isEditing = (): boolean => document.activeElement?.classList.contains('cell-input') === true;
    const paste = (event: ClipboardEvent): void => {
      const { active: cell, doings: does } = latest.current;
      const text = event.clipboardData?.getData('text/plain') ?? '';
      // Lines without a number beside them are labels, which the grid puts into their cells by itself.
      const isTable = cell?.column === 'label' ? /\t/ : /[\t\n]/;
      if (!cell || isEditing() || !isTable.test(text.trim())) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      does.onPaste(text, cell.row, cell.column);
    };
    const key = (event: KeyboardEvent): void => {
      const { active: cell, doings: does } = latest.current;
      if (!cell) return;
      if (event.key === 'Tab') {
        event.preventDefault();
        event.stopImmediatePropagation();
        does.onTab(cell.row, cell.column, event.shiftKey);
        return;
      }
      if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      does.onShift(cell.row, event.key === 'ArrowUp' ? -1 : 1);
    };
    document.addEventListener('paste', paste, true);
    document.addEventListener('keydown', key, true);
    return () => {
      document.removeEventListener('paste', paste, true);
      document.removeEventListener('keydown', key, true);
    };
  }, []);
}
