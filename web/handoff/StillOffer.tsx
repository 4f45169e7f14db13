import { useState } from 'react';
import { fetchFile, reasonOf } from '../api/client';
import { Fold } from '../common/Fold';
import { useNotices } from '../common/Notices';
import { usePlay } from '../desk/playStore';
import { shapesOf } from '../desk/shapes';
import { NumberField } from '../fields/NumberField';
import { useOnceRead } from '../fields/reads';
import type { Piece } from '../../contracts/piece';
import { useWanted } from './wanted';

/** What is had at once: one frame as a picture, in the chosen shapes, and the piece itself. */
export function StillOffer({ id, piece }: { id: string; piece: Piece }) {
  const { stage } = piece;
  const [frame, setFrame] = useState(() => Math.min(stage.frames - 1, usePlay.getState().frame || stage.frames - 1));
  const [{ shapes }] = useWanted(id, piece);
  const [painting, setPainting] = useState<'png' | 'svg' | null>(null);
  const still = async (kind: 'png' | 'svg'): Promise<void> => {
    setPainting(kind);
    try {
      for (const { id: one } of shapesOf(piece).filter((shape) => shapes.includes(shape.id ?? '')))
        await fetchFile(`pieces/${id}/still.${kind}?frame=${frame}${one ? `&shape=${one}` : ''}`);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    } finally {
      setPainting(null);
    }
  };
  const stills = { png: useOnceRead(() => void still('png')), svg: useOnceRead(() => void still('svg')) };
  const save = (): void => {
    const url = URL.createObjectURL(new Blob([JSON.stringify(piece, null, 2)], { type: 'application/json' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${
      piece.title
        .toLowerCase()
        .replace(/[^\p{L}\p{N}]+/gu, '-')
        .replace(/^-|-$/g, '') || 'piece'
    }.json`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <Fold name="hand-off-still" label="One frame, or the piece itself" isUsual className="kinds at-once">
      <NumberField label="Frame" unit="frames" value={frame} min={0} max={stage.frames - 1} onChange={setFrame} />
      <div className="offer-row">
        {(['png', 'svg'] as const).map((kind) => (
          <button
            key={kind}
            type="button"
            className="btn btn-outline-secondary btn-sm"
            disabled={painting !== null}
            onClick={stills[kind]}
          >
            {painting === kind ? 'Rendering…' : kind.toUpperCase()}
          </button>
        ))}
        <button type="button" className="btn btn-outline-secondary btn-sm" onClick={save}>
          JSON
        </button>
      </div>
      <p className="hint">
        JSON is the piece, to archive or to open on another shelf. Recordings and pictures are not in it.
      </p>
    </Fold>
  );
}
