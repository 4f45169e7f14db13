import { useEffect, useState, type RefObject } from 'react';

/** pixels that a press may wander before it takes the row along */
const LOOSE = 4;

/**
 * Rows are taken at their chip and put elsewhere. While one is held, a line shows where it would stand; Escape lets go.
 * @returns where the line is, in pixels from the top of the grid's room; null while nothing is held
 */
export function useRowDrag(
  room: RefObject<HTMLElement | null>,
  rowHeight: number,
  count: number,
  onPut: (from: number, to: number) => void,
): number | null {
  const [line, setLine] = useState<number | null>(null);
  useEffect(() => {
    const element = room.current;
    if (!element) return;
    let from: number | null = null;
    let began = 0;
    let to: number | null = null;
    const scroller = (): HTMLElement | null => element.querySelector('.dsg-container');
    const down = (event: PointerEvent): void => {
      const chip = (event.target as Element).closest('.dsg-cell-gutter');
      if (!chip || event.button !== 0) return;
      const grid = scroller();
      if (!grid) return;
      // The grid would select the whole row, and drag that selection.
      event.stopPropagation();
      event.preventDefault();
      from = Math.floor((event.clientY - grid.getBoundingClientRect().top + grid.scrollTop) / rowHeight);
      began = event.clientY;
      to = null;
    };
    const move = (event: PointerEvent): void => {
      const grid = scroller();
      if (from === null || !grid || (to === null && Math.abs(event.clientY - began) < LOOSE)) return;
      const top = grid.getBoundingClientRect().top;
      if (event.clientY < top + rowHeight / 2) grid.scrollTop -= rowHeight / 3;
      if (event.clientY > top + grid.clientHeight - rowHeight / 2) grid.scrollTop += rowHeight / 3;
      to = Math.max(0, Math.min(count, Math.round((event.clientY - top + grid.scrollTop) / rowHeight)));
      setLine(to * rowHeight - grid.scrollTop);
    };
    const end = (): void => {
      if (from !== null && to !== null && to !== from && to !== from + 1) onPut(from, to > from ? to - 1 : to);
      from = to = null;
      setLine(null);
    };
    const key = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape' || from === null) return;
      event.stopPropagation();
      from = to = null;
      setLine(null);
    };
    const hold = (event: MouseEvent): void => {
      if ((event.target as Element).closest('.dsg-cell-gutter')) event.stopPropagation();
    };
    element.addEventListener('pointerdown', down, true);
    element.addEventListener('mousedown', hold, true);
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end);
    window.addEventListener('keydown', key, true);
    return () => {
      element.removeEventListener('pointerdown', down, true);
      element.removeEventListener('mousedown', hold, true);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', end);
      window.removeEventListener('keydown', key, true);
    };
  }, [room, rowHeight, count, onPut]);
  return line;
}
