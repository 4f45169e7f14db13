import { useSyncExternalStore, type ReactNode } from 'react';
import { Group, Panel, Separator, useDefaultLayout } from 'react-resizable-panels';

export interface Part {
  id: string;
  /** pixels or percent, such as `256px` or `39%` */
  usual?: string;
  least: string;
  /** what is left of it where it is folded away; it cannot be where this is not given */
  folded?: string;
  /** it keeps its pixels while the window changes */
  keepsSize?: boolean;
  content: ReactNode;
}

interface Props {
  id: string;
  label: string;
  upright?: boolean;
  parts: [Part, Part];
}

/** Where there is little room, as on a small screen or with large type, parts stand below each other. */
const room = window.matchMedia('(width <= 860px)');

function watchRoom(onChange: () => void): () => void {
  room.addEventListener('change', onChange);
  return () => room.removeEventListener('change', onChange);
}

/** Two parts with a bar between them that can be dragged, and moved with the arrow keys. What was chosen is kept. */
export function Split({ id, label, upright, parts }: Props) {
  const { defaultLayout, onLayoutChanged } = useDefaultLayout({ id: `lupine-${id}`, storage: localStorage });
  const isStacked = useSyncExternalStore(watchRoom, () => room.matches);
  if (isStacked)
    return (
      <div className="split is-stacked">
        {parts.map(({ id: name, content }) => (
          <div key={name} className={`split-part is-${name}`}>
            {content}
          </div>
        ))}
      </div>
    );
  const panel = ({ id: name, usual, least, folded, keepsSize, content }: Part) => (
    <Panel
      id={name}
      defaultSize={usual}
      minSize={least}
      collapsible={folded !== undefined}
      collapsedSize={folded}
      groupResizeBehavior={keepsSize ? 'preserve-pixel-size' : 'preserve-relative-size'}
      className={`split-part is-${name}`}
    >
      {content}
    </Panel>
  );
  return (
    <Group
      id={id}
      className="split"
      orientation={upright ? 'vertical' : 'horizontal'}
      defaultLayout={defaultLayout}
      onLayoutChanged={onLayoutChanged}
    >
      {panel(parts[0])}
      <Separator className={`split-bar${upright ? ' is-level' : ''}`} aria-label={label} title={label} />
      {panel(parts[1])}
    </Group>
  );
}
