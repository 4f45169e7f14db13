import type { Piece } from '../../contracts/piece';
import type { FileKind } from '../api/answers';
import { recordingOf } from '../piece/voice';

/** A kind of file as it is offered. */
export interface Kind {
  kind: FileKind;
  word: string;
  /** what it is, in a few words */
  note: string;
  /** what it keeps and what it cannot hold */
  keeps: string;
  /** a picture, or with one, of a shape of the stage */
  hasShape?: boolean;
  hasSound?: boolean;
  /** a film, whose captions can be left out */
  isFilm?: boolean;
  hasChapters?: boolean;
  /** a picture that plays by itself, of any size */
  isLoop?: boolean;
  /** one file has all shapes in it */
  isPage?: boolean;
  /** it is opaque, so a piece without a backdrop needs a colour */
  isOpaque?: boolean;
  /** why it cannot be made of a piece; nothing: it can */
  missing?: (piece: Piece) => string | null;
}

const needsLines = ({ script }: Piece): string | null => (script.lines.length > 0 ? null : 'needs a script');
const needsSecond = ({ script }: Piece): string | null =>
  script.lines.some(({ other }) => other) ? null : 'needs a second language';
const needsVoice = (piece: Piece): string | null => (recordingOf(piece)?.sound ? null : 'needs a recording');
const needsOpen = ({ backdrop }: Piece): string | null =>
  backdrop.kind === 'transparent' ? null : 'needs a transparent stage';

const film = { hasShape: true, hasSound: true, isFilm: true };
const loop = { hasShape: true, isFilm: true, isLoop: true };
const page = { hasShape: true, hasSound: true, isFilm: true, isPage: true };

/** All kinds, by whom they are for. */
export const FOR: { who: string; name: string; kinds: Kind[] }[] = [
  {
    who: 'the editor',
    name: 'editor',
    kinds: [
      {
        kind: 'mp4',
        word: 'MP4',
        note: 'H.264',
        keeps: '4:2:0, BT.709; plays almost everywhere. No transparency.',
        ...film,
        hasChapters: true,
        isOpaque: true,
      },
      {
        kind: 'draft',
        word: 'Draft',
        note: 'half size, timecode',
        keeps: 'MP4 with its timecode in the picture, without motion blur. It goes ahead of films in the queue.',
        ...film,
        isOpaque: true,
      },
      {
        kind: 'mov',
        word: 'ProRes 4444',
        note: 'MOV with alpha',
        keeps: 'Transparency and a timecode track; large.',
        ...film,
        hasChapters: true,
      },
      {
        kind: 'hq',
        word: 'ProRes 422 HQ',
        note: 'MOV, opaque',
        keeps: 'A timecode track, no transparency; large.',
        ...film,
        hasChapters: true,
        isOpaque: true,
      },
      {
        kind: 'matte',
        word: 'Matte',
        note: 'alpha as greys',
        keeps: 'The transparency alone, ProRes 422 HQ, for an opaque film of the same frames. No sound.',
        hasShape: true,
        isFilm: true,
        missing: needsOpen,
      },
      {
        kind: 'zip',
        word: 'PNG frames',
        note: '8 bits, ZIP',
        keeps: 'One PNG a frame, with transparency. No sound.',
        hasShape: true,
        isFilm: true,
      },
      {
        kind: 'zip16',
        word: 'PNG frames, 16 bits',
        note: 'ZIP',
        keeps: 'For programs that take no other depth: the frames are painted in 8 bits, so they hold no more shades.',
        hasShape: true,
        isFilm: true,
      },
      {
        kind: 'wav',
        word: 'Sound',
        note: 'narration, WAV',
        keeps: 'The voice alone, as long as the frames; PCM, 48 kHz.',
        hasSound: true,
        missing: needsVoice,
      },
      {
        kind: 'markers',
        word: 'Markers',
        note: 'CSV',
        keeps: 'Lines, words, and where each part comes, changes and goes.',
      },
      {
        kind: 'otio',
        word: 'Timeline with markers',
        note: 'OpenTimelineIO',
        keeps: 'The ProRes film as one clip, with the same markers on it.',
      },
    ],
  },
  {
    who: 'the web',
    name: 'web',
    kinds: [
      {
        kind: 'page',
        word: 'Page',
        note: 'one HTML file',
        keeps:
          'Player, sound, captions, figures to point at, a table and the text alternative; needs no network. No motion blur.',
        ...page,
      },
      {
        kind: 'svg',
        word: 'Animated SVG',
        note: 'plays by itself',
        keeps: 'Exact outlines, sharp at any size. No sound, no motion blur.',
        ...loop,
        isLoop: false,
      },
      {
        kind: 'lottie',
        word: 'Vector animation',
        note: 'Lottie JSON',
        keeps:
          'Marks and words as outlines, for apps and pages with a player of this open format. Soft edges and textures are pictures in it; where too many of them move, it is refused. No sound.',
        hasShape: true,
        isFilm: true,
      },
      {
        kind: 'gif',
        word: 'GIF',
        note: '256 colours',
        keeps:
          'One palette for all frames. A pixel is opaque or clear: on a clear stage, glows get hard edges. No sound.',
        ...loop,
      },
      {
        kind: 'apng',
        word: 'APNG',
        note: 'all colours',
        keeps: 'Lossless, with half-transparency; larger than a GIF. No sound.',
        ...loop,
      },
      {
        kind: 'webp',
        word: 'Animated WebP',
        note: 'all colours, lossy',
        keeps: 'Half-transparency in small files. No sound.',
        ...loop,
      },
      {
        kind: 'webm',
        word: 'WebM',
        note: 'VP9 with alpha',
        keeps: 'Transparency and sound in a small film.',
        ...film,
        hasChapters: true,
      },
      {
        kind: 'poster',
        word: 'Poster',
        note: 'PNG',
        keeps: 'The moment at which all figures have come.',
        hasShape: true,
        isFilm: true,
      },
    ],
  },
  {
    who: 'the subtitler',
    name: 'subtitler',
    kinds: [
      {
        kind: 'srt',
        word: 'SRT',
        note: 'by line',
        keeps: 'Two rows of 42 characters at most; a longer line becomes several, each from its own first word on.',
        missing: needsLines,
      },
      {
        kind: 'srt-words',
        word: 'SRT by word',
        note: 'one each',
        keeps: 'One subtitle for each word, until the next is said.',
        missing: needsLines,
      },
      {
        kind: 'vtt',
        word: 'WebVTT',
        note: 'by line',
        keeps: 'As SRT, for players on pages. Text only: no fonts or positions.',
        missing: needsLines,
      },
      {
        kind: 'vtt-words',
        word: 'WebVTT by word',
        note: 'times in each line',
        keeps: 'Lines with the time of each word in them, so that a player can follow the narrator.',
        missing: needsLines,
      },
      {
        kind: 'srt-second',
        word: 'SRT, second language',
        note: 'by line',
        keeps:
          'The second language of each line, typed at the desk below the line; a long one is divided evenly in time.',
        missing: needsSecond,
      },
      {
        kind: 'vtt-second',
        word: 'WebVTT, second language',
        note: 'by line',
        keeps: 'The same for players on pages.',
        missing: needsSecond,
      },
    ],
  },
  {
    who: 'the presenter',
    name: 'presenter',
    kinds: [
      {
        kind: 'stops',
        word: 'Page with stops',
        note: 'HTML, line by line',
        keeps: 'The page; it stops at the end of each line and goes on with Page Down, which remote controls send.',
        ...page,
        missing: needsLines,
      },
      {
        kind: 'xlsx',
        word: 'Values beside',
        note: 'XLSX',
        keeps: 'The figures of each chart at each of its moments, and what they are in each hold; numbers as numbers.',
      },
      {
        kind: 'stills',
        word: 'Stills of holds',
        note: 'PNG, ZIP',
        keeps: 'One for each stretch of half a second and more in which no figure moves.',
        hasShape: true,
        isFilm: true,
      },
    ],
  },
  {
    who: 'the checker',
    name: 'checker',
    kinds: [
      {
        kind: 'proof-pdf',
        word: 'Proof to sign off',
        note: 'PDF, A4',
        keeps:
          'The picture, each figure as typed and as measured, every check, the fingerprint, a contact sheet of holds.',
        hasShape: true,
      },
      {
        kind: 'proof',
        word: 'Proof',
        note: 'CSV',
        keeps: 'Each figure as typed and as measured in the picture, every check, and the fingerprint of the piece.',
        hasShape: true,
      },
      {
        kind: 'holds',
        word: 'Values',
        note: 'CSV, each hold',
        keeps: 'What every figure is and says while all stand still for half a second and more.',
      },
      {
        kind: 'frames',
        word: 'Values by frame',
        note: 'CSV',
        keeps: 'What every figure is and says on each frame of the piece.',
      },
    ],
  },
  {
    who: 'everyone',
    name: 'everyone',
    kinds: [
      {
        kind: 'alternative',
        word: 'Text alternative',
        note: 'TXT',
        keeps: 'What is said to those who do not see the picture; edited at the desk under Stage.',
      },
    ],
  },
];

export const KINDS: Kind[] = FOR.flatMap(({ kinds }) => kinds);
