import { useState, type PointerEvent, type RefObject } from 'react';
import { useDrag, type Taken } from '../../common/useDrag';
import { at, inverse, type Box } from '../../../painter/src';
import type { Scene } from '../../scene/scene';
import type { Piece } from '../../../contracts/piece';
import { gridOf } from '../../piece/grid';
import { thingsOf } from '../../piece/panels';
import { first } from '../../settings/settings';
import type { PlaceKey } from '../../piece/places';
import { withLegends } from '../../piece/transform';
import { moveAll, placesNow, type Places } from '../placesNow';
import { useDesk } from '../deskStore';
import { shapeOf } from '../shapes';
import { usePlay, type Selection } from '../playStore';
import { gridGuides, guidesOf, movedBox, snapped, type Guide } from './guides';
import { heldAt, joined, type Held } from './stageParts';
import { groupOf, keysOf, selectionOf } from './selected';
import { unitText } from './unitText';
import { pan, type InView } from './useSight';

/** pixels of the screen that a hand goes before it moves anything, and within which things come to rest on a guide */
const STILL = 4;
const NEAR = 7;

interface Drag {
  x: number;
  y: number;
  moved: boolean;
  held: Held | null;
  /** what is selected where the hand is let go without having moved */
  click: Selection;
  /** what moves together, and where it stood when it was taken */
  keys: PlaceKey[];
  places: Places;
  box: Box | null;
  guides: Guide[];
  baselines: number[];
  isPan: boolean;
  /** the frame that is drawn around several */
  framed: Box | null;
}

interface Props {
  piece: Piece;
  canvas: RefObject<HTMLCanvasElement | null>;
  scene: RefObject<Scene | null>;
  seen: InView;
  size: [number, number];
  onMeet: (guides: Guide[]) => void;
  onMarquee: (box: Box | null) => void;
  /** what a pull comes to, beside the pointer */
  onTell: (told: { x: number; y: number; text: string } | null) => void;
}

/** What the pointer does on the stage: it takes, moves together what is selected, and draws a frame around several. */
export function useStageHand({ piece, canvas, scene, seen, size, onMeet, onMarquee, onTell }: Props) {
  const edit = useDesk((state) => state.edit);
  const drag = useDrag();
  const [isPanning, setPanning] = useState(false);
  const point = (event: PointerEvent): [number, number] => {
    const box = canvas.current!.getBoundingClientRect();
    return [seen.left + (event.clientX - box.left) / seen.shown, seen.top + (event.clientY - box.top) / seen.shown];
  };
  /** How far that is on the stage itself, where the camera is near to it. */
  const onStage = (across: number, along: number): [number, number] => {
    const camera = scene.current?.cameraOf(usePlay.getState().frame);
    if (!camera) return [across, along];
    const back = inverse(camera);
    const [fromX, fromY] = at(back, [0, 0]);
    const [toX, toY] = at(back, [across, along]);
    return [toX - fromX, toY - fromY];
  };
  const takes = (taken: Drag): Taken => ({
    move: ({ event }) => move(taken, event),
    end: () => up(taken),
  });
  const down = (event: PointerEvent): Taken | null => {
    const context = canvas.current?.getContext('2d');
    const there = scene.current;
    if (!context || !there || event.button > 1) return null;
    const [x, y] = point(event);
    const { frame, selection, select, hasGrid } = usePlay.getState();
    const { computed } = useDesk.getState();
    const sheet = computed?.sheet;
    const shape = shapeOf(piece, usePlay.getState().shape);
    const empty: Drag = {
      x,
      y,
      moved: false,
      held: null,
      click: null,
      keys: [],
      places: {},
      box: null,
      guides: [],
      baselines: [],
      isPan: false,
      framed: null,
    };
    if (event.button === 1) {
      event.preventDefault();
      setPanning(true);
      return takes({ ...empty, x: event.clientX, y: event.clientY, isPan: true });
    }
    const held = heldAt(there, context, piece, sheet, shape, frame, x, y);
    const chart = held?.selection && 'chart' in held.selection ? held.selection.chart : null;
    const key = held?.key ?? chart;
    const chosen = keysOf(selection);
    if (event.shiftKey && key) {
      const mine = groupOf(piece, key);
      const has = mine.some((one) => chosen.includes(one));
      const base = chosen.length > 0 ? chosen : keyOfFigure(selection);
      select(selectionOf(piece, has ? chosen.filter((one) => !mine.includes(one)) : [...base, ...mine]));
      return null;
    }
    if (!held) {
      select(null);
      return takes(empty);
    }
    // What is selected moves as a whole; a click on it takes what is under the pointer.
    const isOfSelected = key !== null && chosen.includes(key);
    const keys = isOfSelected ? chosen : held.key ? groupOf(piece, held.key) : [];
    if (!isOfSelected) select(keys.length > 1 ? selectionOf(piece, keys) : held.selection);
    const others = thingsOf(piece)
      .map(({ id }) => id)
      .filter((id) => !keys.includes(id))
      .map((id) => there.boxOf(id, frame))
      .filter((box): box is Box => box !== null);
    const lines = (ids: PlaceKey[]): number[] =>
      piece.words.filter(({ id }) => ids.includes(id)).map(({ id }) => sheet?.places[id]?.y ?? 0);
    return takes({
      ...empty,
      held,
      click: isOfSelected && chosen.length === 1 && held.key === null ? held.selection : null,
      keys,
      places: placesNow(piece, withLegends(piece, shape, keys)),
      box: joined(keys.map((one) => there.boxOf(one, frame))),
      guides: [
        ...guidesOf(...size, others, lines(piece.words.map(({ id }) => id).filter((id) => !keys.includes(id)))),
        ...(hasGrid ? gridGuides(gridOf(size, piece.arrangement ?? first.Arrangement)) : []),
      ],
      baselines: lines(keys),
    });
  };
  const move = (current: Drag, event: PointerEvent): void => {
    if (current.isPan) {
      // From what was seen when it was taken.
      pan(seen, current.x - event.clientX, current.y - event.clientY);
      return;
    }
    const [x, y] = point(event);
    let [across, along] = [x - current.x, y - current.y];
    if (!current.moved && Math.hypot(across, along) * seen.shown < STILL) return;
    // A part that is pulled out is computed anew with every step; what only changes its place is not.
    if (!current.moved && current.keys.length > 0) usePlay.getState().set({ isHeld: true });
    current.moved = true;
    if (!current.held) {
      current.framed = {
        left: Math.min(x, current.x),
        right: Math.max(x, current.x),
        top: Math.min(y, current.y),
        bottom: Math.max(y, current.y),
      };
      onMarquee(current.framed);
      return;
    }
    if (current.keys.length === 0) {
      edit((draft) => current.held?.move(draft, ...onStage(across, along)));
      const { selection } = usePlay.getState();
      const own =
        selection?.kind === 'figure' &&
        useDesk.getState().document?.charts.find(({ id }) => id === selection.chart)?.own[selection.figure];
      if (own) onTell({ x, y, text: unitText(own.out ?? 0, 'pixels') });
      return;
    }
    if (current.box && !event.altKey) {
      const lines = current.baselines.map((line) => line + along);
      const rest = snapped(movedBox(current.box, across, along), current.guides, NEAR / seen.shown, lines);
      [across, along] = [across + rest.across, along + rest.down];
      onMeet(rest.met);
    } else onMeet([]);
    edit((draft) => moveAll(draft, current.places, ...onStage(across, along)));
  };
  const up = (current: Drag): void => {
    usePlay.getState().set({ isHeld: false });
    setPanning(false);
    onMeet([]);
    onMarquee(null);
    onTell(null);
    if (current.isPan) return;
    if (!current.moved) {
      if (current.click) usePlay.getState().select(current.click);
      return;
    }
    if (current.held || !scene.current) return;
    const { framed } = current;
    if (!framed) return;
    const caught = thingsOf(piece)
      .map(({ id }) => id)
      .filter((id) => {
        const box = scene.current?.boxOf(id, usePlay.getState().frame);
        return (
          box &&
          box.left < framed.right &&
          box.right > framed.left &&
          box.top < framed.bottom &&
          box.bottom > framed.top
        );
      });
    usePlay.getState().select(selectionOf(piece, caught));
  };
  return {
    isPanning,
    events: drag(down),
  };
}

function keyOfFigure(selection: Selection): PlaceKey[] {
  return selection?.kind === 'figure' ? [selection.chart] : [];
}
