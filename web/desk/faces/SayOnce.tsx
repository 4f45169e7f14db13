import { Choice } from '../../fields/Choice';
import type { Chart } from '../../../contracts/piece';
import { act } from '../act';

/** Where a chart says names and values: in one place, and not in two. */
export function SayOnce({ chart }: { chart: Chart }) {
  const { labels, legend, names } = chart.words;
  const hasLabels = labels.show !== 'none';
  const isNamed = hasLabels && labels.text !== 'reading';
  const hasAxis = 'axis' in chart.form;
  const isOnAxis = hasAxis && chart.form.axis === 'ticks';
  const isSeveral = (chart.series?.length ?? 0) > 1;
  // Names where marks begin are names at the parts already; several series have no other place than a legend.
  const canName = !names && !isSeveral;
  if (!canName && !hasAxis) return null;
  return (
    <section className="say-once">
      <h3>Said once</h3>
      {canName && (
        <Choice
          label="Names"
          value={legend && !isNamed ? 'legend' : isNamed && !legend ? 'parts' : ''}
          options={[
            ['parts', 'At the parts'],
            ['legend', 'In a legend'],
          ]}
          onChange={(where) => {
            if (where) void act('say-once', { chart: chart.id, names: where as 'parts' | 'legend' });
          }}
        />
      )}
      {hasAxis && (
        <Choice
          label="Values"
          value={hasLabels && !isOnAxis ? 'marks' : isOnAxis && !hasLabels ? 'axis' : ''}
          options={[
            ['marks', 'At the marks'],
            ['axis', 'On the axis'],
          ]}
          onChange={(where) => {
            if (where) void act('say-once', { chart: chart.id, values: where as 'marks' | 'axis' });
          }}
        />
      )}
    </section>
  );
}
