import { useEffect, useState, type RefObject } from 'react';
import type { SheetFigure } from '../../api/answers';
import { moveOf } from '../../piece/changes';
import type { Chart, Piece } from '../../../contracts/piece';
import { usePlay } from '../playStore';
import type { StemLane } from './lanes';

interface Props {
  piece: Piece;
  figures: SheetFigure[];
  chart: Chart | undefined;
  stemsAt: number;
  /** where the stem of the picked figure stands */
  lane: StemLane | undefined;
  zoom: number;
  content: RefObject<HTMLDivElement | null>;
}

/** From a pinned move to its word: drawn for the selected figure. */
export function Ties({ piece, figures, chart, stemsAt, lane, zoom, content }: Props) {
  const { middle, width } = lane ?? {};
  const selection = usePlay((state) => state.selection);
  const [ties, setTies] = useState<string[]>([]);
  useEffect(() => {
    const find = (): void => {
      const found: string[] = [];
      const index = selection?.kind === 'figure' ? figures.findIndex(({ id }) => id === selection.figure) : -1;
      const box = index >= 0 && content.current?.getBoundingClientRect();
      if (box && chart && middle !== undefined && width !== undefined) {
        for (const kind of ['entrance', 'exit'] as const) {
          const pin = moveOf(piece, kind, { chart: chart.id, figure: figures[index].id })?.pin;
          const move = figures[index][kind];
          const word =
            pin &&
            content.current?.querySelector(`[data-word="${pin.line}:${pin.word ?? 0}"]`)?.getBoundingClientRect();
          if (!word || !move) continue;
          const [fromX, fromY] = [word.left + word.width / 2 - box.left, word.bottom - box.top + 1];
          const [toX, toY] = [stemsAt + middle - Math.min(9, width / 2), move.begin * zoom];
          // Along under its line of words, then over to the bar.
          const turn = Math.max(fromX, stemsAt - 46);
          found.push(
            `M${fromX} ${fromY}H${turn}C${turn + 30} ${fromY} ${Math.min(toX - 8, turn + 16)} ${toY} ${toX} ${toY}`,
          );
        }
      }
      setTies((before) => (before.join() === found.join() ? before : found));
    };
    // With the next screen: everything is laid out for that anyway.
    const wanted = requestAnimationFrame(find);
    return () => cancelAnimationFrame(wanted);
  }, [piece, figures, chart, selection, stemsAt, middle, width, zoom, content]);
  return (
    <svg className="ties" aria-hidden="true">
      {ties.map((path) => (
        <path key={path} d={path} />
      ))}
    </svg>
  );
}
