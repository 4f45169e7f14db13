import { beforeEach, describe, expect, it, vi } from 'vitest';

vi.mock('./deskStore', () => ({
  useDesk: { getState: () => ({ recompute: () => undefined, letGo: () => undefined }) },
}));
const { usePlay } = await import('./playStore');
const play = () => usePlay.getState();

beforeEach(() => {
  play().reset();
  play().set({ frames: 100 });
});

describe('the playhead', () => {
  it('stays on whole frames within the piece', () => {
    play().go(41.6);
    expect(play().frame).toBe(42);
    play().step(500);
    expect(play().frame).toBe(99);
    play().step(-500);
    expect(play().frame).toBe(0);
  });

  it('begins anew when it is played at the end, from either side', () => {
    play().go(99);
    play().play();
    expect(play()).toMatchObject({ playing: true, frame: 0, speed: 1 });
    play().play(-2);
    expect(play()).toMatchObject({ playing: true, frame: 99, speed: -2 });
  });

  it('plays a loop from its beginning when it stands elsewhere', () => {
    play().set({ loop: { begin: 20, end: 40 } });
    play().go(60);
    play().play();
    expect(play().frame).toBe(20);
    play().go(30);
    play().play();
    expect(play().frame).toBe(30);
  });

  it('stops when a frame is stepped', () => {
    play().play();
    play().step(1);
    expect(play()).toMatchObject({ playing: false, frame: 1 });
  });
});
