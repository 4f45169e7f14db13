import { useRef } from 'react';
import { useRoving } from '../../common/useRoving';
import type { Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay, type Selection } from '../playStore';
import { moveName } from '../details/moveName';
import { Keys } from './Keys';

const LANE = 15;

interface Lane {
  name: string;
  title: string;
  moves: Move[];
}

/**
 * What moves besides the figures of the chart: words, panels, whole charts, captions, backdrop and camera. Only what
 * there is gets a lane.
 */
export function otherLanes(piece: Piece): Lane[] {
  const ofStage = (what: 'captions' | 'backdrop'): Move[] =>
    piece.moves.filter(({ target }) => 'stage' in target && target.stage === what);
  const lanes = [
    { name: 'words', title: 'Words', moves: piece.moves.filter(({ target }) => 'words' in target) },
    { name: 'panels', title: 'Panels', moves: piece.moves.filter(({ target }) => 'panel' in target) },
    {
      name: 'chart',
      title: 'Charts',
      moves: piece.moves.filter(({ kind, target }) => kind === 'change' && 'chart' in target && !('figure' in target)),
    },
    { name: 'captions', title: 'Captions', moves: ofStage('captions') },
    { name: 'backdrop', title: 'Backdrop', moves: ofStage('backdrop') },
    { name: 'camera', title: 'Camera', moves: piece.moves.filter(({ kind }) => kind === 'shot') },
  ];
  return lanes.filter(({ moves }) => moves.length > 0);
}

export const lanesWidth = (piece: Piece): number => otherLanes(piece).length * LANE;

function selectionOf(move: Move): Selection {
  if (move.kind === 'shot') return { kind: 'shot', shot: move.id };
  if ('stage' in move.target && move.target.stage === 'captions') return { kind: 'captions' };
  if ('words' in move.target) return { kind: 'words', words: move.target.words };
  if ('panel' in move.target) return { kind: 'panel', panel: move.target.panel };
  return 'chart' in move.target ? { kind: 'chart', chart: move.target.chart } : null;
}

/** Each move as a bar with keys, from where it begins to where it has arrived; a click selects what it moves. */
export function OtherLanes({
  piece,
  left,
  zoom,
  height,
}: {
  piece: Piece;
  left: number;
  zoom: number;
  height: number;
}) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const lanes = otherLanes(piece);
  const group = useRef<SVGSVGElement>(null);
  useRoving(group, '.key', false);
  return (
    <svg ref={group} className="other-lanes" style={{ left }} width={lanes.length * LANE} height={height + 8}>
      {lanes.map(({ name, moves }, index) => {
        const middle = (index + 0.5) * LANE;
        return (
          <g key={name}>
            <line className="lane" x1={middle} x2={middle} y1={0} y2={height} />
            {moves.map((move) => {
              const now = sheet?.moves[move.id];
              if (!now) return null;
              return (
                <g key={move.id} className="other-move">
                  <rect
                    className="other-course"
                    x={middle - 3}
                    width={6}
                    y={now.begin * zoom}
                    height={Math.max(3, now.frames * zoom)}
                    rx={3}
                    onClick={() => {
                      usePlay.getState().select(selectionOf(move));
                      if ('stage' in move.target && move.target.stage === 'backdrop')
                        usePlay.getState().set({ face: 'Stage' });
                    }}
                  >
                    <title>{moveName(piece, move, sheet)}</title>
                  </rect>
                  <Keys
                    keyRef={{ id: move.id, kind: move.kind }}
                    now={now}
                    name={moveName(piece, move, sheet)}
                    does="start"
                    selection={selectionOf(move)}
                    middle={middle}
                    lane={LANE}
                    zoom={zoom}
                  />
                </g>
              );
            })}
          </g>
        );
      })}
    </svg>
  );
}
