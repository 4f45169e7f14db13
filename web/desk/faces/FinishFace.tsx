import { ask, reasonOf } from '../../api/client';
import { later } from '../../common/later';
import { useNotices } from '../../common/Notices';
import { ColourField } from '../../fields/ColourField';
import { Choice, Switch } from '../../fields/Choice';
import type { Chart } from '../../piece/document';
import { useDesk } from '../deskStore';
import { copyPart } from '../useClipboard';
import { useChartEdit } from '../useChartEdit';
import { EdgeFields, GLOW, PATTERN, PatternFields, SHADOW, STROKE, StrokeFields } from './finishFields';

const MOST_SWATCHES = 40;
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
  const grown = async (wanted: number): Promise<string[]> => {
    const body = { swatches: finish.swatches, count: Math.min(MOST_SWATCHES, Math.max(1, wanted)) };
    return (await ask<{ swatches: string[] }>('colours', { method: 'POST', body })).swatches;
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
            title="To be pasted onto another chart"
            onClick={() => void copyPart({ lupine: 'finish', finish: chart.finish })}
          >
            <i className="bi bi-copy" aria-hidden="true" /> copy the finish
          </button>
        </h3>
        <Choice
          label="colours"
          value={finish.colours}
          options={[
            ['tints', 'tints of one'],
            ['set', 'a set'],
          ]}
          onChange={(colours) => void choose(colours)}
        />
        <Choice
          label="fill"
          value={finish.fill}
          options={[
            ['flat', 'flat'],
            ['gradient', 'gradient'],
          ]}
          onChange={(fill) =>
            edit((draft) => {
              draft.finish.fill = fill;
            })
          }
        />
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
              title="Made for the figures beyond the set, so that no two are alike. One more swatch makes the first yours."
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
                aria-label="One more swatch"
                title="One more swatch"
                disabled={finish.swatches.length >= MOST_SWATCHES}
                onClick={() => void grow(finish.swatches.length + 1)}
              >
                <i className="bi bi-plus-lg" />
              </button>
              {finish.swatches.length > 1 && (
                <button
                  type="button"
                  className="text-button"
                  aria-label="One swatch less"
                  title="Take the last one away"
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
      <section>
        <h3>
          <Switch
            label="Pattern"
            value={finish.pattern !== null}
            onChange={(on) =>
              edit((draft) => {
                draft.finish.pattern = on ? PATTERN : null;
              })
            }
          />
        </h3>
        {finish.pattern ? (
          <PatternFields
            pattern={finish.pattern}
            onChange={(pattern) =>
              edit((draft) => {
                draft.finish.pattern = pattern;
              })
            }
          />
        ) : (
          <p className="hint">Stripes, dots, a grid or waves over the fill.</p>
        )}
      </section>
      <section>
        <h3>
          <Switch
            label="Stroke"
            value={finish.stroke !== null && finish.stroke !== undefined}
            onChange={(on) =>
              edit((draft) => {
                draft.finish.stroke = on ? STROKE : null;
              })
            }
          />
        </h3>
        {finish.stroke ? (
          <StrokeFields
            stroke={finish.stroke}
            onChange={(stroke) =>
              edit((draft) => {
                draft.finish.stroke = stroke;
              })
            }
          />
        ) : (
          <p className="hint">A line along the edge of each mark, inside it or on it, in dashes too.</p>
        )}
      </section>
      <section>
        <h3>
          <Switch
            label="Glow"
            value={finish.glow !== null}
            onChange={(on) =>
              edit((draft) => {
                draft.finish.glow = on ? GLOW : null;
              })
            }
          />
        </h3>
        {finish.glow ? (
          <EdgeFields
            edge={finish.glow}
            onChange={(glow) =>
              edit((draft) => {
                draft.finish.glow = glow;
              })
            }
          />
        ) : (
          <p className="hint">Light around each mark.</p>
        )}
      </section>
      <section>
        <h3>
          <Switch
            label="Shadow"
            value={finish.shadow !== null}
            onChange={(on) =>
              edit((draft) => {
                draft.finish.shadow = on ? SHADOW : null;
              })
            }
          />
        </h3>
        {finish.shadow ? (
          <EdgeFields
            shared
            edge={finish.shadow}
            onChange={(shadow) =>
              edit((draft) => {
                draft.finish.shadow = shadow;
              })
            }
          />
        ) : (
          <p className="hint">A soft one, below each mark.</p>
        )}
      </section>
    </div>
  );
}
