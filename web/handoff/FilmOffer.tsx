import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { FilmKind } from '../api/answers';
import { ask } from '../api/client';
import { counted, rateText } from '../common/words';
import { Choice, Switch } from '../fields/Choice';
import { ColourField } from '../fields/ColourField';
import { useOnceRead } from '../fields/reads';
import { TextField } from '../fields/TextField';
import { shapesOf, shapeWord } from '../desk/shapes';
import type { Piece } from '../../contracts/piece';
import { recordingOf } from '../piece/voice';
import { finishCost } from './finishCost';
import { FrameRange } from './FrameRange';

const KINDS: Record<FilmKind, string> = {
  mp4: 'H.264, 4:2:0, BT.709; plays almost everywhere, no transparency',
  mov: 'ProRes 4444 with transparency and a timecode track; large files',
  hq: 'ProRes 422 HQ without transparency, with a timecode track; large files',
  webm: 'VP9 with transparency; small files',
  zip: 'PNG frames with transparency in one ZIP, no sound',
  wav: 'Narration only, trimmed to the frame range; PCM, 48 kHz',
};

const FOR_EVERYONE: [FilmKind, string][] = [
  ['mp4', 'MP4'],
  ['mov', 'MOV'],
  ['webm', 'WebM'],
  ['zip', 'frames'],
];
const FOR_EDITOR: [FilmKind, string][] = [
  ['mov', 'ProRes 4444'],
  ['hq', '422 HQ'],
  ['zip', 'frames'],
];

/** What is asked for, as the server takes it. */
export interface FilmOrder {
  kind: FilmKind;
  name: string;
  from: number;
  to: number;
  ground: string | null;
  /** of the stage; null: the piece's own */
  shape: string | null;
  /** is the narrator heard in it? */
  sound: boolean;
}

/** from how many times the time of a flat piece on its finish is worth a word */
const SLOW = 1.5;

/** One film in each shape. */
const ALL = 'all';

export function FilmOffer({
  piece,
  busy,
  onFilm,
  isForEditor = false,
}: {
  piece: Piece;
  busy: boolean;
  onFilm: (orders: FilmOrder[]) => void;
  /** begins with what editing programs take best */
  isForEditor?: boolean;
}) {
  const { stage, backdrop } = piece;
  const last = stage.frames - 1;
  const isOpen = backdrop.kind === 'transparent';
  const [kind, setKind] = useState<FilmKind>(isOpen || isForEditor ? 'mov' : 'mp4');
  const [name, setName] = useState('');
  const [range, setRange] = useState({ from: 0, to: last });
  const [ground, setGround] = useState('#000000');
  const shapes = shapesOf(piece);
  const [shape, setShape] = useState('');
  const chosen = shape === ALL ? shapes : shapes.filter(({ id }) => (id ?? '') === shape);
  const sizes = chosen.map(({ width, height }) => `${width}\u00a0×\u00a0${height}`).join(', ');
  const needsGround = isOpen && (kind === 'mp4' || kind === 'hq');
  const frames = range.to - range.from + 1;
  const recording = recordingOf(piece)?.sound ? recordingOf(piece) : undefined;
  const [withSound, setWithSound] = useState(true);
  const computed = useQuery({
    queryKey: ['there', piece],
    gcTime: 0,
    queryFn: () => ask('POST compute', { body: { document: piece, frame: 0, inHurry: true, shape: null } }),
  });
  const reel = computed.data?.reel;
  const { data: cost } = useQuery({
    queryKey: ['finish-cost', piece],
    gcTime: 0,
    enabled: Boolean(reel),
    // When what is on the page has been shown.
    queryFn: () => new Promise<number | null>((done) => setTimeout(() => done(reel ? finishCost(reel) : null), 300)),
  });
  const there = computed.data?.sheet.there;
  const isEmpty =
    computed.data?.reel && piece.charts.length > 0 && (!there || range.to < there[0] || range.from > there[1]);
  const film = useOnceRead(() =>
    onFilm(
      // A sound has no shape.
      (kind === 'wav' ? [{ id: null }] : chosen).map(({ id }) => ({
        kind,
        name: nameOf(name.trim(), chosen.length > 1 ? id : null),
        ...range,
        ground: needsGround ? ground : null,
        shape: id,
        sound: withSound || kind === 'wav',
      })),
    ),
  );
  return (
    <article className="offer">
      <h2>Film</h2>
      <Choice
        label="Format"
        value={kind}
        options={[
          ...(isForEditor ? FOR_EDITOR : FOR_EVERYONE),
          ...(recording ? [['wav', 'sound'] as [FilmKind, string]] : []),
        ]}
        onChange={setKind}
      />
      <p className="hint">
        {KINDS[kind]}. {kind !== 'wav' && `${sizes} at ${rateText(stage.rate)} frames per second.`}
      </p>
      {recording && kind !== 'zip' && kind !== 'wav' && (
        <Switch label={`Include “${recording.name}”`} value={withSound} onChange={setWithSound} />
      )}
      {shapes.length > 1 && kind !== 'wav' && (
        <Choice
          label="Shape"
          value={shape}
          options={[
            ...shapes.map(({ id, width, height }): [string, string] => [id ?? '', shapeWord(width, height)]),
            [ALL, 'all'],
          ]}
          onChange={setShape}
        />
      )}
      <TextField label="File name" value={name} placeholder={piece.title} longest={120} onChange={setName} />
      <FrameRange range={range} last={last} onChange={setRange} />
      {kind !== 'wav' && cost && cost >= SLOW && (
        <p className="hint">Its finish takes about {cost.toFixed(1)} times as long to paint as a flat one.</p>
      )}
      {isEmpty && kind !== 'wav' && (
        <div className="problem-bar is-notice" role="status">
          {there
            ? `No part of a chart is there on these frames. They are there from frame ${there[0]} to ${there[1]}.`
            : 'No part of a chart ever comes in this piece.'}
        </div>
      )}
      {needsGround && (
        <div className="problem-bar is-notice">
          <span>
            This piece has no backdrop and a film of this kind cannot be transparent. Choose a background colour.
          </span>
          <ColourField label="Colour" value={ground} onChange={setGround} />
        </div>
      )}
      <Button disabled={busy} onClick={film}>
        {kind === 'wav' ? 'Export sound' : chosen.length > 1 ? `Make ${chosen.length} films` : 'Make film'}
        {needsGround && ' on this background'}
        {frames < stage.frames && ` of ${counted(frames, 'frame')}`}
      </Button>
    </article>
  );
}

/** A name of its own for each of several; without one the server names them by title and shape. */
function nameOf(name: string, shape: string | null): string {
  return name === '' || shape === null ? name : `${name} ${shape}`;
}
