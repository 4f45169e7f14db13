export { Painter } from './painter';
export { Timeline } from './timeline';
export type { Context, OutlinePath, Studio, Surface } from './surface';
export type * from './reel';
export type { Box } from './bounds';
export { at, degreesAround, inverse } from './matrix';
export type { Matrix } from './matrix';
