// The player of a page: it paints the piece, plays it with the narrator's sound, and says what each figure is.
import { Figures } from './figures';
import { Picture, readPictures } from './picture';
import { shapeFor, unpacked, type PagePiece } from './piece';
import { Playing } from './playing';
import './player.css';

const byId = <T extends HTMLElement>(id: string): T => document.getElementById(id) as T;

const piece = JSON.parse(byId('piece').textContent) as PagePiece;
const packed = [...document.querySelectorAll('.reel')].map((reel) => reel.textContent);
const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches;

const frame = byId('frame');
const canvas = frame.querySelector('canvas')!;
const time = byId<HTMLInputElement>('time');
const pictures = new Map<number, Promise<Picture>>();
let picture: Picture | null = null;
let hasCaptions = piece.lines.length > 0 && !piece.isCaptioned;

const clockText = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

const playing = new Playing(piece, () => show());
const figures = new Figures(piece, () => ({ picture, frame: playing.frame }));

function show(): void {
  picture?.paint(playing.frame);
  figures.show();
  const seconds = playing.secondsAt(playing.frame);
  const whole = playing.secondsAt(piece.to + 1);
  time.value = String(playing.frame);
  time.setAttribute('aria-valuetext', `${clockText(seconds)} of ${clockText(whole)}`);
  byId('clock').textContent = `${clockText(seconds)} / ${clockText(whole)}`;
  const play = byId('play');
  play.setAttribute('aria-label', playing.isPlaying ? 'Pause' : 'Play');
  play.classList.toggle('is-playing', playing.isPlaying);
  if (playing.isPlaying) byId('begin').hidden = true;
  const line = piece.lines.find(([begin, end]) => playing.frame >= begin && playing.frame < end);
  const caption = byId('caption');
  caption.hidden = !hasCaptions;
  caption.textContent = line?.[2] ?? '\u00a0';
}

/** The largest room that the shape has in the window, with what stands below it. */
function fit([width, height]: [number, number]): void {
  const below = document.querySelector('main')!.clientWidth < 500 ? 150 : 110;
  const wide = Math.min(innerWidth, ((innerHeight - below) * width) / height);
  frame.style.width = `${Math.max(200, Math.round(wide))}px`;
  frame.style.aspectRatio = `${width} / ${height}`;
}

async function choose(): Promise<void> {
  const at = shapeFor(piece.shapes, innerWidth, innerHeight);
  fit(piece.shapes[at]);
  const made = pictures.get(at) ?? open(at);
  pictures.set(at, made);
  picture = await made;
  show();
}

async function open(at: number): Promise<Picture> {
  return new Picture(await unpacked(packed[at]), await readPictures(piece.pictures), canvas);
}

const toggle = (): void => {
  if (playing.isPlaying) playing.pause();
  else {
    // What is shown before it plays is no place to begin from.
    if (!byId('begin').hidden) playing.seek(piece.from);
    playing.play();
  }
};

/** Goes to the next stop or the one before: of lines where it stops, else to where the figures stand still. */
function skip(by: 1 | -1): void {
  const all = piece.stops ? playing.stops : piece.holds;
  if (piece.stops && by > 0 && playing.frame < piece.to) {
    if (!byId('begin').hidden) playing.seek(piece.from);
    playing.play();
    return;
  }
  const next = by > 0 ? all.find((one) => one > playing.frame) : all.findLast((one) => one < playing.frame);
  byId('begin').hidden = true;
  playing.pause();
  playing.seek(next ?? (by > 0 ? piece.to : piece.from));
}

function press(id: string, isOn: boolean): void {
  byId(id).setAttribute('aria-pressed', String(isOn));
}

function wire(): void {
  time.min = String(piece.from);
  time.max = String(piece.to);
  byId('begin').addEventListener('click', toggle);
  byId('play').addEventListener('click', toggle);
  byId('picture').addEventListener('click', () => byId('begin').hidden && toggle());
  byId('back').addEventListener('click', () => skip(-1));
  byId('on').addEventListener('click', () => skip(1));
  time.addEventListener('input', () => {
    byId('begin').hidden = true;
    playing.seek(Number(time.value));
  });
  byId('sound').hidden = playing.sound === null;
  byId('sound').addEventListener('click', () => {
    if (playing.sound) playing.sound.muted = !playing.sound.muted;
    press('sound', playing.sound?.muted === false);
  });
  byId('captions').hidden = piece.lines.length === 0;
  press('captions', hasCaptions);
  byId('captions').addEventListener('click', () => {
    hasCaptions = !hasCaptions;
    press('captions', hasCaptions);
    show();
  });
  byId('numbers').addEventListener('click', () => {
    const table = byId('figures');
    table.hidden = !table.hidden;
    byId('numbers').setAttribute('aria-expanded', String(!table.hidden));
    if (!table.hidden) table.scrollIntoView({ block: 'nearest', behavior: isStill ? 'auto' : 'smooth' });
  });
  const hasStops = piece.stops || (isStill && piece.holds.length > 1);
  for (const id of ['back', 'on']) byId(id).hidden = !hasStops;
  addEventListener('keydown', heed);
  addEventListener('resize', () => void choose());
}

/** Remote controls of presenters send the keys that turn pages. */
function heed(event: KeyboardEvent): void {
  const { key, target, altKey, ctrlKey, metaKey } = event;
  if (altKey || ctrlKey || metaKey) return;
  const isOnPicture = target === document.body || target === byId('picture');
  const done =
    key === ' ' && isOnPicture
      ? toggle
      : isOnPicture && (key === 'ArrowRight' || key === 'ArrowDown')
        ? () => figures.step(1)
        : isOnPicture && (key === 'ArrowLeft' || key === 'ArrowUp')
          ? () => figures.step(-1)
          : key === 'Escape'
            ? () => figures.letGo()
            : key === 'PageDown' && !byId('on').hidden
              ? () => skip(1)
              : key === 'PageUp' && !byId('on').hidden
                ? () => skip(-1)
                : null;
  if (!done) return;
  event.preventDefault();
  done();
}

async function begin(): Promise<void> {
  wire();
  await choose();
  byId('wait').hidden = true;
  byId('controls').hidden = false;
  // With a voice it waits for whoever wants to hear it; where nothing is to move, it does not move by itself.
  if (isStill || playing.sound || piece.stops) byId('begin').hidden = false;
  else {
    playing.seek(piece.from);
    playing.play();
  }
}

begin().catch(() => {
  byId('wait').textContent =
    'DecompressionStream' in window
      ? 'This page is damaged. Ask for it again.'
      : 'This browser is too old to play this page. Open it in a current one.';
  byId('figures').hidden = false;
});
