import { PlainSums, type Sums } from '../../painter/src';
import { planarExports } from './planarExports';

/** pixels that the module takes at a time */
const FOUR = 4;
const PAGE = 65_536;
/** what the weights of a picture may come to, so that its sums have room in 16 bits */
const MOST_WEIGHT = 257;

interface Fast {
  memory: WebAssembly.Memory;
  isOpaque(pixels: number, count: number): number;
  add(pixels: number, sums: number, count: number, weight: number): void;
  mean(sums: number, pixels: number, count: number, weight: number): void;
}

/** Means of pictures, four pixels at a time where none is seen through; else as PlainSums makes them. */
export class FastSums implements Sums {
  private readonly fast = planarExports<Fast>();
  private readonly plain = new PlainSums();
  private length = 0;
  private weight = 0;
  private isPlain = false;

  begin(length: number): void {
    this.length = length;
    this.weight = 0;
    this.isPlain = this.fast === null;
    if (!this.fast) {
      this.plain.begin(length);
      return;
    }
    const { memory } = this.fast;
    const more = Math.ceil((this.sums + this.room * 2) / PAGE) - memory.buffer.byteLength / PAGE;
    if (more > 0) memory.grow(more);
    new Uint8Array(memory.buffer, this.sums, this.room * 2).fill(0);
  }

  add(pixels: Uint8ClampedArray, weight: number): void {
    if (this.fast && !this.isPlain) {
      const count = this.length / 4;
      const bytes = new Uint8Array(this.fast.memory.buffer, 0, this.room);
      bytes.set(pixels);
      // What fills up the last four.
      bytes.fill(255, this.length);
      if (this.weight + weight <= MOST_WEIGHT && this.fast.isOpaque(0, count)) {
        this.weight += weight;
        this.fast.add(0, this.sums, count, weight);
        return;
      }
      this.isPlain = true;
      this.plain.begin(this.length, new Uint16Array(this.fast.memory.buffer, this.sums, this.length));
    }
    this.plain.add(pixels, weight);
  }

  mean(): Uint8ClampedArray {
    if (!this.fast || this.isPlain) return this.plain.mean();
    this.fast.mean(this.sums, 0, this.length / 4, this.weight);
    return new Uint8ClampedArray(this.fast.memory.buffer, 0, this.length);
  }

  /** bytes of pixels, in whole fours */
  private get room(): number {
    return Math.ceil(this.length / (4 * FOUR)) * 4 * FOUR;
  }

  /** where the sums begin, in the module's memory */
  private get sums(): number {
    return this.room;
  }
}
