import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { ask, reasonOf } from '../../api/client';
import { useNotices } from '../../common/Notices';
import type { Chart } from '../../../contracts/piece';
import { act } from '../act';
import { becomes } from '../acting';
import { useDesk } from '../deskStore';
import { lookNoMore, type Looked } from './versionStore';

interface VersionActs {
  /** Gives a version a name, or takes it away where that is empty. */
  name: (number: number, name: string) => void;
  /** Names the piece as it is now, once it is saved. */
  nameNow: (name: string) => void;
  goBack: (version: Looked, called: string) => void;
  takeChart: (version: Looked, chart: Chart) => void;
  asPiece: (version: Looked, called: string) => void;
}

export function useVersionActs(piece: string): VersionActs {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  const refresh = () => queries.invalidateQueries({ queryKey: ['versions', piece] });
  const done = (work: Promise<void>): void => {
    work.catch((error: unknown) => say(reasonOf(error), { bad: true }));
  };
  const give = async (number: number, name: string): Promise<void> => {
    await ask('PUT pieces/{piece}/versions/{version}', {
      at: { piece, version: String(number) },
      body: { name },
    });
    await refresh();
  };
  return {
    name: (number, name) => done(give(number, name)),
    nameNow: (name) =>
      done(
        (async () => {
          if (!(await useDesk.getState().save())) throw new Error('It cannot be named before it is saved. Try again.');
          const { versions } = await ask('GET pieces/{piece}/versions', { at: { piece } });
          const now = versions.find(({ state }) => state === 'now');
          if (now) await give(now.number, name);
          say(`Kept as “${name}”.`);
        })(),
      ),
    goBack: ({ document }, called) => {
      lookNoMore();
      useDesk.getState().edit((draft) => becomes(draft, structuredClone(document)));
      say(`This is “${called}” again. Undo takes you back to what it was a moment ago.`);
    },
    takeChart: ({ document }, chart) => {
      const table = document.tables.find(({ id }) => id === chart.table);
      if (!table) return;
      const moves = document.moves.filter(({ target }) => 'chart' in target && target.chart === chart.id);
      void act('take-back-chart', { chart, table, moves }, 'This chart cannot be taken back.').then((made) => {
        if (!made) return;
        lookNoMore();
        say('The chart is as it was. All else stays.');
      });
    },
    asPiece: ({ document }, called) =>
      done(
        (async () => {
          const title = `${document.title}, ${called}`.slice(0, 200);
          const { id } = await ask('POST pieces', { body: { document: { ...document, title } } });
          lookNoMore();
          await navigate(`/pieces/${id}`);
        })(),
      ),
  };
}
