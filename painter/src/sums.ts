/** Adds pictures up, each with a weight. */
export interface Sums {
  /** @param length bytes of each picture, RGBA */
  begin(length: number): void;
  /** @param pixels RGBA, colours not multiplied by their opacity */
  add(pixels: Uint8ClampedArray, weight: number): void;
  /** The mean of all that were added; of use until the next begins. */
  mean(): Uint8ClampedArray;
}

/** Colours count as much as they cover. */
export class PlainSums implements Sums {
  private sums = new Uint32Array(0);
  private weight = 0;

  /** @param before sums of pictures that nothing is seen through, weighted, where some were added elsewhere */
  begin(length: number, before?: Uint16Array): void {
    this.sums = new Uint32Array(length);
    this.weight = 0;
    if (!before) return;
    for (let at = 0; at < length; at += 4) {
      for (let of = 0; of < 3; of++) this.sums[at + of] = before[at + of] * 255;
      this.sums[at + 3] = before[at + 3];
    }
    this.weight = before[3] / 255;
  }

  add(pixels: Uint8ClampedArray, weight: number): void {
    const { sums } = this;
    this.weight += weight;
    for (let at = 0; at < pixels.length; at += 4) {
      const alpha = pixels[at + 3] * weight;
      sums[at] += pixels[at] * alpha;
      sums[at + 1] += pixels[at + 1] * alpha;
      sums[at + 2] += pixels[at + 2] * alpha;
      sums[at + 3] += alpha;
    }
  }

  mean(): Uint8ClampedArray {
    const { sums, weight } = this;
    const into = new Uint8ClampedArray(sums.length);
    for (let at = 0; at < sums.length; at += 4) {
      const alpha = sums[at + 3];
      // The array rounds, and takes what is not a number, colours of nothing, as 0.
      into[at] = sums[at] / alpha;
      into[at + 1] = sums[at + 1] / alpha;
      into[at + 2] = sums[at + 2] / alpha;
      into[at + 3] = alpha / weight;
    }
    return into;
  }
}
