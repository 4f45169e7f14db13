import { beforeEach, expect, test, vi } from 'vitest';
import { whenIdle } from './turns';

/** What the page is asked to do once it has nothing else to do. */
let asked: (() => void)[] = [];
const idle = (): void => asked.shift()?.();

beforeEach(() => {
  asked = [];
  vi.stubGlobal('window', { requestIdleCallback: (call: () => void) => void asked.push(call) });
});

test('one piece of work has its turn at a time, and what is taken back has none', () => {
  const done: string[] = [];
  whenIdle(() => void done.push('first'));
  const takeBack = whenIdle(() => void done.push('second'));
  whenIdle(() => void done.push('third'));
  expect([done, asked.length]).toEqual([[], 1]);
  takeBack();
  idle();
  expect([done, asked.length]).toEqual([['first'], 1]);
  idle();
  expect([done, asked.length]).toEqual([['first', 'third'], 0]);
  whenIdle(() => void done.push('fourth'));
  idle();
  expect(done).toEqual(['first', 'third', 'fourth']);
});

test('work that fails leaves its turn to the next', () => {
  const done: string[] = [];
  whenIdle(() => {
    throw new Error('not painted');
  });
  whenIdle(() => void done.push('next'));
  expect(idle).toThrow('not painted');
  idle();
  expect(done).toEqual(['next']);
});
