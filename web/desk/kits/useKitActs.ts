import { useQueryClient } from '@tanstack/react-query';
import { ask, reasonOf, sendFile } from '../../api/client';
import type { KitEntry, Kits } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import type { Piece } from '../../../contracts/piece';
import { ALL_PARTS, takeKit } from './takeKit';
import { KITS } from './useKits';

type KitAct = [text: string, run: () => void];

interface KitActs {
  /** what can be done with a kit besides taking it */
  actsOf: (kit: KitEntry) => KitAct[];
  /** Keeps the look of the piece as a kit. */
  keep: (name: string) => void;
  /** Brings in a kit out of its file. */
  bring: (file: File) => void;
}

export function useKitActs(piece: Piece, kits: Kits | undefined, choose: (id: string) => void): KitActs {
  const client = useQueryClient();
  const say = useNotices((state) => state.say);
  const refresh = (): Promise<void> => client.invalidateQueries({ queryKey: KITS });
  /** Does it, or says why it cannot be done. */
  const done = (work: Promise<unknown>): void => {
    work.catch((error: unknown) => say(reasonOf(error), { bad: true }));
  };
  const begin = async (kit: KitEntry): Promise<void> => {
    await ask('PUT kits/default', { body: { kit: kits?.default === kit.id ? null : kit.id } });
    await refresh();
  };
  const change = async (kit: KitEntry): Promise<void> => {
    const changed = await ask('POST kits', { body: { document: piece, name: kit.name, kit: kit.id } });
    await refresh();
    await takeKit(changed, ALL_PARTS);
    say(`“${kit.name}” has this look now. Other pieces in it are offered the change.`);
  };
  const bringBack = async (kit: KitEntry): Promise<void> => {
    await ask('POST kits/kept', { body: { kit: kit.document } });
    await refresh();
  };
  const remove = async (kit: KitEntry): Promise<void> => {
    await ask('DELETE kits/{kit}', { at: { kit: kit.id } });
    await refresh();
    say(`“${kit.name}” is removed. Pieces keep their look.`, {
      action: { text: 'Bring it back', run: () => done(bringBack(kit)) },
    });
  };
  const keep = async (name: string): Promise<void> => {
    const kit = await ask('POST kits', { body: { document: piece, name } });
    await refresh();
    choose(kit.id);
    await takeKit(kit, ALL_PARTS);
    say(`Kept as “${kit.name}”.`);
  };
  const bring = async (file: File): Promise<void> => {
    const kit = await sendFile('POST kits/file', file);
    await refresh();
    choose(kit.id);
    say(`“${kit.name}” is among the kits.`);
  };
  return {
    actsOf: (kit) => [
      [kits?.default === kit.id ? 'Begin new pieces without it' : 'Begin new pieces in it', () => done(begin(kit))],
      ['Export as a file', () => window.location.assign(`/api/kits/${kit.id}/file`)],
      ...(kit.isShipped
        ? []
        : ([
            ['Change it to this look', () => done(change(kit))],
            ['Remove it', () => done(remove(kit))],
          ] satisfies KitAct[])),
    ],
    keep: (name) => done(keep(name)),
    bring: (file) => done(bring(file)),
  };
}
