// @vitest-environment happy-dom
import { act } from 'react';
import { createRoot } from 'react-dom/client';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { usePlay } from './playStore';
import { usePlayback } from './usePlayback';

vi.mock('./voice/soundPlayer', () => ({
  soundPlayer: {
    mute: () => undefined,
    prepare: () => undefined,
    begin: () => undefined,
    stop: () => undefined,
    now: () => null,
    reaches: () => false,
  },
}));

/** The page's next frame, begun at a time in milliseconds. */
let paint: (began: number) => void = () => undefined;
let clock = 1000;

beforeEach(() => {
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
  vi.stubGlobal('requestAnimationFrame', (call: (now: number) => void) => {
    paint = call;
    return 1;
  });
  vi.stubGlobal('cancelAnimationFrame', () => undefined);
  vi.spyOn(performance, 'now').mockImplementation(() => clock);
  usePlay.getState().reset();
  usePlay.getState().set({ frames: 300 });
});
afterEach(() => vi.restoreAllMocks());

function Playing() {
  usePlayback([30, 1], undefined);
  return null;
}

test('it plays on from its first frame though the page’s frame had begun long before', async () => {
  const root = createRoot(document.createElement('div'));
  await act(() => root.render(<Playing />));
  clock = 5000;
  await act(() => usePlay.getState().play(1));
  // A slow page: this frame began 80 milliseconds before playing did.
  paint(4920);
  expect(usePlay.getState()).toMatchObject({ playing: true, frame: 0 });
  paint(5101);
  expect(usePlay.getState()).toMatchObject({ playing: true, frame: 3 });
  paint(5000 + 10_000);
  expect(usePlay.getState()).toMatchObject({ playing: false, frame: 299 });
  await act(() => root.unmount());
});
