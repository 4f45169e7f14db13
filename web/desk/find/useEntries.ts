import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { useNavigate } from 'react-router';
import { ask, reasonOf } from '../../api/client';
import { useNotices } from '../../common/Notices';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { ALL_PARTS, takeKit } from '../kits/takeKit';
import { useKits } from '../kits/useKits';
import { usePlay } from '../playStore';
import { useChart } from '../useChart';
import { useForms } from '../useForms';
import { useTimecode } from '../useTimecode';
import { actEntries } from './deskActs';
import type { Entry } from './entries';
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
  const search = useDeferredValue(typed.trim());
  const starters = useQuery({ queryKey: ['starters'], queryFn: () => ask('GET starters'), staleTime: Infinity }).data;
  const pieces = useQuery({
    queryKey: ['pieces-found', search],
    enabled: search.length > 1,
    queryFn: ({ signal }) => ask('GET pieces', { query: { search }, signal }),
  }).data;
  const own = useMemo(
    () => [
      ...actEntries(piece, chart?.id, (path) => void navigate(path)),
      ...settingEntries(piece, chart, forms, Boolean(chart && sheet?.charts[chart.id]?.axes)),
      ...thingEntries(piece, sheet, timecode),
    ],
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is selected has settings of its own
    [piece, chart, forms, sheet, timecode, navigate, selection],
  );
  const others = useMemo(
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
      ...(starters?.starters ?? []).map(({ name, title }): Entry => ({
        id: `starter ${name}`,
        group: 'Starters',
        title,
        where: 'a new piece from this starter',
        also: 'template, example, begin',
        icon: 'bi-plus-square',
        go: () =>
          void ask('POST pieces', { body: { starter: name } })
            .then((made) => navigate(`/pieces/${made.id}`))
            .catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true })),
      })),
      ...(pieces?.pieces ?? [])
        .filter((one) => one.id !== id)
        .map(({ id: other, title, length }): Entry => ({
          id: `piece ${other}`,
          group: 'Pieces',
          title,
          where: `piece, ${length}`,
          icon: 'bi-film',
          go: () => void navigate(`/pieces/${other}`),
        })),
    ],
    [kits, starters, pieces, id, navigate],
  );
  return useMemo(() => [...own, ...others], [own, others]);
}
