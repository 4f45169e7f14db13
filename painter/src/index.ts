export { Painter } from './painter';
export { Exposure } from './exposure';
export { Timeline } from './timeline';
export type { Context, OutlinePath, Pixels, Studio, Surface } from './surface';
export type * from './reel';
export { Boxes } from './bounds';
export type { Box } from './bounds';
export { at, degreesAround, inverse } from './matrix';
export type { Matrix } from './matrix';
