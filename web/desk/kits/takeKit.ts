import type { KitEntry } from '../../api/answers';
import { act } from '../act';
import { PARTS, type KitPart } from './useKits';

export const ALL_PARTS: KitPart[] = PARTS.map(([part]) => part);

/** Takes a kit, as one step of undo. */
export async function takeKit(kit: KitEntry, parts: KitPart[], lettingGo = false): Promise<boolean> {
  const { id, name, revision, document } = kit;
  return (await act('take-kit', { kit: document, mark: { id, name, parts, revision }, lettingGo })) !== null;
}
