import { reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import type { Piece } from '../../contracts/piece';
import { changeElsewhere } from './outbox';

/** What was asked for by a piece that is no longer on the desk is done there, and said. */
export async function elsewhere(
  { id, title }: { id: string; title: string },
  change: (document: Piece) => void,
  act: string,
): Promise<void> {
  const { say } = useNotices.getState();
  try {
    await changeElsewhere(id, change, act);
    say(`Done in “${title}”, which asked for it.`);
  } catch (error) {
    say(`This could not be done in “${title}”, which asked for it: ${reasonOf(error)}`, { bad: true });
  }
}
