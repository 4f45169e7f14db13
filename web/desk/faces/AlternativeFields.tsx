import { useQuery } from '@tanstack/react-query';
import type { Piece, TextAlternative } from '../../../contracts/piece';
import { ask } from '../../api/client';
import { Fold } from '../../common/Fold';
import { TextField } from '../../fields/TextField';
import { settings } from '../../settings/settings';
import { useDesk } from '../deskStore';

const longestOf = (name: keyof TextAlternative): number | undefined =>
  settings.TextAlternative.fields.find((one) => one.name === name)?.longest;

/** What is said to those who do not see the picture: one's own words, or those that core makes. */
export function AlternativeFields({ piece }: { piece: Piece }) {
  const own = piece.alternative ?? null;
  return (
    <section data-part="alternative">
      <Fold
        name="alternative"
        label={settings.TextAlternative.label}
        count={own && <span className="soft">&nbsp;own words</span>}
      >
        <Fields piece={piece} own={own} />
      </Fold>
    </section>
  );
}

function Fields({ piece, own }: { piece: Piece; own: TextAlternative | null }) {
  const edit = useDesk((state) => state.edit);
  const { data: made } = useQuery({
    queryKey: ['alternative', piece],
    gcTime: 0,
    placeholderData: (before) => before,
    queryFn: () => ask('POST compute/alternative', { body: { document: piece, shape: null } }),
  });
  const set = (part: Partial<TextAlternative>): void =>
    edit((draft) => {
      const all = { ...(draft.alternative ?? { short: '', long: '' }), ...part };
      draft.alternative = all.short || all.long ? all : null;
    });
  return (
    <div className="fields">
      <TextField
        label="In short"
        rows={3}
        longest={longestOf('short')}
        value={own?.short ?? ''}
        placeholder={made?.short}
        onChange={(short) => set({ short })}
      />
      <TextField
        label="At length"
        rows={7}
        longest={longestOf('long')}
        value={own?.long ?? ''}
        placeholder={made?.long}
        onChange={(long) => set({ long })}
      />
      <p className="hint">
        Said in pages, SVGs and film metadata to those who do not see the picture. Left empty, it follows the figures
        and the script, as shown in grey.
      </p>
    </div>
  );
}
