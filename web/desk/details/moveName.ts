import type { Sheet } from '../../api/answers';
import type { Move, Piece } from '../../../contracts/piece';
import { panelName, panelOf } from '../../piece/panels';

const WORDS: Record<Move['kind'], string> = {
  entrance: 'entrance',
  exit: 'exit',
  change: 'change',
  emphasis: 'emphasis',
  shot: 'camera move',
};

/** A move, as somebody reads it: “Lamps & lights, entrance”. */
export function moveName(piece: Piece, move: Move, sheet: Sheet | undefined): string {
  if (move.kind === 'shot') return WORDS.shot;
  const name = targetName(piece, move, sheet);
  return `${'part' in move.target ? `label of ${name}` : name}, ${WORDS[move.kind]}`;
}

function targetName(piece: Piece, { target }: Move, sheet: Sheet | undefined): string {
  if ('words' in target) return piece.words.find(({ id }) => id === target.words)?.text ?? 'text';
  if ('chart' in target && 'figure' in target)
    return sheet?.charts[target.chart]?.figures.find(({ id }) => id === target.figure)?.label ?? 'part';
  if ('panel' in target) {
    const panel = panelOf(piece, target.panel);
    return panel ? panelName(panel) : 'panel';
  }
  if ('stage' in target) return target.stage === 'captions' ? 'the captions' : 'the backdrop';
  return 'the chart';
}
