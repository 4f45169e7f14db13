import type { Departure } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';

const SAYS: Record<Departure['kind'], string> = {
  unsaid: '',
  unwritten: 'said, not written',
  again: 'said twice',
  figure: 'another number?',
};

/** frames that a line may stay after it is said */
const LINGER = 20;

interface Props {
  piece: Piece;
  zoom: number;
  /** where lines stand, and where there is room beside them */
  left: number;
  right: number;
}

/** Where the recording says something that no line has: between lines in their place, within one beside it. */
export function Unwritten({ piece, zoom, left, right }: Props) {
  const departures = useDesk((state) => state.computed?.sheet.departures) ?? [];
  return departures.map(({ kind, begin, end, index }) => {
    if (kind === 'unsaid') return null;
    const isWithin = piece.script.lines.some((line) => line.begin < end - LINGER && line.end > begin + LINGER);
    return (
      <span
        key={index}
        className="unwritten"
        style={{ top: begin * zoom, height: Math.max(14, (end - begin) * zoom), left: isWithin ? right : left }}
      >
        {SAYS[kind]}
      </span>
    );
  });
}
