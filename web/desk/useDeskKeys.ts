import { useLayoutEffect } from 'react';
import { reasonOf } from '../api/client';
import { isOperating, isText, isTyping } from '../common/keys';
import { useNotices } from '../common/Notices';
import { addLine, removeMove } from '../piece/changes';
import { thingsOf } from '../piece/panels';
import { act } from './act';
import { useDesk } from './deskStore';
import { duplicateSelection } from './duplicate';
import { editPlaces } from './placesNow';
import { FACES, usePlay } from './playStore';
import { keysOf, selectionOf } from './stage/selected';
import { endTapping, tap } from './voice/tapping';

export function loopLineAtPlayhead(): void {
  const { frame, loop, set } = usePlay.getState();
  const line = useDesk.getState().document?.script.lines.find(({ begin, end }) => frame >= begin && frame < end);
  set({ loop: loop || !line ? null : { begin: line.begin, end: line.end } });
}

function selectNeighbour(by: number): boolean {
  const { selection, select } = usePlay.getState();
  const { computed, document } = useDesk.getState();
  if (selection === null) {
    // Nothing is selected: down begins with the first figure, up with the last.
    const chart = document?.charts.find(({ hidden }) => !hidden);
    const first = (chart && computed?.sheet.charts[chart.id]?.figures.at(by > 0 ? 0 : -1)) ?? null;
    if (chart && first) select({ kind: 'figure', chart: chart.id, figure: first.id });
    return first !== null;
  }
  if (selection.kind !== 'figure') return false;
  const figures = computed?.sheet.charts[selection.chart]?.figures ?? [];
  const place = figures.findIndex(({ id }) => id === selection.figure);
  const next = figures[place + by];
  if (next) select({ kind: 'figure', chart: selection.chart, figure: next.id });
  return true;
}

export function addLineAtPlayhead(): void {
  let id = '';
  useDesk.getState().edit((piece) => {
    id = addLine(piece, usePlay.getState().frame);
  });
  usePlay.getState().select({ kind: 'line', line: id });
}

function remove(): void {
  const { selection, select } = usePlay.getState();
  const { edit } = useDesk.getState();
  if (selection?.kind === 'line') {
    select(null);
    void act('remove-line', { line: selection.line });
  }
  if (selection?.kind === 'words') {
    select(null);
    void act('remove-things', { charts: [], words: [selection.words] });
  }
  if (selection?.kind === 'panel') {
    select(null);
    void act('remove-things', { charts: [], words: [], panels: [selection.panel] });
  }
  if (selection?.kind === 'shot') {
    edit((piece) => removeMove(piece, selection.shot));
    select(null);
  }
  const { document } = useDesk.getState();
  if (selection?.kind === 'chart' && document && document.charts.length > 1) {
    select(null);
    void act('remove-things', { charts: [selection.chart], words: [] });
  }
}

/** Everything that has a place is taken at once. */
export function takeAll(): void {
  const { document } = useDesk.getState();
  if (!document) return;
  const keys = thingsOf(document).map(({ id }) => id);
  usePlay.getState().select(selectionOf(document, keys));
}

const NUDGES: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** What is selected goes by so many pixels of the stage. */
function nudge([across, down]: [number, number], by: number): void {
  const keys = keysOf(usePlay.getState().selection);
  editPlaces(keys, (now) => ({ x: now.x + across * by, y: now.y + down * by }));
}

const REGIONS = ['.head', '.script', '.transport', '.bench-faces', '.bench-face', '.details'];
const FOCUSABLE = 'a[href], button:not([disabled]), input, select, textarea, [tabindex="0"]';

/** The first control of a region that the keyboard can reach and that is seen: of tabs the one that is open. */
function firstIn(region: HTMLElement): HTMLElement | undefined {
  return [...region.querySelectorAll<HTMLElement>(FOCUSABLE)].find(
    (control) => control.tabIndex >= 0 && control.getClientRects().length > 0,
  );
}

/** To the first control of the next region of the desk, or of the one before. */
function toRegion(by: 1 | -1): void {
  const regions = REGIONS.map((selector) => document.querySelector<HTMLElement>(selector)).filter(
    (region): region is HTMLElement => region !== null && firstIn(region) !== undefined,
  );
  const at = regions.findIndex((region) => region.contains(document.activeElement));
  const next = regions[(at + by + regions.length) % regions.length];
  if (next) firstIn(next)?.focus();
}

/** J and L double their speed with each further press, up to four times. */
function shuttle(direction: 1 | -1): void {
  const { playing, speed, play } = usePlay.getState();
  play(playing && Math.sign(speed) === direction ? direction * Math.min(4, Math.abs(speed) * 2) : direction);
}

/** The keys of the desk, wherever no field has the keyboard. */
export function useDeskKeys(): void {
  // As soon as the page can be seen.
  useLayoutEffect(() => {
    const walk = (which: 'undo' | 'redo') =>
      useDesk
        .getState()
        [which]()
        .catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }));
    const listen = (event: KeyboardEvent): void => {
      const { playing, play, stop, step, go, frames, select, set, safeArea } = usePlay.getState();
      const command = event.ctrlKey || event.metaKey;
      if (command && event.key.toLowerCase() === 'z' && !isText(event.target)) {
        event.preventDefault();
        void walk(event.shiftKey ? 'redo' : 'undo');
        return;
      }
      if (command && event.key in NUDGES && !isTyping(event.target)) {
        event.preventDefault();
        nudge(NUDGES[event.key], event.shiftKey ? 10 : 1);
        return;
      }
      if (command && event.key.toLowerCase() === 'd' && !isTyping(event.target)) {
        event.preventDefault();
        void duplicateSelection();
        return;
      }
      if (event.key === 'F6') {
        event.preventDefault();
        toRegion(event.shiftKey ? -1 : 1);
        return;
      }
      if (event.key === 'Escape' && isText(event.target)) {
        (event.target as HTMLElement).blur();
        return;
      }
      if (isTyping(event.target) || command || event.altKey || document.querySelector('.modal.show')) return;
      const operating = isOperating(event.target);
      const by = event.shiftKey ? 10 : 1;
      const actions: Record<string, () => void> = {
        ArrowLeft: () => step(-by),
        ArrowRight: () => step(by),
        ',': () => step(-by),
        '.': () => step(by),
        // The same keys with Shift, where that makes other signs of them.
        '<': () => step(-10),
        '>': () => step(10),
        Home: () => go(0),
        End: () => go(frames - 1),
        j: () => shuttle(-1),
        k: stop,
        l: () => shuttle(1),
        o: loopLineAtPlayhead,
        g: () => set({ safeArea: !safeArea }),
        a: takeAll,
        h: () => set({ outlines: !usePlay.getState().outlines }),
        r: () => set({ hasGrid: !usePlay.getState().hasGrid }),
        s: () => set({ isSideBySide: !usePlay.getState().isSideBySide, view: null }),
        y: () => set({ beside: usePlay.getState().beside === 'kits' ? null : 'kits' }),
        e: () => set({ beside: usePlay.getState().beside === 'versions' ? null : 'versions' }),
        t: () => void tap(),
        b: () => set({ blurred: usePlay.getState().blurred === 'never' ? 'at rest' : 'never' }),
        v: () => set({ isMuted: !usePlay.getState().isMuted }),
        Escape: () => {
          if (usePlay.getState().pickingWord) {
            usePlay.setState({ pickingWord: null });
            return;
          }
          if (usePlay.getState().isListing) {
            set({ isListing: false });
            return;
          }
          if (usePlay.getState().beside) {
            set({ beside: null });
            return;
          }
          endTapping();
          select(null);
          usePlay.setState({ pointedOut: null, keys: [], curveOf: null });
        },
        Delete: remove,
        Backspace: remove,
        n: addLineAtPlayhead,
      };
      // A control that was only clicked would act on the key as well.
      const take = (): void => {
        event.preventDefault();
        if (!operating && document.activeElement instanceof HTMLElement) document.activeElement.blur();
      };
      if (event.key === ' ' && !operating) {
        take();
        if (playing) stop();
        else play();
        return;
      }
      // What has a place is nudged; otherwise arrows walk through frames and figures.
      if (event.key in NUDGES && !operating && keysOf(usePlay.getState().selection).length > 0) {
        take();
        nudge(NUDGES[event.key], by);
        return;
      }
      if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && !operating) {
        if (selectNeighbour(event.key === 'ArrowUp' ? -1 : 1)) take();
        return;
      }
      if (operating && (event.key.startsWith('Arrow') || event.key === 'Home' || event.key === 'End')) return;
      const face = FACES[Number(event.key) - 1];
      if (face && /^[1-6]$/.test(event.key)) {
        set({ face });
        return;
      }
      const action = actions[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (action) {
        take();
        action();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
