import { useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import type { FileKind, HandOff } from '../api/answers';

const FILMS: FileKind[] = ['mp4', 'draft', 'webm'];
const PICTURES: FileKind[] = ['gif', 'apng', 'webp', 'svg', 'poster'];
const PAGES: FileKind[] = ['page', 'stops'];

/** Signs of kinds that have no picture. */
const SIGNS: Partial<Record<FileKind, string>> = {
  wav: 'bi-soundwave',
  srt: 'bi-card-text',
  'srt-words': 'bi-card-text',
  vtt: 'bi-card-text',
  'vtt-words': 'bi-card-text',
  'srt-second': 'bi-card-text',
  'vtt-second': 'bi-card-text',
  markers: 'bi-flag',
  otio: 'bi-flag',
  proof: 'bi-check2-square',
  'proof-pdf': 'bi-file-earmark-text',
  xlsx: 'bi-table',
  holds: 'bi-table',
  frames: 'bi-table',
  alternative: 'bi-card-text',
};

/** how often a picture is asked for while others are being painted, and milliseconds from one time to the next */
const TIMES = 12;
const PATIENCE = 1500;

/** The last frame of a file. So many are painted at a time: the others are asked for again. */
function Small({ film }: { film: HandOff }) {
  const [time, setTime] = useState(0);
  return (
    <img
      key={time}
      src={`/api/hand-offs/${film.id}/picture${time > 0 ? `?time=${time}` : ''}`}
      alt=""
      loading="lazy"
      width={128}
      height={72}
      onError={() => {
        if (time < TIMES) setTimeout(() => setTime(time + 1), PATIENCE);
      }}
    />
  );
}

/** A small picture of a file; what a browser can play is played in a window of its own, a page in another tab. */
export function FilmPicture({ film }: { film: HandOff }) {
  const [open, setOpen] = useState(false);
  const sign = SIGNS[film.kind];
  if (sign)
    return (
      <span className={`film-picture is-sign${film.kind === 'wav' ? ' is-sound' : ''}`}>
        <i className={`bi ${sign}`} aria-hidden="true" />
      </span>
    );
  const picture = <Small film={film} />;
  const file = `/api/hand-offs/${film.id}/file?play=1`;
  if (film.status !== 'done') return <span className="film-picture">{picture}</span>;
  if (PAGES.includes(film.kind))
    return (
      <a className="film-picture" href={file} target="_blank" rel="noreferrer" title="Open page in a new tab">
        {picture}
        <i className="bi bi-box-arrow-up-right" aria-hidden="true" />
        <span className="visually-hidden">Open {film.fileName} in a new tab</span>
      </a>
    );
  if (![...FILMS, ...PICTURES].includes(film.kind)) return <span className="film-picture">{picture}</span>;
  return (
    <>
      <button
        type="button"
        className="film-picture"
        aria-label={`Play ${film.fileName}`}
        title={FILMS.includes(film.kind) ? 'Play film' : 'Show picture'}
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
            {FILMS.includes(film.kind) ? (
              // Captions are in its picture.
              // eslint-disable-next-line jsx-a11y/media-has-caption
              <video src={file} controls autoPlay loop muted={!film.withSound} />
            ) : (
              <img src={file} alt={film.title} />
            )}
          </Modal.Body>
        </Dialog>
      )}
    </>
  );
}
