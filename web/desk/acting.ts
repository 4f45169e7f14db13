import type { Piece } from '../../contracts/piece';

/** Acts that core does to the piece on the desk, one after the other: each begins with what the one before led to. */
let running: Promise<unknown> = Promise.resolve();

export function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const its = running.then(work);
  running = its.catch(() => undefined);
  return its;
}

/** Resolves when no act is under way any more. */
export const allDone = async (): Promise<void> => {
  await running;
};

/** A document becomes another one. */
export function becomes(draft: Piece, other: Piece): void {
  for (const name of Object.keys(draft) as (keyof Piece)[]) if (!(name in other)) delete draft[name];
  Object.assign(draft, other);
}
