import type { Piece } from '../../../contracts/piece';
import { switchLight } from '../../common/light';
import { reasonOf } from '../../api/client';
import { useNotices } from '../../common/Notices';
import { useDesk } from '../deskStore';
import { duplicate } from '../duplicate';
import { usePlay, type Face } from '../playStore';
import { addLineAtPlayhead, loopLineAtPlayhead, takeAll } from '../useDeskKeys';
import { tap } from '../voice/tapping';
import type { Entry } from '../../find/entries';
import { called, seek } from './seek';

interface Said {
  title: string;
  where?: string;
  also?: string;
  key?: string;
  run: () => void;
}

/** What can be done at the desk, each with the key that does it. */
export function actEntries(piece: Piece, chart: string | undefined, to: (path: string) => void): Entry[] {
  const { set } = usePlay.getState();
  const id = useDesk.getState().id;
  const turn = (name: 'safeArea' | 'hasGrid' | 'outlines' | 'isMuted' | 'isSideBySide') => () =>
    usePlay.setState({ [name]: !usePlay.getState()[name] });
  /** A control is pressed, on the face where it stands. */
  const press = (control: string, face?: Face) => () => {
    if (face) set({ face });
    void seek([called(control)], true);
  };
  const walk = (way: 'undo' | 'redo') => () =>
    void useDesk
      .getState()
      [way]()
      .catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }));
  const acts: Said[] = [
    {
      title: 'Play or stop',
      key: 'Space',
      run: () => (usePlay.getState().playing ? usePlay.getState().stop() : usePlay.getState().play()),
    },
    { title: 'Loop the line under the playhead', key: 'O', also: 'repeat', run: loopLineAtPlayhead },
    { title: 'Go to the first frame', key: 'Home', run: () => usePlay.getState().go(0) },
    { title: 'Go to the last frame', key: 'End', run: () => usePlay.getState().go(piece.stage.frames - 1) },
    { title: 'Undo', key: 'Ctrl Z', also: 'back, revert', run: walk('undo') },
    { title: 'Redo', key: 'Ctrl Shift Z', run: walk('redo') },
    {
      title: 'Versions',
      key: 'E',
      also: 'history, go back, earlier, restore, compare',
      run: () => set({ beside: 'versions' }),
    },
    {
      title: 'Name this version',
      where: 'Versions',
      also: 'keep, milestone, save as',
      run: () => {
        set({ beside: 'versions' });
        void seek([called('Name this version')], true);
      },
    },
    { title: 'Kits', key: 'Y', also: 'look, theme, style, house style, template', run: () => set({ beside: 'kits' }) },
    {
      title: 'Keep this look as a kit',
      where: 'Kits',
      also: 'save style',
      run: () => {
        set({ beside: 'kits' });
        void seek([called('Keep this look as a kit')], true);
      },
    },
    {
      title: 'Add line',
      key: 'N',
      where: 'script, at the playhead',
      also: 'narration, phrase',
      run: addLineAtPlayhead,
    },
    {
      title: 'Paste or write the script',
      where: 'script',
      also: 'narration, import text',
      run: () => set({ voiceDialog: 'text' }),
    },
    {
      title: 'Add a recording',
      where: 'script',
      also: 'voice over, audio, sound, wav, mp3, import',
      run: press('File of a recording'),
    },
    {
      title: 'Record with the microphone',
      where: 'script',
      also: 'voice over, take',
      run: () => set({ voiceDialog: 'microphone' }),
    },
    {
      title: 'Add a scratch voice',
      where: 'script',
      also: 'read aloud, speech, guide track',
      run: () => set({ voiceDialog: 'scratch' }),
    },
    {
      title: 'Insert or take out time',
      where: 'at the playhead',
      also: 'add seconds, gap, ripple, shorten',
      run: press('Insert or take out time at the playhead'),
    },
    {
      title: 'Stage size, frame rate and length',
      also: 'fit all into, shorter, longer, resolution, fps, format, duration',
      run: press('stage'),
    },
    { title: 'Add chart', also: 'another, second pie, bar chart', run: () => set({ isAddingChart: true }) },
    { title: 'Duplicate chart', also: 'copy', run: () => chart && void duplicate(chart) },
    { title: 'Add figure', where: 'Figures', also: 'row, slice, segment, bar', run: press('Add figure', 'Figures') },
    {
      title: 'Import a file with figures',
      where: 'Figures',
      also: 'csv, xlsx, spreadsheet, new figures, table, data',
      run: press('Choose a file with figures', 'Figures'),
    },
    { title: 'Add title', where: 'Words', also: 'text, heading, note', run: press('Add title', 'Words') },
    { title: 'Add source line', where: 'Words', also: 'credit, footnote', run: press('Add source line', 'Words') },
    {
      title: 'Tell the colours apart',
      where: 'Finish',
      also: 'colour blind, contrast, accessibility',
      run: () => {
        set({ face: 'Finish', finishOf: 'parts', coat: { kind: 'fills', place: 0 } });
        void seek(['.apart-word'], true);
      },
    },
    { title: 'Select all charts and words', key: 'A', run: takeAll },
    { title: 'Tap a word', key: 'T', where: 'while the recording plays', also: 'sync, beat', run: () => void tap() },
    { title: 'Show or hide safe areas', key: 'G', also: 'title safe, action safe, margins', run: turn('safeArea') },
    { title: 'Show or hide the grid and margins', key: 'R', also: 'guides, columns, snap', run: turn('hasGrid') },
    { title: 'Show outlines only', key: 'H', also: 'wireframe', run: turn('outlines') },
    {
      title: 'Show all shapes side by side',
      key: 'S',
      also: 'upright, square, vertical, portrait',
      run: turn('isSideBySide'),
    },
    { title: 'Mute or unmute the recording', key: 'V', also: 'sound, audio, volume', run: turn('isMuted') },
    {
      title: 'Show or hide motion blur when paused',
      key: 'B',
      run: () => set({ blurred: usePlay.getState().blurred === 'never' ? 'at rest' : 'never' }),
    },
    {
      title: 'Switch between light and dark',
      also: 'theme, dim room, night',
      run: () => {
        switchLight();
      },
    },
    {
      title: 'Proof',
      where: 'its own page',
      also: 'check, measure, exact, legible, issues',
      run: () => to(`/pieces/${id}/proof`),
    },
    {
      title: 'Hand off',
      where: 'its own page',
      also: 'export, render, film, mp4, prores, gif, png, svg, alpha, download',
      run: () => to(`/pieces/${id}/hand-off`),
    },
    { title: 'Shelf', where: 'all pieces', also: 'home, projects, open, new piece', run: () => to('/') },
    { title: 'Keyboard shortcuts', key: '?', also: 'keys, help', run: press('Keyboard shortcuts') },
  ];
  const faces: Said[] = (['Figures', 'Form', 'Finish', 'Words', 'Stage', 'Motion'] as const).map((face, at) => ({
    title: face,
    where: 'face of the bench',
    key: String(at + 1),
    run: () => {
      set({ face });
      void seek(['.bench-face']);
    },
  }));
  return [...acts, ...faces].map(({ title, where = '', also, key, run }) => ({
    id: `act ${title}`,
    group: 'Acts',
    title,
    where,
    also,
    key,
    icon: 'bi-arrow-return-right',
    go: run,
  }));
}
