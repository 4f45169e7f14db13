import type { Fill } from '../../../contracts/piece';
import { usualStops } from '../../../contracts/settings';
import { GroupFields } from '../../settings/GroupFields';
import { settingOf } from '../../settings/settings';
import { useState } from 'react';

type Stop = NonNullable<Fill['stops']>[number];

const MOST = settingOf('Fill', 'stops').max ?? 8;
const FEWEST = 2;

/** The colours of a gradient: a bar with a mark for each, and the fields of the one that is taken. */
export function Stops({ fill, colour, onChange }: { fill: Fill; colour: string; onChange: (stops: Stop[]) => void }) {
  const stops = fill.stops?.length ? fill.stops : usualStops;
  const [taken, setTaken] = useState(0);
  const at = Math.min(taken, stops.length - 1);
  const sorted = [...stops].sort((one, other) => one.at - other.at);
  const bar = sorted.map((stop) => `${seen(stop, colour)} ${stop.at * 100}%`).join(', ');
  const add = (): void => {
    const place = sorted.findIndex((stop) => stop === stops[at]);
    const [from, to] = place + 1 < sorted.length ? [place, place + 1] : [place - 1, place];
    const middle = (sorted[from].at + sorted[to].at) / 2;
    onChange([...stops, { ...sorted[from], at: Math.round(middle * 1000) / 1000 }]);
    setTaken(stops.length);
  };
  return (
    <div className="stops span-all">
      <div className="stops-bar" style={{ backgroundImage: `linear-gradient(90deg, ${bar})` }}>
        {stops.map((stop, index) => (
          <button
            key={index}
            type="button"
            className={`stop${index === at ? ' is-on' : ''}`}
            style={{ left: `${stop.at * 100}%`, background: seen(stop, colour) }}
            aria-label={`Colour at ${Math.round(stop.at * 100)} %`}
            aria-pressed={index === at}
            onClick={() => setTaken(index)}
          />
        ))}
      </div>
      <div className="fields two-columns">
        <GroupFields
          of="Stop"
          value={stops[at]}
          colour={colour}
          onChange={(part) => onChange(stops.map((stop, index) => (index === at ? { ...stop, ...part } : stop)))}
        />
        <span className="stops-tools">
          <button type="button" className="text-button" disabled={stops.length >= MOST} onClick={add}>
            <i className="bi bi-plus-lg" aria-hidden="true" /> Add colour
          </button>
          <button
            type="button"
            className="text-button"
            disabled={stops.length <= FEWEST}
            onClick={() => {
              onChange(stops.filter((_, index) => index !== at));
              setTaken(Math.max(0, at - 1));
            }}
          >
            <i className="bi bi-dash-lg" aria-hidden="true" /> Remove
          </button>
        </span>
      </div>
    </div>
  );
}

/** A stop as a style has it: the browser mixes in sRGB as core does. */
function seen({ colour, shade = 0, opacity = 1 }: Stop, part: string): string {
  const own = colour ?? part;
  const mixed =
    shade === 0
      ? own
      : `color-mix(in srgb, ${shade > 0 ? 'white' : 'black'} ${Math.round(Math.abs(shade) * 100)}%, ${own})`;
  return opacity < 1 ? `color-mix(in srgb, ${mixed} ${Math.round(opacity * 100)}%, transparent)` : mixed;
}
