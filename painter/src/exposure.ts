import { Boxes, meet, type Box } from './bounds';
import { LARGEST_LAYER } from './layers';
import type { Painter } from './painter';
import type { Plan } from './shutter';
import { PlainSums, type Sums } from './sums';
import { contextOf, type Context, type Studio, type Surface } from './surface';

/** canvases are made in steps of this, so that one fits many parts */
const STEP = 128;

/** canvases that are kept at a time */
const MOST_SURFACES = 9;

/** pixels beyond a part at which it is cut */
const CUT = 32;

/** What the moments of a part are painted on. */
type Use = 'moment' | 'below' | 'above';

/**
 * Paints frames as a shutter sees them that is open for a while: what moves is the mean of the picture at as many of
 * the moments that the reel holds of a frame as its way needs. What does not differ between them, and what is so soft
 * that nobody would see it, is painted once, as it is in the middle.
 */
export class Exposure {
  private readonly surfaces = new Map<string, Surface>();

  /**
   * @param sums by which means are made
   * @param takesAll whether all moments are taken, wherever something differs; what others are compared with
   */
  constructor(
    private readonly painter: Painter,
    private readonly studio: Studio,
    private readonly sums: Sums = new PlainSums(),
    private readonly takesAll = false,
  ) {}

  paint(context: Context, frame: number, scale: number, part?: Box): void {
    const { reel } = this.painter;
    this.painter.paint(context, this.painter.planOf(frame).middle, scale, part);
    const all = part ?? {
      left: 0,
      top: 0,
      right: Math.round(reel.width * scale),
      bottom: Math.round(reel.height * scale),
    };
    for (const smear of this.smearsOf(frame)) {
      const box = {
        // On even pixels, as films have them: what is cut otherwise is rounded otherwise.
        left: Math.max(all.left, Math.floor((smear.left * scale) / 2) * 2),
        top: Math.max(all.top, Math.floor((smear.top * scale) / 2) * 2),
        right: Math.min(all.right, Math.ceil((smear.right * scale) / 2) * 2),
        bottom: Math.min(all.bottom, Math.ceil((smear.bottom * scale) / 2) * 2),
      };
      if (box.right <= box.left || box.bottom <= box.top) continue;
      const mean = new Uint8ClampedArray(this.mean(frame, scale, box));
      const pixels = this.studio.pixels(mean, box.right - box.left, box.bottom - box.top);
      context.putImageData(pixels, box.left - all.left, box.top - all.top);
    }
  }

  /** Where a frame's moments differ so that it is seen, in pixels of the stage. */
  smearsOf(frame: number): Box[] {
    const plan = this.painter.planOf(frame);
    const { moments, moving } = plan;
    const boxes = new Boxes();
    if (this.takesAll || this.isRestless(plan)) {
      for (let at = 1; at < moments.length; at++) {
        for (const box of this.painter.changesBetween(moments[at - 1], moments[at])) boxes.add(box);
      }
    } else for (const { box } of moving) boxes.add(box);
    return boxes.list;
  }

  private isRestless({ moments }: Plan): boolean {
    return moments.some((moment) => this.painter.stillness.isRestless(moment));
  }

  /**
   * The mean of a part of the picture over the moments of a frame; of use until the next.
   *
   * @param part in whole pixels of the canvas
   */
  mean(frame: number, scale: number, part: Box): Uint8ClampedArray {
    const { reel } = this.painter;
    const plan = this.painter.planOf(frame);
    const [width, height] = [Math.round(reel.width * scale), Math.round(reel.height * scale)];
    // Of a picture much larger than what is seen of it, each part by itself.
    const isInPlace = width * height <= LARGEST_LAYER;
    const isPlanned = isInPlace && !this.takesAll && !this.isRestless(plan);
    const onStage = {
      left: part.left / scale,
      top: part.top / scale,
      right: part.right / scale,
      bottom: part.bottom / scale,
    };
    const every = isPlanned ? strideOf(plan, onStage) : 1;
    const last = plan.moments.length - 1;
    this.sums.begin((part.right - part.left) * (part.bottom - part.top) * 4);
    const add = (context: Context, at: number, [left, top]: [number, number]): void => {
      // The trapezoid over every so many moments; over all of them, their mean.
      const weight = at === 0 || at === last ? every + 1 : 2 * every;
      const { data } = context.getImageData(left, top, part.right - part.left, part.bottom - part.top);
      this.sums.add(data, every === 1 ? 1 : weight);
    };
    if (isPlanned) this.planned(plan, onStage, scale, part, every, add);
    else {
      const context = isInPlace
        ? this.context('moment', width, height)
        : this.context('moment', part.right - part.left, part.bottom - part.top);
      plan.moments.forEach((moment, at) => {
        if (isInPlace) this.painter.repaint(context, moment, scale, [part]);
        else this.painter.paint(context, moment, scale, part);
        add(context, at, isInPlace ? [part.left, part.top] : [0, 0]);
      });
    }
    return this.sums.mean();
  }

  /** What stands below all that moves is painted once, and so is what stands above, where it can be. */
  private planned(
    plan: Plan,
    onStage: Box,
    scale: number,
    part: Box,
    every: number,
    add: (context: Context, at: number, corner: [number, number]) => void,
  ): void {
    const { painter } = this;
    const { width, height } = painter.reel;
    // Smoothed edges depend on where they are cut: that is done beyond what is looked at.
    const area = {
      left: Math.max(0, part.left - CUT),
      top: Math.max(0, part.top - CUT),
      right: Math.min(Math.round(width * scale), part.right + CUT),
      bottom: Math.min(Math.round(height * scale), part.bottom + CUT),
    };
    const [wide, high] = [area.right - area.left, area.bottom - area.top];
    const { span, hasAbove, isAboveApart } = painter.movingIn(plan, onStage);
    const isApart = hasAbove && isAboveApart;
    const end = painter.leaves.length;
    const still = (use: Use, leaves: [from: number, to: number]): Surface => {
      const context = this.context(use, wide, high);
      cleared(context, wide, high);
      painter.paintPlanned(context, plan, plan.middle, leaves, scale, area);
      return context.canvas as Surface;
    };
    const below = still('below', [0, span[0]]);
    const above = isApart ? still('above', [span[1], end]) : null;
    const context = this.context('moment', wide, high);
    for (let at = 0; at < plan.moments.length; at += every) {
      cleared(context, wide, high);
      context.drawImage(below, 0, 0, wide, high, 0, 0, wide, high);
      painter.paintPlanned(context, plan, plan.moments[at], [span[0], above ? span[1] : end], scale, area);
      if (above) {
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.globalAlpha = 1;
        context.drawImage(above, 0, 0, wide, high, 0, 0, wide, high);
      }
      add(context, at, [part.left - area.left, part.top - area.top]);
    }
  }

  /** A canvas that is hardly larger than it has to be: what it costs to read goes by its size. */
  private context(use: Use, width: number, height: number): Context {
    const [wide, high] = [width, height].map((side) => Math.ceil(side / STEP) * STEP);
    const key = `${use} ${wide}x${high}`;
    let surface = this.surfaces.get(key);
    surface ??= use === 'moment' ? this.studio.readable(wide, high) : this.studio.surface(wide, high);
    // The one that was used last stands last; the first is let go of.
    this.surfaces.delete(key);
    this.surfaces.set(key, surface);
    if (this.surfaces.size > MOST_SURFACES) this.surfaces.delete(this.surfaces.keys().next().value!);
    return contextOf(surface);
  }
}

/** From one moment that is taken to the next: as far as the ways within a part let it be. */
function strideOf({ moments, moving }: Plan, part: Box): number {
  const last = moments.length - 1;
  const within = moving.filter(({ box }) => meet(box, part));
  const steps = Math.max(1, ...within.map((one) => one.steps));
  let stride = last;
  while (stride > 1 && (last % stride !== 0 || last / stride < steps)) stride--;
  return Math.max(1, stride);
}

function cleared(context: Context, width: number, height: number): void {
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.globalAlpha = 1;
  context.clearRect(0, 0, width, height);
}
