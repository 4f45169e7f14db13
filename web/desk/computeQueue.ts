import { ask, mayPass, reasonOf } from '../api/client';
import type { Computed, Proof } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { deskNow } from './deskNow';
import { shapeOf } from './shapes';

const TRY_AGAIN_AFTER = 3000;
/** without an edit, so that nobody waits for it */
const PROOF_AFTER = 900;
const REST_AFTER = 350;
/** between two computations of what is held in the hand */
const HELD_EVERY = 400;
/** frames before the end of what is computed, on which the next are asked for */
const AHEAD = 60;

/** What is on the desk, and where what is computed of it goes. */
interface Desk {
  now: () => { id: string; document: Piece | null; reel: Computed['reel']; hasProof: boolean; proofOf: Piece | null };
  take: (computed: Computed, id: string, shape: string | null) => void;
  refuse: (reason: string, id: string) => void;
  /** @param document that the proof is of */
  prove: (proof: Proof | null, document: Piece, id: string) => void;
}

/**
 * Asks core for what the desk shows, one computation at a time: edits that come meanwhile are computed together, as
 * they stand then.
 */
export class ComputeQueue {
  private proofTimer = 0;
  private restTimer = 0;
  private againTimer = 0;
  private heldTimer = 0;
  private isComputing = false;
  private isStale = false;
  /** the frame that the playhead went to while others were computed */
  private missed: number | null = null;
  /** takes back what is computed while nobody edits */
  private resting: AbortController | null = null;

  constructor(private readonly desk: Desk) {}

  /**
   * @param inHurry after an edit: of a large piece the frames around the playhead alone. The others follow when the
   *     hand rests, and are given up when it moves again.
   */
  async compute(inHurry = true): Promise<void> {
    window.clearTimeout(this.restTimer);
    if (this.isComputing) {
      if (inHurry) this.resting?.abort();
      this.isStale = true;
      return;
    }
    this.isComputing = true;
    let hurries = inHurry;
    let hurried = inHurry;
    do {
      this.isStale = false;
      hurried = hurries;
      if (!(await this.computeOnce(hurries))) break;
      hurries = true;
    } while (this.isStale);
    this.isComputing = false;
    this.resting = null;
    this.goOn(hurried);
    if (this.missed !== null) this.follow(this.missed);
  }

  /** Returns whether there is something to compute. */
  private async computeOnce(hurries: boolean): Promise<boolean> {
    const { document, id } = this.desk.now();
    if (!document) return false;
    this.resting = hurries ? null : new AbortController();
    const signal = this.resting?.signal;
    try {
      const { frame, shape } = deskNow();
      const body = { document, frame, inHurry: hurries, shape: shapeOf(document, shape) };
      this.desk.take(await ask('POST compute', { body, signal }), id, body.shape);
    } catch (error) {
      if (signal?.aborted) return true;
      this.desk.refuse(reasonOf(error), id);
      if (mayPass(error)) {
        // One that waits is enough, however many edits came meanwhile.
        window.clearTimeout(this.againTimer);
        this.againTimer = window.setTimeout(() => void this.compute(), TRY_AGAIN_AFTER);
      }
    }
    return true;
  }

  /** What the hand holds is painted where it is taken; core computes it now and then on the way, and at the end. */
  computeHeld(): void {
    this.heldTimer ||= window.setTimeout(() => this.letGo(), HELD_EVERY);
  }

  letGo(): void {
    if (!this.heldTimer) return;
    window.clearTimeout(this.heldTimer);
    this.heldTimer = 0;
    void this.compute();
  }

  /** Of a large piece only the frames around the playhead are computed: asks for more where it comes to their end. */
  follow(frame: number): void {
    const { reel } = this.desk.now();
    this.missed = this.isComputing ? frame : null;
    if (!reel || this.isComputing) return;
    const ends = reel.to < reel.frames - 1 && frame > reel.to - AHEAD;
    const begins = reel.from > 0 && frame < reel.from;
    if (ends || begins) void this.compute(false);
  }

  /** What is computed when the hand rests: the frames that are missing, and the proof. */
  goOn(hurried: boolean, proofAfter = PROOF_AFTER): void {
    const { reel } = this.desk.now();
    if (hurried && reel && (reel.from > 0 || reel.to < reel.frames - 1))
      this.restTimer = window.setTimeout(() => void this.compute(false), REST_AFTER);
    window.clearTimeout(this.proofTimer);
    this.proofTimer = window.setTimeout(() => void this.prove(), proofAfter);
  }

  private async prove(): Promise<void> {
    const { document, reel, id, hasProof, proofOf } = this.desk.now();
    if (!document) return;
    if (!reel) {
      this.desk.prove(null, document, id);
      return;
    }
    if (document === proofOf && hasProof) return;
    const shape = shapeOf(document, deskNow().shape);
    const proof = await ask('POST compute/proof', { body: { document, shape } }).catch(() => null);
    this.desk.prove(proof, document, id);
  }
}
