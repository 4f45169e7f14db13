/** A reference in a formula, or a range of them: `[.B2]`, `[.B2:.B9]`; brackets and points may be left out. */
const REFERENCE = /\[?\.?\$?[A-Z]{1,3}\$?\d{1,5}(?::\.?\$?[A-Z]{1,3}\$?\d{1,5})?\]?/giu;
const PART = /(\$?)([A-Z]{1,3})(\$?)(\d{1,5})/giu;

/** What a reference to a cell that is gone becomes. Source: OpenFormula (ODF 1.2, part 2), 5.12, errors. */
const GONE = '#REF!';

/** A is 0. */
function numberOf(letters: string): number {
  let number = 0;
  for (const letter of letters.toUpperCase()) number = number * 26 + letter.charCodeAt(0) - 64;
  return number - 1;
}

/** The letters of a column of the sheet: 0 is A, where the labels are. */
export function letterOf(column: number): string {
  let letters = '';
  for (let number = column + 1; number > 0; number = Math.floor((number - 1) / 26))
    letters = String.fromCharCode(65 + ((number - 1) % 26)) + letters;
  return letters;
}

/** A formula as it is written so many rows and columns further on: what has a `$` before it stays. */
export function furtherOn(text: string, rows: number, columns: number): string {
  if (!text.trimStart().startsWith('=')) return text;
  return text.replace(REFERENCE, (found) => {
    let isGone = false;
    const moved = found.replace(PART, (_, first: string, letters: string, second: string, number: string) => {
      const column = numberOf(letters) + (first ? 0 : columns);
      const row = Number(number) + (second ? 0 : rows);
      isGone ||= column < 0 || row < 1;
      return isGone ? '' : `${first}${letterOf(column)}${second}${row}`;
    });
    return isGone ? GONE : moved;
  });
}
