/** The id of a column of figures in the grid. */
export function idOf(index: number, shown: number): string {
  return index === shown ? 'typed' : `v${index}`;
}

/** The index of a column of figures; from the labels a paste goes on to the one that the chart shows. */
export function indexOf(id: string, shown: number): number {
  return /^v\d+$/.test(id) ? Number(id.slice(1)) : shown;
}

const STOPS = 'a[href], button:not([disabled]), input, select, textarea, [tabindex="0"]';

/** From the first and the last cell Tab goes on to what stands before and after the sheet. */
export function leave(sheet: HTMLElement | null, back: boolean): void {
  const side = back ? Node.DOCUMENT_POSITION_PRECEDING : Node.DOCUMENT_POSITION_FOLLOWING;
  const stops = [...document.querySelectorAll<HTMLElement>(STOPS)].filter(
    (stop) =>
      stop.tabIndex >= 0 &&
      stop.getClientRects().length > 0 &&
      sheet !== null &&
      !sheet.contains(stop) &&
      (sheet.compareDocumentPosition(stop) & side) !== 0,
  );
  stops.at(back ? -1 : 0)?.focus();
}
