import { ask } from '../api/client';
import type { Stage } from '../../contracts/piece';

export type Unit = 'frames' | 'degrees' | 'pixels' | 'fraction' | 'number';

const PLAIN = /^-?\d{1,9}(\.\d+)?$/;

/**
 * What was typed into a field, in its own unit; a fraction is shown, and typed, in percent. What is written as the
 * field writes it itself is known at once; sums, units and timecode are read by the server.
 */
export async function readNumber(
  typed: string,
  unit: Unit,
  stage?: Pick<Stage, 'rate' | 'dropFrame'>,
): Promise<number> {
  const text = typed.trim();
  if (PLAIN.test(text)) return Number(text) / (unit === 'fraction' ? 100 : 1);
  const body = { text, unit, rate: stage?.rate, dropFrame: stage?.dropFrame ?? false };
  return (await ask('POST numbers/read', { body })).value;
}
