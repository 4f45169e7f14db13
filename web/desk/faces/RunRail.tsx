import { useRef } from 'react';
import { useDrag } from '../../common/useDrag';
import { shortTimecode } from '../../common/words';
import type { Piece } from '../../../contracts/piece';
import { usePlay } from '../playStore';

/** pixels of the rail that a name is given, and of the whole rail, about */
const NAME = 46;
const RAIL = 560;

interface RailProps {
  piece: Piece;
  names: Record<string, string>;
  moments: { column: string; frame: number; at: string }[];
  pinned: string[];
  taken: string | null;
  onTake: (column: string) => void;
  onDrag: (column: string, frame: number) => void;
}

/** The moments along the length of the piece. */
export function Rail({ piece, names, moments, pinned, taken, onTake, onDrag }: RailProps) {
  const rail = useRef<HTMLDivElement>(null);
  const drag = useDrag();
  const frame = usePlay((state) => state.frame);
  const last = Math.max(1, piece.stage.frames - 1);
  const at = (one: number): string => `${(Math.min(one, last) / last) * 100}%`;
  // The one that is taken is named, and others as far as there is room.
  const named = moments.filter(({ column }) => column === taken).map((one) => one.frame);
  const hasRoom = (on: number): boolean => named.every((other) => (Math.abs(on - other) / last) * RAIL > NAME);
  return (
    <div className="run-rail" ref={rail} role="group" aria-label="Moments of the run">
      <span className="run-way" style={{ left: at(moments[0].frame), right: `calc(100% - ${at(end(moments))})` }} />
      <span className="run-head" style={{ left: at(frame) }} aria-hidden="true" />
      {moments.map(({ column, frame: on, at: text }) => {
        const isNamed = column === taken || hasRoom(on);
        if (isNamed) named.push(on);
        return (
          <button
            key={column}
            type="button"
            className={`run-stop${pinned.includes(column) ? ' is-pinned' : ''}${taken === column ? ' is-taken' : ''}`}
            style={{ left: at(on) }}
            aria-pressed={taken === column}
            aria-label={`${names[column] || 'Moment'}, ${shortTimecode(text)}`}
            title={`${names[column] || 'Moment'}, ${shortTimecode(text)}`}
            onClick={() => {
              onTake(column);
              usePlay.getState().stop();
              usePlay.getState().go(Math.min(on, last));
            }}
            onKeyDown={(event) => {
              const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
              if (!by) return;
              event.preventDefault();
              event.stopPropagation();
              onTake(column);
              onDrag(column, Math.max(0, Math.min(last, on + by * (event.shiftKey ? 10 : 1))));
            }}
            {...drag(() => {
              const width = rail.current?.clientWidth ?? 1;
              let to = on;
              return {
                move: ({ across }) => {
                  to = Math.max(0, Math.min(last, on + Math.round((across / width) * last)));
                  usePlay.getState().go(to);
                },
                end: () => {
                  if (to !== on) onDrag(column, to);
                },
              };
            })}
          >
            <span className="run-dot" />
            {isNamed && <span className="run-name numerals">{names[column]}</span>}
          </button>
        );
      })}
    </div>
  );
}

const end = (moments: { frame: number }[]): number => moments[moments.length - 1]?.frame ?? 0;
