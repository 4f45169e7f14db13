import type { Chart, FreeText, Panel, Picture, Piece } from '../../contracts/piece';
import { wordsOf } from '../settings/settings';
import { newId } from '../common/words';

/** Changes of panels. Each writes into the document that it is given. */

export function panelOf(piece: Piece, id: string): Panel | undefined {
  return piece.panels?.find((panel) => panel.id === id);
}

/** Everything that stands on the stage and has a place of its own, legends and captions aside. */
export function thingsOf(piece: Piece): (Chart | FreeText | Panel)[] {
  return [...piece.charts, ...piece.words, ...(piece.panels ?? [])];
}

/** What it is called in lists: its name, or its shape. */
export function panelName(panel: Panel): string {
  return panel.name?.trim() || wordsOf('Panel', 'kind')[panel.kind];
}

/** Sides that a shape begins with, as parts of the stage's shorter side. */
const BEGINNINGS: Record<Panel['kind'], Pick<Panel, 'width' | 'height'>> = {
  rectangle: { width: 0.6, height: 0.36 },
  pill: { width: 0.4, height: 0.1 },
  circle: { width: 0.4, height: 0.4 },
  ring: { width: 0.5, height: 0.5 },
  rule: { width: 0.4, height: 0.008 },
  frame: { width: 0.8, height: 0.5 },
  bracket: { width: 0.06, height: 0.4 },
  arrow: { width: 0.26, height: 0.06 },
};

/** A new panel in the middle of the stage; what is wide stands behind charts, what is thin before them. */
export function addPanel(piece: Piece, kind: Panel['kind']): string {
  const id = newId('panel', piece.panels ?? []);
  const { width, height } = piece.stage;
  const shorter = Math.min(width, height);
  const size = BEGINNINGS[kind];
  const isCard = kind === 'rectangle' || kind === 'pill' || kind === 'circle';
  const isThin = kind === 'rule' || kind === 'arrow' || kind === 'bracket';
  piece.panels = [
    ...(piece.panels ?? []),
    {
      id,
      kind,
      x: Math.round(width / 2),
      y: Math.round(height / 2),
      width: Math.round(size.width * shorter),
      height: Math.max(2, Math.round(size.height * shorter)),
      ...(kind === 'rule' ? { radius: 0 } : {}),
      thickness: Math.max(2, Math.round(shorter * (kind === 'ring' || kind === 'frame' ? 0.012 : 0.008))),
      colour: isLight(piece.backdrop.colour) ? '#1c2229' : '#ffffff',
      stands: isThin ? 'between' : 'back',
      // A card lets the ground through.
      ...(isCard ? { fills: [{ kind: 'flat' as const, opacity: 0.1 }] } : {}),
    },
  ];
  return id;
}

/** Whether black reads better on a colour than white; the luminance is that of WCAG 2.2. */
function isLight(colour: string): boolean {
  const [red, green, blue] = [1, 3, 5].map((at) => {
    const part = parseInt(colour.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue > 0.179;
}

/** A picture of the piece; one that is there already is not taken twice. */
export function addPicture(piece: Piece, picture: Omit<Picture, 'id'>): string {
  const known = piece.pictures?.find(({ file }) => file === picture.file);
  if (known) return known.id;
  const id = newId('picture', piece.pictures ?? []);
  piece.pictures = [...(piece.pictures ?? []), { id, ...picture }];
  return id;
}

/** A panel with a picture on it, in front of charts, in the picture’s own ratio. */
export function addPicturePanel(piece: Piece, pictureId: string): string {
  const id = addPanel(piece, 'rectangle');
  const picture = piece.pictures?.find((one) => one.id === pictureId);
  const panel = panelOf(piece, id);
  if (!picture || !panel) return id;
  const scale = Math.min(1, (Math.min(piece.stage.width, piece.stage.height) * 0.4) / picture.height);
  Object.assign(panel, {
    width: Math.max(1, Math.round(picture.width * scale)),
    height: Math.max(1, Math.round(picture.height * scale)),
    radius: 0,
    stands: 'between',
    name: picture.name.slice(0, 80),
    fills: [{ kind: 'picture', picture: pictureId, fit: 'contain' }],
  });
  return id;
}

/** One step forward or back among those of its layer. */
export function movePanel(piece: Piece, id: string, by: 1 | -1): void {
  const panels = piece.panels ?? [];
  const at = panels.findIndex((panel) => panel.id === id);
  const isOfLayer = (panel: Panel): boolean => (panel.stands ?? 'back') === (panels[at].stands ?? 'back');
  for (let to = at + by; to >= 0 && to < panels.length; to += by) {
    if (!isOfLayer(panels[to])) continue;
    const [panel] = panels.splice(at, 1);
    panels.splice(to, 0, panel);
    return;
  }
}

export type Around = 'chart' | 'legend' | 'words' | 'all' | 'stage';

/** What a panel can lie around: the id of each, and whether it is there. */
export function aroundOf(piece: Piece): { key: string; kind: Around; id: string }[] {
  return [
    ...piece.charts.flatMap(({ id, words }) => [
      { key: id, kind: 'chart' as const, id },
      ...(words.legend ? [{ key: `legend-${id}`, kind: 'legend' as const, id }] : []),
    ]),
    ...piece.words.map(({ id }) => ({ key: id, kind: 'words' as const, id })),
    { key: 'all', kind: 'all' as const, id: 'all' },
    { key: 'stage', kind: 'stage' as const, id: 'stage' },
  ];
}
