import type { Piece, Shutter } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { first, settings } from '../../settings/settings';
import { Switch } from '../../fields/Choice';
import { useDesk } from '../deskStore';

/** Motion blur of the whole piece: the shutter, and what it takes. */
export function ShutterFields({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const shutter = piece.shutter ?? null;
  const set = (to: Shutter | null): void =>
    edit((draft) => {
      draft.shutter = to;
    });
  const fields = (only: (keyof Shutter)[]) =>
    shutter && (
      <GroupFields of="Shutter" only={only} value={shutter} onChange={(part) => set({ ...shutter, ...part })} />
    );
  return (
    <section data-part="shutter">
      <h3>
        <Switch
          label={settings.Shutter.label}
          value={shutter !== null}
          onChange={(on) => set(on ? first.Shutter : null)}
        />
      </h3>
      {shutter ? (
        <div className="fields two-columns">
          {fields(['angle', 'samples'])}
          <div className="span-all shutter-takes">{fields(['charts', 'words', 'camera'])}</div>
          <p className="hint span-all">
            Readings and still parts stay sharp. To choose when blur is shown on the stage, use View (B).
          </p>
        </div>
      ) : (
        <p className="hint">{settings.Shutter.hint}</p>
      )}
    </section>
  );
}
