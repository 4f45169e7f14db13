import type { Piece } from '../../contracts/piece';

/** Shapes that films are asked for in. */
export const SHAPES = [
  { id: 'wide', word: 'wide', width: 1920, height: 1080 },
  { id: 'upright', word: 'upright', width: 1080, height: 1920 },
  { id: 'square', word: 'square', width: 1080, height: 1080 },
];

/** What a shape is called: by its sides. */
export function shapeWord(width: number, height: number): string {
  return width === height ? 'square' : width > height ? 'wide' : 'upright';
}

/** The piece's own stage, and the other shapes that it is made in. */
export function shapesOf(piece: Piece): { id: string | null; width: number; height: number }[] {
  return [{ id: null, width: piece.stage.width, height: piece.stage.height }, ...(piece.shapes ?? [])];
}

/** The shape, as long as the piece is made in it. */
export function shapeOf(document: Piece, shape: string | null): string | null {
  return document.shapes?.some(({ id }) => id === shape) ? shape : null;
}
