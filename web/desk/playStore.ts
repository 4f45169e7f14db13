import { create } from 'zustand';
import type { coats, eyes } from '../../contracts/settings';
import type { PlaceKey } from '../piece/places';
import type { KeyRef } from '../piece/retime';
import { followDesk } from './deskNow';
import { useDesk } from './deskStore';

export type Face = 'Figures' | 'Form' | 'Finish' | 'Words' | 'Stage' | 'Motion';
export const FACES: Face[] = ['Figures', 'Form', 'Finish', 'Words', 'Stage', 'Motion'];

/** What is selected: the same thing on stage, in the sheet, among the stems and in the script. */
export type Selection =
  | { kind: 'figure'; chart: string; figure: string }
  | { kind: 'line'; line: string }
  | { kind: 'words'; words: string }
  | { kind: 'panel'; panel: string }
  | { kind: 'legend'; chart: string }
  | { kind: 'captions' }
  | { kind: 'chart'; chart: string }
  /** what the camera is led to, by its move */
  | { kind: 'shot'; shot: string }
  /** several at once: charts, words and panels, by their ids */
  | { kind: 'several'; keys: PlaceKey[] }
  | null;

type Settable = Pick<
  PlayState,
  | 'face'
  | 'safeArea'
  | 'zoom'
  | 'loop'
  | 'frames'
  | 'speed'
  | 'chart'
  | 'shape'
  | 'isHeld'
  | 'isSideBySide'
  | 'outlines'
  | 'hasGrid'
  | 'rulers'
  | 'lanes'
  | 'isMuted'
  | 'blurred'
  | 'keys'
  | 'curveOf'
  | 'view'
  | 'finishOf'
  | 'coat'
  | 'beside'
  | 'isAddingChart'
  | 'isListing'
  | 'voiceDialog'
  | 'eyes'
  | 'alike'
>;

export type Blurred = 'at rest' | 'in play' | 'never';
/** A kind of colour vision, or a picture without colours. */
export type Eyes = keyof typeof eyes;
export type Rulers = 'none' | 'pixels' | 'percent' | 'degrees';

interface PlayState {
  frame: number;
  frames: number;
  playing: boolean;
  /** 1 is the piece's own rate; negative plays backwards */
  speed: number;
  loop: { begin: number; end: number } | null;
  selection: Selection;
  /** the row of the sheet whose cell has the keyboard */
  typingIn: string | null;
  /** a cell of the sheet that is to have the keyboard as soon as it is there */
  wantedCell: { row: string; column: 'label' | 'typed' } | null;
  /** a place on the stage that proof has pointed out, on its frame */
  pointedOut: { frame: number; box: [number, number, number, number] } | null;
  /** the piece that all this is about; kept while other pages are looked at */
  piece: string;
  /** has it been taken to a moment at which something can be seen? */
  hasBegun: boolean;
  face: Face;
  safeArea: boolean;
  /** the chart that the bench is about; the first of the piece where there is none of that name */
  chart: string;
  /** the shape of the stage that is worked on; null: the piece's own */
  shape: string | null;
  /** whether a hand holds something on the stage: what is beside the stage follows when there is time */
  isHeld: boolean;
  /** all shapes beside each other */
  isSideBySide: boolean;
  /** hairlines instead of the picture */
  outlines: boolean;
  /** whether margins, columns and rows of the stage are shown, and things come to rest on them */
  hasGrid: boolean;
  /** what rulers around the stage count in, or none */
  rulers: Rulers;
  /** lanes of words, charts and camera beside the stems */
  lanes: boolean;
  /** the recording is not heard at this desk */
  isMuted: boolean;
  /** moves whose keys are picked, to be moved and stretched together */
  keys: KeyRef[];
  /** the move whose curve is shown on its stem */
  curveOf: KeyRef | null;
  /** when what moves is shown blurred at this desk, where the piece has a shutter: it costs time to paint */
  blurred: Blurred;
  /** how near the stage is looked at: 1 shows all of it; and the point of it in the middle of the view */
  view: { zoom: number; x: number; y: number } | null;
  /** whose finish is looked at, as `finish/whose.ts` names it; null: that of what is selected */
  finishOf: string | null;
  /** the coat that is looked at: its list, and its place there */
  coat: { kind: keyof typeof coats; place: number };
  /** through whose eyes the stage is seen */
  eyes: Eyes;
  /** two parts that are pointed out on the stage since they are alike, as those see them to whom they are */
  alike: { chart: string; figures: string[]; eyes: Eyes } | null;
  /** what takes the word of the script that is clicked next */
  pickingWord: { id: string; take: (place: { line: string; word: number }) => void } | null;
  /** what is open over the script */
  beside: 'kits' | 'versions' | null;
  /** whether another chart is being added */
  isAddingChart: boolean;
  /** whether all that is wrong is listed */
  isListing: boolean;
  /** the dialog of the recording that is open */
  voiceDialog: 'recording' | 'scratch' | 'text' | 'microphone' | null;
  /** pixels of the script for one frame */
  zoom: number;
  go: (frame: number) => void;
  step: (by: number) => void;
  play: (speed?: number) => void;
  stop: () => void;
  select: (selection: Selection) => void;
  set: (part: Partial<Settable>) => void;
  /** Goes on where one was with a piece, or begins anew with another. */
  enter: (piece: string) => void;
  /** To a moment at which all is there; once for a piece. */
  begin: (frame: number) => void;
  reset: () => void;
}

const START = {
  frame: 0,
  playing: false,
  speed: 1,
  loop: null,
  selection: null,
  typingIn: null,
  wantedCell: null,
  pointedOut: null,
  piece: '',
  hasBegun: false,
  face: 'Figures' as Face,
  safeArea: false,
  chart: '',
  shape: null,
  isHeld: false,
  isSideBySide: false,
  outlines: false,
  hasGrid: false,
  rulers: 'none' as Rulers,
  lanes: false,
  isMuted: false,
  blurred: 'at rest' as Blurred,
  keys: [] as KeyRef[],
  curveOf: null as KeyRef | null,
  view: null,
  beside: null,
  isAddingChart: false,
  isListing: false,
  voiceDialog: null,
  eyes: 'usual' as Eyes,
  alike: null,
  pickingWord: null,
  finishOf: null,
  coat: { kind: 'fills' as const, place: 0 },
  zoom: 1.4,
};

export const usePlay = create<PlayState>((set, get) => {
  const within = (frame: number): number => Math.max(0, Math.min(get().frames - 1, Math.round(frame)));
  return {
    ...START,
    frames: 1,
    go: (frame) => set({ frame: within(frame) }),
    step: (by) => set({ frame: within(get().frame + by), playing: false }),
    play: (speed = 1) => {
      const { frame, frames, loop } = get();
      const atEnd = speed > 0 ? frame >= frames - 1 : frame <= 0;
      set({
        playing: true,
        speed,
        frame:
          loop && (frame < loop.begin || frame >= loop.end) ? loop.begin : atEnd ? (speed > 0 ? 0 : frames - 1) : frame,
      });
    },
    stop: () => set({ playing: false }),
    select: (selection) =>
      set({ selection, finishOf: null, ...(selection && 'chart' in selection ? { chart: selection.chart } : {}) }),
    set: (part) => set(part),
    enter: (piece) => set(get().piece === piece ? { playing: false, typingIn: null } : { ...START, piece }),
    begin: (frame) => {
      if (!get().hasBegun) set({ hasBegun: true, frame: within(frame) });
    },
    reset: () => set({ ...START }),
  };
});

followDesk(() => {
  const { frame, shape, playing, isHeld, hasBegun } = usePlay.getState();
  return { frame, shape, isPlaying: playing, isHeld, hasBegun };
});
usePlay.subscribe((now, before) => {
  if (now.shape !== before.shape) void useDesk.getState().recompute();
  if (before.isHeld && !now.isHeld) useDesk.getState().letGo();
});
