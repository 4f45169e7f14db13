/** Makes edits within the work go to the piece that was on the desk when it was asked for. */
export type Its = (work: () => void) => void;

let remember: () => Its = () => (work) => work();

/** The desk says how: it knows which piece it is. */
export function rememberWith(how: () => Its): void {
  remember = how;
}

/**
 * For what is answered later: take it before asking, and make the edits that the answer leads to within it. Where
 * another piece has been opened meanwhile, they are carried out in the one that asked.
 */
export const later = (): Its => remember();
