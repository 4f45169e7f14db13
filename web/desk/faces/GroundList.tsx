import { useState } from 'react';
import type { Backdrop } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { settingOf } from '../../settings/settings';

const LISTS = {
  lights: { of: 'BackdropLight', word: 'light' },
  clouds: { of: 'Clouds', word: 'clouds' },
  textures: { of: 'Texture', word: 'texture' },
} as const;
type List = keyof typeof LISTS;

/** what a new one begins as */
const BEGUN: { [L in List]: NonNullable<Backdrop[L]>[number] } = {
  lights: { colour: '#5a7fd6', x: 0.75, y: 0.25, size: 0.4, opacity: 0.7, wander: 0.06, every: 480, blend: 'screen' },
  clouds: { colour: '#ffffff', amount: 0.3 },
  textures: { kind: 'paper', amount: 0.4 },
};

interface Props {
  backdrop: Backdrop;
  list: List;
  change: (part: Partial<Backdrop>) => void;
}

/** Lights, clouds or textures of a backdrop: one line each, and the fields of the one that is open. */
export function GroundList({ backdrop, list, change }: Props) {
  const { of, word } = LISTS[list];
  const all = (backdrop[list] ?? []) as object[];
  const [open, setOpen] = useState(0);
  const most = settingOf('Backdrop', list).max ?? 1;
  const set = (next: object[]): void => change({ [list]: next });
  return (
    <div className="ground-list">
      <div className="ground-head">
        <span>{settingOf('Backdrop', list).label}</span>
        {all.map((_, at) => (
          <button
            key={at}
            type="button"
            className={`coat-place${at === open ? ' is-on' : ''}`}
            aria-pressed={at === open}
            aria-label={`${settingOf('Backdrop', list).label} ${at + 1}`}
            onClick={() => setOpen(at)}
          >
            {at + 1}
          </button>
        ))}
        <button
          type="button"
          className="text-button"
          disabled={all.length >= most}
          onClick={() => {
            set([...all, structuredClone(BEGUN[list])]);
            setOpen(all.length);
          }}
        >
          <i className="bi bi-plus-lg" aria-hidden="true" /> Add {word}
        </button>
        {all.length > 0 && (
          <button
            type="button"
            className="text-button"
            onClick={() => {
              set(all.filter((_, at) => at !== Math.min(open, all.length - 1)));
              setOpen(Math.max(0, open - 1));
            }}
          >
            <i className="bi bi-dash-lg" aria-hidden="true" /> Remove
          </button>
        )}
      </div>
      {all.map((one, at) =>
        at === Math.min(open, all.length - 1) ? (
          <div key={at} className="fields three-columns ground-fields">
            <GroupFields
              of={of}
              value={one as never}
              but={list === 'textures' ? (['lie'] as never) : []}
              onChange={(part) =>
                set(all.map((each, place) => (place === at ? { ...each, ...(part as object) } : each)))
              }
            />
          </div>
        ) : null,
      )}
    </div>
  );
}
