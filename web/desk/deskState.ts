import type { Computed, Proof, StoredPiece } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import type * as outbox from './outbox';

type Saved = 'saved' | outbox.Unsaved['state'];

export interface DeskState {
  id: string;
  document: Piece | null;
  /** the same, as far as what stands beside the stage follows: after its picture, or soon where none comes */
  followed: Piece | null;
  version: number;
  canUndo: boolean;
  canRedo: boolean;
  saved: Saved;
  /** why what was typed is not saved yet */
  unsaved: string | null;
  computed: Computed | null;
  /** the newest reel that could be drawn, and its stems; kept while figures are impossible */
  reel: Computed['reel'];
  stems: Computed['sheet']['charts'];
  /** where everything stands in that reel, and in which shape of the stage */
  shown: { shape: string | null; places: Computed['sheet']['places'] };
  proof: Proof | null;
  /** the document that the proof is of, or that none could be made of; of another one it says nothing */
  proofOf: Piece | null;
  /** the document cannot be computed at all */
  refused: string | null;
  missing: string | null;
  theirs: StoredPiece | null;
  /** Of a large piece only the frames around the playhead are computed: asks for more where it comes to their end. */
  follow: (frame: number) => void;
  /** Computes it again as it stands, for another shape of the stage. */
  recompute: () => Promise<void>;
  open: (id: string) => Promise<void>;
  close: () => void;
  /** @param act that it belongs to; the hand's own where it is not given */
  edit: (change: (document: Piece) => void, act?: string) => void;
  /** The hand lets go of what it held on the stage: it is computed as it stands. */
  letGo: () => void;
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  save: () => Promise<boolean>;
  takeTheirs: () => void;
  keepMine: () => Promise<void>;
}

/** A desk with no piece on it. */
export const NOTHING = {
  document: null,
  followed: null,
  saved: 'saved',
  unsaved: null,
  computed: null,
  reel: null,
  stems: {},
  shown: { shape: null, places: {} },
  proof: null,
  proofOf: null,
  refused: null,
  missing: null,
  theirs: null,
} satisfies Partial<DeskState>;
