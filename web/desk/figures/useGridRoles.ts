import { useEffect, type RefObject } from 'react';

/**
 * Tells those who hear the sheet that it is a grid. The grid draws only the rows in sight, so rows that come into
 * it are told as they come.
 */
export function useGridRoles(
  wrap: RefObject<HTMLElement | null>,
  label: string,
  rows: number,
  columns: string[],
): void {
  const names = columns.join('|');
  useEffect(() => {
    const element = wrap.current;
    if (!element) return;
    const tell = (): void => {
      const grid = element.querySelector('.dsg-container');
      set(grid, { role: 'grid', 'aria-label': label, 'aria-rowcount': String(rows) });
      set(grid?.firstElementChild, { role: 'rowgroup' });
      for (const row of element.querySelectorAll<HTMLElement>('.dsg-row')) {
        set(row, { role: 'row' });
        row.querySelectorAll('.dsg-cell').forEach((cell, index) => {
          set(cell, { role: 'gridcell', 'aria-label': null, 'data-column': names.split('|')[index] ?? '' });
        });
      }
    };
    tell();
    const watch = new MutationObserver(tell);
    watch.observe(element, { childList: true, subtree: true });
    return () => watch.disconnect();
  }, [wrap, label, rows, names]);
}

function set(element: Element | null | undefined, attributes: Record<string, string | null>): void {
  for (const [name, value] of Object.entries(attributes)) {
    if (value === null) element?.removeAttribute(name);
    else if (element && element.getAttribute(name) !== value) element.setAttribute(name, value);
  }
}
