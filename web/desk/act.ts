import { ask, isAway, reasonOf } from '../api/client';
import type { Acted } from '../api/answers';
import { actNow } from '../common/acts';
import { useNotices } from '../common/Notices';
import { reading } from '../fields/reads';
import type { Acts } from '../../contracts/acts';
import type { Piece } from '../../contracts/piece';
import { becomes, inTurn } from './acting';
import { askedPiece, type AskedPiece } from './askedPiece';

const TRY_AGAIN_AFTER = 3000;
const LATER = 'This will be done as soon as it can be.';

/**
 * Has core do an act to the piece on the desk, as one step of undo. What was changed while it was under way is not
 * lost. Where it cannot be done, that is said.
 * @param refused what is said before the reason
 * @returns ids of what was made; null where nothing was done
 */
export async function act<Name extends keyof Acts>(
  name: Name,
  it: Acts[Name],
  refused?: string,
): Promise<string[] | null> {
  try {
    return await actBy((document) => ask('POST acts/{act}', { at: { act: name }, body: { document, with: it } }));
  } catch (error) {
    useNotices.getState().say([refused, reasonOf(error)].filter(Boolean).join(' '), { bad: true });
    return null;
  }
}

/** The same where core is asked in another way, or for a piece that may have been left. It throws what that throws. */
export async function actBy(
  answer: (document: Piece) => Promise<Acted>,
  asked: AskedPiece | null = askedPiece(),
  step = actNow(),
): Promise<string[] | null> {
  if (!asked) return null;
  const done = inTurn(() => changed(asked, answer, step));
  // Until it is done, the desk does not say that all is saved.
  reading(
    done.then(
      () => undefined,
      () => undefined,
    ),
  );
  const made = await done;
  if (asked.isHere()) return made;
  useNotices.getState().say(`Done in “${asked.title}”, which asked for it.`);
  return null;
}

async function changed(
  asked: AskedPiece,
  answer: (document: Piece) => Promise<Acted>,
  step: string,
): Promise<string[]> {
  for (let isTold = false; ;) {
    const before = await asked.read();
    const done = await answer(before).catch((error: unknown) => {
      if (!isAway(error)) throw error;
      if (!isTold) useNotices.getState().say(`${reasonOf(error)} ${LATER}`);
      isTold = true;
    });
    if (!done) {
      await new Promise((resolve) => window.setTimeout(resolve, TRY_AGAIN_AFTER));
      continue;
    }
    const { document, made } = done;
    const now = await asked.read();
    // What came in between is kept: it is done to that as well.
    if (now !== before && JSON.stringify(now) !== JSON.stringify(before)) continue;
    await asked.edit((draft) => becomes(draft, document), step);
    return made;
  }
}
