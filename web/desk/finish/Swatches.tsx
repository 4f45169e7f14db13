import { ask, reasonOf } from '../../api/client';
import { later } from '../../common/later';
import { useNotices } from '../../common/Notices';
import { useState } from 'react';
import { ColourText } from '../../fields/ColourField';
import type { Chart, Finish } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { settingOf } from '../../settings/settings';
import { useDesk } from '../deskStore';
import { Apart } from './Apart';
import { PaletteMenu } from './PaletteMenu';

const MOST_SWATCHES = settingOf('Finish', 'swatches').max ?? 1;
/** made colours that are shown one by one */
const MOST_SHOWN = 8;

/** The colours that parts begin from. */
export function Swatches({ chart, edit }: { chart: Chart; edit: (change: (draft: Chart) => void) => void }) {
  const { finish } = chart;
  const figures = useDesk((state) => state.computed?.sheet.charts[chart.id]?.figures);
  const count = figures?.length ?? 1;
  const [taken, setTaken] = useState(0);
  /** colours that the set was given for figures beyond it */
  const made = [
    ...new Set((figures ?? []).filter(({ id }) => !chart.own[id]?.colour).map(({ colour }) => colour)),
  ].filter((colour) => !finish.swatches.includes(colour));
  const grown = async (wanted: number): Promise<string[]> => {
    const body = { swatches: finish.swatches, count: Math.min(MOST_SWATCHES, Math.max(1, wanted)) };
    return (await ask('POST colours', { body })).swatches;
  };
  /** A set begins with a colour for each part. */
  const become = async (colours: Finish['colours'], wanted: number): Promise<void> => {
    const its = later();
    try {
      const swatches = colours === 'set' ? await grown(wanted) : finish.swatches;
      its(() =>
        edit((draft) => {
          draft.finish.colours = colours;
          draft.finish.swatches = swatches as typeof draft.finish.swatches;
        }),
      );
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
  };
  const shown = finish.colours === 'set' ? finish.swatches : finish.swatches.slice(0, 1);
  const at = Math.min(taken, shown.length - 1);
  const recolour = (index: number, colour: string): void =>
    edit((draft) => {
      draft.finish.swatches[index] = colour;
    });
  const ground = useDesk((state) => state.document?.backdrop.colour) ?? '#ffffff';
  const take = (colours: string[]): void =>
    edit((draft) => {
      draft.finish.colours = 'set';
      draft.finish.swatches = colours as typeof draft.finish.swatches;
    });
  return (
    <div className="finish-colours">
      <div className="swatch-tools">
        <GroupFields
          of="Finish"
          only={['colours']}
          value={finish}
          onChange={({ colours }) => colours && void become(colours, Math.max(count, finish.swatches.length))}
        />
        <PaletteMenu swatches={finish.swatches} count={count} ground={ground} onTake={take} />
        <Apart chart={chart} figures={figures ?? []} ground={ground} edit={edit} />
      </div>
      <div className="swatches">
        {shown.map((swatch, index) => (
          <input
            key={index}
            type="color"
            className={`swatch-picker${index === at && shown.length > 1 ? ' is-on' : ''}`}
            value={swatch}
            title={swatch}
            aria-label={`Pick: Swatch ${index + 1}`}
            onFocus={() => setTaken(index)}
            onChange={({ target: { value } }) => recolour(index, value)}
          />
        ))}
        {finish.colours === 'set' && made.length > 0 && (
          <span
            className="swatches-made"
            title="Made for the figures beyond the set, so that no two are alike. Add a swatch to set the first of them."
          >
            {made.slice(0, MOST_SHOWN).map((colour) => (
              <span key={colour} style={{ background: colour }} />
            ))}
            {made.length > MOST_SHOWN && <span className="soft">+{made.length - MOST_SHOWN}</span>}
          </span>
        )}
        {finish.colours === 'set' && (
          <span className="swatch-count">
            <button
              type="button"
              className="text-button"
              aria-label="Add swatch"
              title="Add swatch"
              disabled={finish.swatches.length >= MOST_SWATCHES}
              onClick={() => void become('set', finish.swatches.length + 1)}
            >
              <i className="bi bi-plus-lg" />
            </button>
            {finish.swatches.length > 1 && (
              <button
                type="button"
                className="text-button"
                aria-label="Remove last swatch"
                title="Remove last swatch"
                onClick={() =>
                  edit((draft) => {
                    draft.finish.swatches.pop();
                  })
                }
              >
                <i className="bi bi-dash-lg" />
              </button>
            )}
          </span>
        )}
        <span className="field-box swatch-typed">
          <ColourText
            key={at}
            label={`Swatch ${at + 1}`}
            value={shown[at]}
            onChange={(colour) => recolour(at, colour)}
          />
        </span>
      </div>
    </div>
  );
}
