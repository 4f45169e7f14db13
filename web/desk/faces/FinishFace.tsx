import { ask, reasonOf } from '../../api/client';
import { later } from '../../common/later';
import { useNotices } from '../../common/Notices';
import { ColourField } from '../../fields/ColourField';
import type { Chart, Finish } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { PartFields } from '../../settings/PartFields';
import { first, settingOf } from '../../settings/settings';
import { useDesk } from '../deskStore';
import { copyPart } from '../useClipboard';
import { useChartEdit } from '../useChartEdit';
import { DashField } from './DashField';

const MOST_SWATCHES = settingOf('Finish', 'swatches').max ?? 1;
/** made colours that are shown one by one */
const MOST_SHOWN = 8;

export function FinishFace({ chart }: { chart: Chart }) {
  const edit = useChartEdit(chart);
  const { finish } = chart;
  const count = useDesk((state) => state.computed?.sheet.charts[chart.id]?.figures.length ?? 1);
  const figures = useDesk((state) => state.computed?.sheet.charts[chart.id]?.figures);
  /** colours that the set was given for figures beyond it */
  const made = [
    ...new Set((figures ?? []).filter(({ id }) => !chart.own[id]?.fill).map(({ colour }) => colour)),
  ].filter((colour) => !finish.swatches.includes(colour));
  const set =
    <K extends keyof Finish>(name: K) =>
    (to: Finish[K]): void =>
      edit((draft) => {
        draft.finish[name] = to;
      });
  const grown = async (wanted: number): Promise<string[]> => {
    const body = { swatches: finish.swatches, count: Math.min(MOST_SWATCHES, Math.max(1, wanted)) };
    return (await ask('POST colours', { body })).swatches;
  };
  const grow = async (wanted: number): Promise<void> => {
    const its = later();
    try {
      const swatches = await grown(wanted);
      its(() =>
        edit((draft) => {
          draft.finish.swatches = swatches as typeof draft.finish.swatches;
        }),
      );
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
  };
  /** A set begins with a colour for each part. */
  const choose = async (colours: typeof finish.colours): Promise<void> => {
    const its = later();
    try {
      const swatches = colours === 'set' ? await grown(Math.max(count, finish.swatches.length)) : finish.swatches;
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
  return (
    <div className="fields finish-face">
      <section>
        <h3>
          Fill
          <button
            type="button"
            className="text-button ms-auto"
            title="Copy, then paste onto another chart"
            onClick={() => void copyPart({ lupine: 'finish', finish: chart.finish })}
          >
            <i className="bi bi-copy" aria-hidden="true" /> Copy finish
          </button>
        </h3>
        <GroupFields
          of="Finish"
          only={['colours']}
          value={finish}
          onChange={({ colours }) => colours && void choose(colours)}
        />
        <GroupFields of="Finish" only={['fill']} value={finish} onChange={({ fill }) => fill && set('fill')(fill)} />
        <div className="swatches">
          {(finish.colours === 'tints' ? finish.swatches.slice(0, 1) : finish.swatches).map((swatch, index) => (
            <ColourField
              key={index}
              bare
              label={`Swatch ${index + 1}`}
              value={swatch}
              onChange={(colour) =>
                edit((draft) => {
                  draft.finish.swatches[index] = colour;
                })
              }
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
                onClick={() => void grow(finish.swatches.length + 1)}
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
        </div>
      </section>
      <PartFields of="Pattern" value={finish.pattern} begin={first.Pattern} onChange={set('pattern')} />
      <PartFields
        of="Stroke"
        value={finish.stroke}
        begin={first.Stroke}
        slots={{ dash: finish.stroke && <DashField stroke={finish.stroke} onChange={set('stroke')} /> }}
        onChange={set('stroke')}
      />
      <PartFields of="Glow" value={finish.glow} begin={first.Glow} colour={finish.swatches[0]} onChange={set('glow')} />
      <PartFields of="Shadow" value={finish.shadow} begin={first.Shadow} onChange={set('shadow')} />
    </div>
  );
}
