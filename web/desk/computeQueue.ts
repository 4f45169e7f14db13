import { ask, askParts, Garbled, mayPass, reasonOf } from '../api/client';
import type { Computed, LivePart, Proof } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { screenDrawn } from '../common/screenDrawn';
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
  takePart: (part: LivePart, id: string, shape: string | null) => void;
  refuse: (reason: string, id: string) => void;
  /** @param document that the proof is of */
  prove: (proof: Proof | null, document: Piece, id: string) => void;
}

/**
 * How much is computed: the playhead's frame, while something is held; then what the desk shows beside it and the
 * frames around; then, while nobody edits, as many as can be had.
 */
type Reach = 'seen' | 'around' | 'rest';

/**
 * Asks core for what the desk shows, one computation at a time. Edits that come meanwhile are computed together, as
 * they stand then: as soon as the frame of the playhead is there, the rest of what is older is let go.
 */
export class ComputeQueue {
  private proofTimer = 0;
  private restTimer = 0;
  private againTimer = 0;
  private heldTimer = 0;
  private isComputing = false;
  private proving: AbortController | null = null;
  /** what has to be computed after what is under way */
  private next: Reach | null = null;
  /** Of what was held in the hand the seen frame alone is known. */
  private isPartial = false;
  /** the frame that the playhead went to while others were computed */
  private missed: number | null = null;
  /** takes back what is under way; null while the first frame of an edit is, which is always shown */
  private underWay: AbortController | null = null;

  constructor(private readonly desk: Desk) {}

  async compute(reach: Reach = 'around'): Promise<void> {
    window.clearTimeout(this.restTimer);
    if (reach !== 'rest') this.leaveProof();
    if (this.isComputing) {
      if (reach !== 'rest') this.underWay?.abort();
      this.next = reach === 'seen' ? 'seen' : 'around';
      return;
    }
    this.isComputing = true;
    let last: Reach = reach;
    for (let now: Reach | null = reach; now; now = this.next) {
      this.next = null;
      last = now;
      if (!(await this.computeOnce(now))) break;
    }
    this.isComputing = false;
    this.isPartial = last === 'seen';
    this.goOn(last !== 'rest');
    if (this.missed !== null) this.follow(this.missed);
  }

  /** Returns whether there is something to compute. */
  private async computeOnce(reach: Reach): Promise<boolean> {
    const { document, id } = this.desk.now();
    if (!document) return false;
    const taking = new AbortController();
    this.underWay = reach === 'rest' ? taking : null;
    const { signal } = taking;
    try {
      const { frame, shape } = deskNow();
      const body = { document, frame, shape: shapeOf(document, shape) };
      if (reach === 'rest') this.desk.take(await ask('POST compute', { body, signal }), id, body.shape);
      else {
        let isWhole = false;
        let hasSheet = false;
        await askParts('POST compute/live', { body: { ...body, isHeld: reach === 'seen' }, signal }, (part) => {
          hasSheet ||= part.sheet !== null;
          const isImpossible = part.problems?.some(({ severity }) => severity === 'error') ?? false;
          isWhole = reach === 'seen' || (hasSheet && (part.reel !== null || isImpossible));
          this.desk.takePart(part, id, body.shape);
          this.underWay = taking;
          if (this.next) taking.abort();
          // What is painted is on the screen before anything else is done.
          return part.places ? screenDrawn() : undefined;
        });
        if (!signal.aborted && !isWhole) throw new Garbled();
      }
    } catch (error) {
      if (signal.aborted) return true;
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
    this.heldTimer ||= window.setTimeout(() => {
      this.heldTimer = 0;
      void this.compute('seen');
    }, HELD_EVERY);
  }

  letGo(): void {
    const isDue = this.heldTimer !== 0 || this.isPartial || this.next === 'seen' || this.isComputing;
    window.clearTimeout(this.heldTimer);
    this.heldTimer = 0;
    if (isDue) void this.compute();
  }

  /** Of a large piece only the frames around the playhead are computed: asks for more where it comes to their end. */
  follow(frame: number): void {
    const { reel } = this.desk.now();
    this.missed = this.isComputing ? frame : null;
    if (!reel || this.isComputing) return;
    const ends = reel.to < reel.frames - 1 && frame > reel.to - AHEAD;
    const begins = reel.from > 0 && frame < reel.from;
    if (ends || begins) void this.compute('rest');
  }

  /** What is computed when the hand rests: the frames that are missing, and the proof. */
  goOn(hurried: boolean, proofAfter = PROOF_AFTER): void {
    const { reel } = this.desk.now();
    if (hurried && reel && (reel.from > 0 || reel.to < reel.frames - 1))
      this.restTimer = window.setTimeout(() => void this.compute('rest'), REST_AFTER);
    window.clearTimeout(this.proofTimer);
    this.proofTimer = window.setTimeout(() => void this.prove(), proofAfter);
  }

  /** What was changed since has another proof. */
  private leaveProof(): void {
    window.clearTimeout(this.proofTimer);
    this.proving?.abort();
  }

  private async prove(): Promise<void> {
    const { document, reel, id, hasProof, proofOf } = this.desk.now();
    if (!document) return;
    this.leaveProof();
    if (!reel) {
      this.desk.prove(null, document, id);
      return;
    }
    if (document === proofOf && hasProof) return;
    const shape = shapeOf(document, deskNow().shape);
    const proving = new AbortController();
    this.proving = proving;
    const proof = await ask('POST compute/proof', { body: { document, shape }, signal: proving.signal }).catch(
      () => null,
    );
    if (!proving.signal.aborted) this.desk.prove(proof, document, id);
  }
}
