import { Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import type { Piece, Shutter } from '../../piece/document';
import { useDesk } from '../deskStore';

const USUAL: Shutter = { angle: 180, samples: 9, charts: true, words: true, camera: true };
const SAMPLES: [string, string][] = [
  ['5', '5 · a first look'],
  ['9', '9'],
  ['17', '17 · smooth'],
  ['33', '33 · for wide moves'],
];
const TAKEN: ['charts' | 'words' | 'camera', string][] = [
  ['charts', 'charts'],
  ['words', 'titles and notes'],
  ['camera', 'the camera’s way'],
];

/** Motion blur of the whole piece: the shutter, and what it takes. */
export function ShutterFields({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const shutter = piece.shutter ?? null;
  const change = (part: Partial<Shutter>): void =>
    edit((draft) => {
      if (draft.shutter) Object.assign(draft.shutter, part);
    });
  return (
    <section>
      <h3>
        <Switch
          label="Motion blur"
          value={shutter !== null}
          onChange={(on) =>
            edit((draft) => {
              draft.shutter = on ? { ...USUAL } : null;
            })
          }
        />
      </h3>
      {shutter ? (
        <div className="fields two-columns">
          <NumberField
            label="shutter angle"
            unit="degrees"
            value={shutter.angle}
            min={1}
            max={360}
            usual={USUAL.angle}
            onChange={(angle) => change({ angle })}
          />
          <Pick
            label="samples"
            value={String(shutter.samples)}
            options={SAMPLES}
            onChange={(samples) => change({ samples: Number(samples) as Shutter['samples'] })}
          />
          <div className="span-all shutter-takes">
            {TAKEN.map(([name, label]) => (
              <Switch key={name} label={label} value={shutter[name]} onChange={(on) => change({ [name]: on })} />
            ))}
          </div>
          <p className="hint span-all">
            Readings stay sharp, and what stands still is as without. “View” says when it is shown here: where it rests,
            in play too, or never (B).
          </p>
        </div>
      ) : (
        <p className="hint">What moves is filmed sharp on every frame.</p>
      )}
    </section>
  );
}
