import { Pick, Switch } from '../fields/Choice';
import { ColourField } from '../fields/ColourField';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { shapesOf, shapeWord } from '../desk/shapes';
import type { Piece } from '../../contracts/piece';
import { recordingOf } from '../piece/voice';
import { FrameRange } from './FrameRange';
import type { Kind } from './kinds';
import { needsGround, type Wanted } from './wanted';

const RATES = ['10', '12.5', '20', '25', '50'];

interface Props {
  piece: Piece;
  wanted: Wanted;
  chosen: Kind[];
  /** how files of several tables are called; null: there is one table */
  names: { value: string; onChange: (names: string) => void } | null;
  onChange: (part: Partial<Wanted>) => void;
}

/** What matters for the kinds that are chosen, and for those alone. */
export function WantedFields({ piece, wanted, chosen, names, onChange }: Props) {
  const has = (what: keyof Kind): boolean => chosen.some((one) => one[what] === true);
  const recording = recordingOf(piece)?.sound ? recordingOf(piece) : undefined;
  const isOpen = needsGround(chosen, piece);
  return (
    <div className="wanted">
      {has('hasShape') && <Shapes piece={piece} chosen={wanted.shapes} onChange={(shapes) => onChange({ shapes })} />}
      <Part piece={piece} wanted={wanted} onChange={onChange} />
      {has('isLoop') && (
        <>
          <NumberField
            label="Width"
            unit="number"
            sign="px"
            value={wanted.width}
            min={64}
            max={piece.stage.width}
            step={10}
            onChange={(width) => onChange({ width: Math.round(width) })}
          />
          <Pick
            label="Pictures a second"
            value={wanted.perSecond}
            options={RATES.filter((rate) => Number(rate) <= piece.stage.rate[0] / piece.stage.rate[1]).map((rate) => [
              rate,
              rate,
            ])}
            onChange={(perSecond) => onChange({ perSecond })}
          />
        </>
      )}
      <div className="wanted-switches">
        {recording && has('hasSound') && (
          <Switch
            label={`Include “${recording.name}”`}
            value={wanted.sound}
            onChange={(sound) => onChange({ sound })}
          />
        )}
        {piece.captions && has('isFilm') && (
          <Switch
            label="Captions in the picture"
            value={wanted.captions}
            onChange={(captions) => onChange({ captions })}
          />
        )}
        {piece.script.lines.length > 0 && has('hasChapters') && (
          <Switch label="Lines as chapters" value={wanted.chapters} onChange={(chapters) => onChange({ chapters })} />
        )}
        {(has('isLoop') || chosen.some(({ kind }) => kind === 'svg')) && (
          <Switch label="Begin again at the end" value={wanted.loops} onChange={(loops) => onChange({ loops })} />
        )}
      </div>
      {isOpen && (
        <div className="problem-bar is-notice">
          <span>
            This piece has no backdrop, and {chosen.find(({ isOpaque }) => isOpaque)?.word} cannot be transparent.
            Choose a background colour.
          </span>
          <ColourField label="Colour" value={wanted.ground} onChange={(ground) => onChange({ ground })} />
        </div>
      )}
      {names ? (
        <TextField
          label="File names"
          value={names.value}
          longest={120}
          hint="{name} of the table, {shape}, {kind}, {number}"
          onChange={names.onChange}
        />
      ) : (
        <TextField
          label="File name"
          value={wanted.name}
          placeholder={piece.title}
          longest={120}
          onChange={(name) => onChange({ name })}
        />
      )}
    </div>
  );
}

/** Any of the shapes that the piece is made in, one at least. */
function Shapes({ piece, chosen, onChange }: { piece: Piece; chosen: string[]; onChange: (shapes: string[]) => void }) {
  const shapes = shapesOf(piece);
  if (shapes.length < 2) return null;
  return (
    <div className="field" role="group" aria-label="Shapes">
      <span className="field-label">Shapes</span>
      <span className="shape-chips">
        {shapes.map(({ id, width, height }) => {
          const one = id ?? '';
          const is = chosen.includes(one);
          return (
            <button
              key={one}
              type="button"
              className="shape-chip"
              aria-pressed={is}
              title={`${width} × ${height}`}
              onClick={() => {
                const next = is ? chosen.filter((other) => other !== one) : [...chosen, one];
                if (next.length > 0) onChange(next);
              }}
            >
              {shapeWord(width, height)}
            </button>
          );
        })}
      </span>
    </div>
  );
}

const ALL = 'all';
const SOME = 'frames';
const EACH = 'each';

/** Which frames: all of them, some, those of a line, or each line in files of its own. */
function Part({
  piece,
  wanted,
  onChange,
}: {
  piece: Piece;
  wanted: Wanted;
  onChange: (part: Partial<Wanted>) => void;
}) {
  const last = piece.stage.frames - 1;
  const lines = piece.script.lines.filter(({ begin }) => begin <= last);
  const rangeOf = ({ begin, end }: (typeof lines)[number]) => ({
    from: Math.max(0, begin),
    to: Math.max(begin, Math.min(last, end - 1)),
  });
  const isAll = wanted.from === 0 && wanted.to === last;
  const line = lines.findIndex((one) => {
    const { from, to } = rangeOf(one);
    return from === wanted.from && to === wanted.to;
  });
  return (
    <>
      {lines.length > 0 && (
        <Pick
          label="Part"
          value={wanted.byLine ? EACH : isAll ? ALL : line >= 0 ? `line ${line}` : SOME}
          options={[
            [ALL, 'The whole piece'],
            ...(isAll || line >= 0 || wanted.byLine ? [] : [[SOME, 'Frames as below'] as [string, string]]),
            ...lines.map(({ text }, at): [string, string] => [`line ${at}`, `Line ${at + 1}: ${text}`]),
            ...(lines.length > 1 ? [[EACH, 'Each line by itself'] as [string, string]] : []),
          ]}
          onChange={(part) => {
            if (part === EACH) onChange({ byLine: true });
            else if (part === ALL) onChange({ byLine: false, from: 0, to: last });
            else onChange({ byLine: false, ...rangeOf(lines[Number(part.slice(5))]) });
          }}
        />
      )}
      {!wanted.byLine && <FrameRange range={wanted} last={last} onChange={onChange} />}
    </>
  );
}
