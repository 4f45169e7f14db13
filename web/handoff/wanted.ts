import { create } from 'zustand';
import type { Piece } from '../../contracts/piece';
import type { FileKind } from '../api/answers';
import { shapesOf } from '../desk/shapes';
import { KINDS, type Kind } from './kinds';

/** What is chosen on the hand-off page, of one piece. */
export interface Wanted {
  kinds: FileKind[];
  /** ids of shapes; empty for the piece's own */
  shapes: string[];
  name: string;
  from: number;
  to: number;
  /** whether each line of the script becomes files of its own */
  byLine: boolean;
  sound: boolean;
  captions: boolean;
  chapters: boolean;
  /** pixels across of pictures that play by themselves */
  width: number;
  perSecond: string;
  loops: boolean;
  ground: string;
}

/** What is asked of the server for one file. */
export interface FileOrder {
  kind: FileKind;
  name: string;
  from: number;
  to: number;
  ground: string | null;
  shape: string | null;
  sound: boolean;
  captions: boolean;
  chapters: boolean;
  width: number | null;
  perSecond: number | null;
  everyShape: boolean;
  loops: boolean;
}

const useAll = create<{ of: Record<string, Wanted> }>(() => ({ of: {} }));

const firstOf = (piece: Piece): Wanted => ({
  kinds: [piece.backdrop.kind === 'transparent' ? 'mov' : 'mp4'],
  shapes: [''],
  name: '',
  from: 0,
  to: piece.stage.frames - 1,
  byLine: false,
  sound: true,
  captions: true,
  chapters: false,
  width: Math.min(960, piece.stage.width),
  perSecond: '25',
  loops: true,
  ground: '#000000',
});

/** What is chosen for a piece; it stays while one goes to the desk and comes back. */
export function useWanted(id: string, piece: Piece): [Wanted, (part: Partial<Wanted>) => void] {
  const kept = useAll(({ of }) => of[id]) ?? firstOf(piece);
  const last = piece.stage.frames - 1;
  // A piece that has become shorter, or lost a shape, since.
  const shapes = kept.shapes.filter((one) => shapesOf(piece).some((shape) => (shape.id ?? '') === one));
  const wanted = {
    ...kept,
    to: Math.min(kept.to, last),
    from: Math.min(kept.from, last),
    shapes: shapes.length > 0 ? shapes : [''],
    width: Math.min(kept.width, piece.stage.width),
  };
  return [wanted, (part) => useAll.setState(({ of }) => ({ of: { ...of, [id]: { ...wanted, ...part } } }))];
}

/** The kinds that are chosen and can be made of the piece. */
export const chosenOf = ({ kinds }: Wanted, piece: Piece): Kind[] =>
  KINDS.filter(({ kind, missing }) => kinds.includes(kind) && !missing?.(piece));

export const needsGround = (chosen: Kind[], piece: Piece): boolean =>
  piece.backdrop.kind === 'transparent' && chosen.some(({ isOpaque }) => isOpaque);

/** The parts of the film that files are made of: all chosen frames, or each line by itself. */
function partsOf({ from, to, byLine }: Wanted, piece: Piece): { from: number; to: number; mark: string }[] {
  if (!byLine) return [{ from, to, mark: '' }];
  const last = piece.stage.frames - 1;
  return piece.script.lines
    .filter(({ begin }) => begin <= last)
    .map(({ begin, end }, at) => ({
      from: Math.max(0, begin),
      to: Math.max(begin, Math.min(last, end - 1)),
      mark: `line ${at + 1}`,
    }));
}

/** The files that are asked for, one each. */
export function ordersOf(wanted: Wanted, piece: Piece): FileOrder[] {
  const chosen = chosenOf(wanted, piece);
  const isOpen = piece.backdrop.kind === 'transparent';
  return partsOf(wanted, piece).flatMap(({ from, to, mark }) =>
    chosen.flatMap((one) => {
      const shapes = !one.hasShape ? [''] : one.isPage && wanted.shapes.length > 1 ? [''] : wanted.shapes;
      return shapes.map((shape): FileOrder => {
        const own = [wanted.name.trim() || (mark && piece.title), wanted.name.trim() || mark ? shape : '', mark];
        return {
          kind: one.kind,
          name: own.filter(Boolean).join(' '),
          from,
          to,
          ground: isOpen && one.isOpaque ? wanted.ground : null,
          shape: shape || null,
          sound: one.hasSound === true && (wanted.sound || one.kind === 'wav'),
          captions: wanted.captions,
          chapters: one.hasChapters === true && wanted.chapters,
          width: one.isLoop ? wanted.width : null,
          perSecond: one.isLoop ? Number(wanted.perSecond) : null,
          everyShape: one.isPage === true && wanted.shapes.length > 1,
          loops: wanted.loops,
        };
      });
    }),
  );
}
