import type { ReactNode } from 'react';
import { createPortal } from 'react-dom';
import Dropdown from 'react-bootstrap/Dropdown';
import { eyes as kinds } from '../../contracts/settings';
import { usePlay, type Blurred, type Eyes, type Rulers } from './playStore';

const RULERS: [Rulers, string][] = [
  ['none', 'Hide rulers'],
  ['pixels', 'Rulers in pixels'],
  ['percent', 'Rulers in per cent'],
  ['degrees', 'Degrees around the chart'],
];
const BLURRED: [Blurred, string][] = [
  ['at rest', 'Blur when paused'],
  ['in play', 'Blur during playback too'],
  ['never', 'No blur (B)'],
];
const ZOOMS = [1, 2, 4, 8];

/** How the stage is looked at: nearer, as hairlines, with other eyes, with rulers. None of it is filmed. */
export function ViewMenu({ hasShutter }: { hasShutter: boolean }) {
  const { outlines, hasGrid, rulers, view, blurred, eyes, set } = usePlay();
  const isUnusual =
    eyes !== 'usual' ||
    outlines ||
    hasGrid ||
    rulers !== 'none' ||
    view !== null ||
    (hasShutter && blurred !== 'at rest');
  return (
    <Dropdown align="end" drop="up">
      <Dropdown.Toggle
        variant="quiet"
        size="sm"
        id="view-menu"
        className={`text-button${isUnusual ? ' is-on' : ''}`}
        title="View options"
      >
        View
      </Dropdown.Toggle>
      {createPortal(
        <Dropdown.Menu className="view-menu" popperConfig={{ strategy: 'fixed' }}>
          <Looks name="Stage">
            {ZOOMS.map((zoom) => (
              <Dropdown.Item
                key={zoom}
                active={(view?.zoom ?? 1) === zoom}
                onClick={() => set({ view: zoom === 1 ? null : { zoom, x: view?.x ?? NaN, y: view?.y ?? NaN } })}
              >
                {zoom === 1 ? 'Fit stage' : `Zoom ${zoom} ×`}
              </Dropdown.Item>
            ))}
          </Looks>
          <Looks name="Colours as seen by">
            {(Object.keys(kinds) as Eyes[]).map((kind) => (
              <Dropdown.Item key={kind} active={eyes === kind} onClick={() => set({ eyes: kind })}>
                {kinds[kind].label}
              </Dropdown.Item>
            ))}
          </Looks>
          <Looks name="Lines">
            <Dropdown.Item active={outlines} onClick={() => set({ outlines: !outlines })}>
              Outlines only (H)
            </Dropdown.Item>
            <Dropdown.Item active={hasGrid} onClick={() => set({ hasGrid: !hasGrid })}>
              Grid and margins (R)
            </Dropdown.Item>
          </Looks>
          {hasShutter && (
            <Looks name="Motion blur">
              {BLURRED.map(([value, text]) => (
                <Dropdown.Item key={value} active={blurred === value} onClick={() => set({ blurred: value })}>
                  {text}
                </Dropdown.Item>
              ))}
            </Looks>
          )}
          <Looks name="Rulers">
            {RULERS.map(([value, text]) => (
              <Dropdown.Item key={value} active={rulers === value} onClick={() => set({ rulers: value })}>
                {text}
              </Dropdown.Item>
            ))}
          </Looks>
        </Dropdown.Menu>,
        document.body,
      )}
    </Dropdown>
  );
}

function Looks({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div role="group" aria-label={name} className="view-looks">
      <Dropdown.Header>{name}</Dropdown.Header>
      {children}
    </div>
  );
}
