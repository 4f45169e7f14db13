import Dropdown from 'react-bootstrap/Dropdown';
import { usePlay, type Rulers } from './playStore';

const RULERS: [Rulers, string][] = [
  ['none', 'no rulers'],
  ['pixels', 'rulers in pixels'],
  ['percent', 'rulers in percent'],
  ['degrees', 'degrees about the chart'],
];
const ZOOMS = [1, 2, 4, 8];

/** How the stage is looked at: nearer, as hairlines, with rulers. None of it is filmed. */
export function ViewMenu() {
  const { outlines, rulers, view, set } = usePlay();
  const isUnusual = outlines || rulers !== 'none' || view !== null;
  return (
    <Dropdown align="end" drop="up">
      <Dropdown.Toggle
        variant="quiet"
        size="sm"
        id="view-menu"
        className={`text-button${isUnusual ? ' is-on' : ''}`}
        title="How the stage is looked at"
      >
        view
      </Dropdown.Toggle>
      <Dropdown.Menu>
        {ZOOMS.map((zoom) => (
          <Dropdown.Item
            key={zoom}
            active={(view?.zoom ?? 1) === zoom}
            onClick={() => set({ view: zoom === 1 ? null : { zoom, x: view?.x ?? NaN, y: view?.y ?? NaN } })}
          >
            {zoom === 1 ? 'all of the stage' : `${zoom} × nearer`}
          </Dropdown.Item>
        ))}
        <Dropdown.Divider />
        <Dropdown.Item active={outlines} onClick={() => set({ outlines: !outlines })}>
          outlines (H)
        </Dropdown.Item>
        <Dropdown.Divider />
        {RULERS.map(([value, text]) => (
          <Dropdown.Item key={value} active={rulers === value} onClick={() => set({ rulers: value })}>
            {text}
          </Dropdown.Item>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}
