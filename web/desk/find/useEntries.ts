import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Piece } from '../../../contracts/piece';
import type { Entry } from '../../find/entries';
import { useShelved } from '../../find/useShelved';
import { useDesk } from '../deskStore';
import { ALL_PARTS, takeKit } from '../kits/takeKit';
import { useKits } from '../kits/useKits';
import { usePlay } from '../playStore';
import { useChart } from '../useChart';
import { useForms } from '../useForms';
import { useTimecode } from '../useTimecode';
import { actEntries } from './deskActs';
import { seek } from './seek';
import { settingEntries } from './spots';
import { thingEntries } from './things';

/** Everything that can be found from the desk; pieces by what is typed. */
export function useEntries(piece: Piece, typed: string): Entry[] {
  const chart = useChart(piece);
  const forms = useForms(piece, chart);
  const kits = useKits();
  const sheet = useDesk((state) => state.computed?.sheet);
  const id = useDesk((state) => state.id);
  const selection = usePlay((state) => state.selection);
  const timecode = useTimecode(sheet);
  const navigate = useNavigate();
  const shelved = useShelved(typed, id);
  const own = useMemo(
    () => [
      ...actEntries(piece, chart?.id, (path) => void navigate(path)),
      ...settingEntries(piece, chart, forms, Boolean(chart && sheet?.charts[chart.id]?.axes)),
      ...thingEntries(piece, sheet, timecode),
    ],
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is selected has settings of its own
    [piece, chart, forms, sheet, timecode, navigate, selection],
  );
  const looks = useMemo(
    () => [
      ...(kits?.kits ?? []).map((kit): Entry => ({
        id: `kit ${kit.id}`,
        group: 'Kits',
        title: kit.name,
        where: kit.about || 'kit',
        also: 'look, style, theme',
        icon: 'bi-palette2',
        go: () => {
          usePlay.getState().set({ beside: 'kits' });
          void seek([`.kit-card input[aria-label^="${CSS.escape(kit.name)}"]`], true);
        },
        here: { does: 'takes it', do: () => void takeKit(kit, ALL_PARTS) },
      })),
    ],
    [kits],
  );
  return useMemo(() => [...own, ...looks, ...shelved], [own, looks, shelved]);
}
