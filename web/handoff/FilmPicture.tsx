import { useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import type { HandOff } from '../api/answers';

const PLAYED = ['mp4', 'webm'];

/** A small picture of a film; those that a browser can play are played in a window of their own. */
export function FilmPicture({ film }: { film: HandOff }) {
  const [open, setOpen] = useState(false);
  const canPlay = film.status === 'done' && PLAYED.includes(film.kind);
  if (film.kind === 'wav')
    return (
      <span className="film-picture is-sound">
        <i className="bi bi-soundwave" aria-hidden="true" />
      </span>
    );
  const picture = <img src={`/api/hand-offs/${film.id}/picture`} alt="" loading="lazy" width={128} height={72} />;
  if (!canPlay) return <span className="film-picture">{picture}</span>;
  return (
    <>
      <button
        type="button"
        className="film-picture"
        aria-label={`Play ${film.fileName}`}
        title="Play film"
        onClick={() => setOpen(true)}
      >
        {picture}
        <i className="bi bi-play-fill" aria-hidden="true" />
      </button>
      {open && (
        <Dialog titled="film-name" onClose={() => setOpen(false)} size="xl">
          <Modal.Header closeButton>
            <Modal.Title as="h2" id="film-name">
              {film.fileName}
            </Modal.Title>
          </Modal.Header>
          <Modal.Body className="film-player">
            {/* Captions are in its picture. */}
            {/* eslint-disable-next-line jsx-a11y/media-has-caption */}
            <video src={`/api/hand-offs/${film.id}/file?play=1`} controls autoPlay loop muted={!film.withSound} />
          </Modal.Body>
        </Dialog>
      )}
    </>
  );
}
