import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { fetchFile, reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import { rateText } from '../common/words';
import { usePlay } from '../desk/playStore';
import { NumberField } from '../fields/NumberField';
import type { Piece } from '../piece/document';

/** What can be had: the film, a still as PNG or SVG, the piece itself. */
export function Offers({ id, piece, busy, onFilm }: { id: string; piece: Piece; busy: boolean; onFilm: () => void }) {
  const { stage } = piece;
  const [frame, setFrame] = useState(() => Math.min(stage.frames - 1, usePlay.getState().frame || stage.frames - 1));
  const [painting, setPainting] = useState<'png' | 'svg' | null>(null);
  const still = async (kind: 'png' | 'svg'): Promise<void> => {
    setPainting(kind);
    try {
      await fetchFile(`pieces/${id}/still.${kind}?frame=${frame}`);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    } finally {
      setPainting(null);
    }
  };
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
    <section className="offers" aria-label="What can be handed off">
      <h1>Hand off</h1>
      <article className="offer">
        <h2>Film</h2>
        <dl>
          <div>
            <dt>file</dt>
            <dd>MP4, H.264, 4:2:0, BT.709</dd>
          </div>
          <div>
            <dt>size</dt>
            <dd>
              {stage.width} × {stage.height}
            </dd>
          </div>
          <div>
            <dt>frames</dt>
            <dd>
              {stage.frames} at {rateText(stage.rate)} a second
            </dd>
          </div>
        </dl>
        {piece.backdrop.kind === 'transparent' && (
          <p className="problem-bar is-notice">
            This piece has no backdrop. An MP4 has no transparency: it shows black there.
          </p>
        )}
        <Button disabled={busy} onClick={onFilm}>
          Make the film
        </Button>
      </article>
      <article className="offer">
        <h2>Still</h2>
        <NumberField
          label="frame"
          unit="frames"
          stage={stage}
          value={frame}
          min={0}
          max={stage.frames - 1}
          onChange={setFrame}
        />
        <div className="offer-row">
          {(['png', 'svg'] as const).map((kind) => (
            <button
              key={kind}
              type="button"
              className="btn btn-outline-secondary btn-sm"
              disabled={painting !== null}
              onClick={() => void still(kind)}
            >
              {painting === kind ? 'Painting…' : kind.toUpperCase()}
            </button>
          ))}
        </div>
      </article>
      <article className="offer">
        <h2>Piece</h2>
        <p className="soft">The whole document as JSON, to keep or to open on another shelf.</p>
        <div className="offer-row">
          <button type="button" className="btn btn-outline-secondary btn-sm" onClick={save}>
            JSON
          </button>
        </div>
      </article>
    </section>
  );
}
