import type { Reel, Studio, Surface } from '../../painter/src';
import { Scene } from '../../web/scene/scene';

/** canvas pixels for one of the stage, at most */
const SHARPEST = 2;

function canvasOf(width: number, height: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, width);
  canvas.height = Math.max(1, height);
  return canvas;
}

/** Pictures of the piece, decoded before anything is painted. */
export async function readPictures(data: Record<string, string>): Promise<Map<string, HTMLImageElement>> {
  const read = new Map<string, HTMLImageElement>();
  for (const [key, address] of Object.entries(data)) {
    const image = new Image();
    image.src = address;
    // One that cannot be read is left out of the picture.
    await image.decode().then(
      () => read.set(key, image),
      () => undefined,
    );
  }
  return read;
}

/** This browser's canvas, for the painter. */
const studioWith = (pictures: Map<string, HTMLImageElement>): Studio => ({
  surface: (width, height) => canvasOf(width, height) as unknown as Surface,
  readable: (width, height) => {
    const canvas = canvasOf(width, height);
    canvas.getContext('2d', { willReadFrequently: true });
    return canvas as unknown as Surface;
  },
  path: (data) => new Path2D(data) as never,
  matrix: (matrix) => matrix,
  picture: (file, blur) => (pictures.get(`${file}/${blur}`) ?? null) as never,
  pixels: (data, width, height) => new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height),
});

/** The picture of one shape of the piece, as large as its room. */
export class Picture {
  private readonly scene: Scene;
  private painted = '';

  constructor(
    readonly reel: Reel,
    pictures: Map<string, HTMLImageElement>,
    private readonly canvas: HTMLCanvasElement,
  ) {
    this.scene = new Scene(reel, studioWith(pictures));
  }

  paint(frame: number): void {
    const { canvas, reel } = this;
    const scale = Math.min(SHARPEST, (canvas.clientWidth * devicePixelRatio) / reel.width);
    const [width, height] = [Math.round(reel.width * scale), Math.round(reel.height * scale)];
    const key = `${frame} ${width}`;
    if (width < 1 || this.painted === key) return;
    this.painted = key;
    if (canvas.width !== width || canvas.height !== height) [canvas.width, canvas.height] = [width, height];
    this.scene.painter.paint(canvas.getContext('2d') as never, frame, width / reel.width);
  }

  /** The figure at a point of the canvas, in CSS pixels. */
  figureAt(frame: number, x: number, y: number): { chart: string; figure: string } | null {
    const scale = this.reel.width / this.canvas.clientWidth;
    return this.scene.figureAt(this.canvas.getContext('2d') as never, frame, x * scale, y * scale);
  }

  outlineOf(chart: string, figure: string, frame: number): { path: string; transform?: string } {
    return this.scene.outlineOf(chart, figure, frame);
  }

  /** The middle of a figure's mark in CSS pixels of the canvas; null where it is not there. */
  middleOf(chart: string, figure: string, frame: number): [number, number] | null {
    const box = this.scene.figureBox(chart, figure, frame);
    const scale = this.canvas.clientWidth / this.reel.width;
    return box && [((box.left + box.right) / 2) * scale, ((box.top + box.bottom) / 2) * scale];
  }
}
