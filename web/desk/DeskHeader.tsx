import { useState } from 'react';
import { Link } from 'react-router';
import { reasonOf } from '../api/client';
import { Header } from '../common/Header';
import { useNotices } from '../common/Notices';
import { rateText, shortTimecode } from '../common/words';
import { useIsReading } from '../fields/reads';
import { setTitle } from '../piece/changes';
import type { Piece } from '../../contracts/piece';
import type { Proof } from '../api/answers';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';
import { KitButton } from './kits/KitButton';
import { StageDialog } from './StageDialog';
import { VersionButton } from './versions/VersionButton';

const SAVED = {
  saved: 'Saved',
  waiting: 'Saving…',
  saving: 'Saving…',
  failed: 'Not saved',
  conflict: 'Changed in another tab',
};

export function DeskHeader({ piece }: { piece: Piece }) {
  const { id, saved, unsaved, canUndo, canRedo, computed, edit, undo, redo } = useDesk();
  const proof = useDesk((state) => (state.computed?.reel && state.proofOf === state.document ? state.proof : null));
  const isMeasuring = useDesk((state) => Boolean(state.computed?.reel) && state.proofOf !== state.document);
  const [asked, setAsked] = useState(false);
  const { stage } = piece;
  const walk = (step: () => Promise<void>) => () =>
    void step().catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }));
  // What was typed last and is still being read is not saved either.
  const isReading = useIsReading();
  const state = saved === 'saved' && isReading ? 'waiting' : saved;
  return (
    <Header
      actions={
        <>
          <span className={`saved is-${state}`} role="status" title={unsaved ?? undefined}>
            {SAVED[state]}
          </span>
          <VersionButton />
          <button
            type="button"
            className="quiet-button"
            disabled={!canUndo}
            onClick={walk(undo)}
            title="Undo (Ctrl Z)"
            aria-label="Undo"
          >
            <i className="bi bi-arrow-counterclockwise" />
          </button>
          <button
            type="button"
            className="quiet-button"
            disabled={!canRedo}
            onClick={walk(redo)}
            title="Redo (Ctrl Shift Z)"
            aria-label="Redo"
          >
            <i className="bi bi-arrow-clockwise" />
          </button>
          <ProofWord proof={proof} isMeasuring={isMeasuring} />
          <Link to={`/pieces/${id}/hand-off`} className="btn btn-primary btn-sm">
            Hand off
          </Link>
        </>
      }
    >
      <TitleField
        key={id}
        title={piece.title}
        onChange={(title) =>
          edit((draft) => {
            setTitle(draft, title);
          })
        }
      />
      <button
        type="button"
        className="stage-format"
        data-act="stage"
        onClick={() => setAsked(true)}
        title="Stage size, frame rate and length"
      >
        {stage.width} × {stage.height} · {rateText(stage.rate)} fps ·{' '}
        {computed ? shortTimecode(computed.sheet.length).replace(/[:;]00$/, '') : ''}
      </button>
      <KitButton piece={piece} />
      {asked && <StageDialog piece={piece} onClose={() => setAsked(false)} />}
    </Header>
  );
}

/** What proof says in a word: it opens the proof, or, where something is wrong, all of that. */
function ProofWord({ proof, isMeasuring }: { proof: Proof | null; isMeasuring: boolean }) {
  const id = useDesk((state) => state.id);
  const isListing = usePlay((state) => state.isListing);
  const exact = proof?.exact ?? false;
  const looks = `pill proof-word${proof ? (exact ? ' is-exact' : ' is-off') : ''}`;
  const word = proof ? (
    <>
      <i className={`bi ${exact ? 'bi-check2' : 'bi-exclamation-lg'}`} aria-hidden="true" /> Proof: {proof.word},{' '}
      <span className={proof.legible ? undefined : 'legible-word'}>{proof.legibleWord}</span>
    </>
  ) : (
    `Proof${isMeasuring ? ': measuring…' : ''}`
  );
  return proof && !proof.legible ? (
    <button
      type="button"
      className={looks}
      aria-expanded={isListing}
      title="What is wrong, and what mends it"
      onClick={() => usePlay.getState().set({ isListing: !isListing })}
    >
      {word}
    </button>
  ) : (
    <Link to={`/pieces/${id}/proof`} className={looks}>
      {word}
    </Link>
  );
}

function TitleField({ title, onChange }: { title: string; onChange: (title: string) => void }) {
  const [typed, setTyped] = useState(title);
  const [seen, setSeen] = useState(title);
  if (seen !== title) {
    setSeen(title);
    setTyped(title);
  }
  const commit = (): void => {
    const name = typed.trim();
    if (name === '') setTyped(title);
    else if (name !== title) onChange(name);
  };
  return (
    <input
      className="title-field"
      aria-label="Title of the piece"
      value={typed}
      maxLength={200}
      size={Math.max(6, Math.min(34, typed.length + 1))}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') setTyped(title);
      }}
    />
  );
}
