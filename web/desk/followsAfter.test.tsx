// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { useDesk } from './deskStore';
import type { Piece } from '../../contracts/piece';
import { followsAfter, watchHands } from './followsAfter';
import { usePlay } from './playStore';

const [before, now] = ['Before', 'Changed'].map((title) => ({ title }) as Piece);
let leave: () => void;
const one = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;
const isBehind = (): boolean => useDesk.getState().followed !== useDesk.getState().document;

beforeEach(() => {
  document.body.innerHTML = ['script', 'bench-face', 'details']
    .map((name) => `<div class="${name}"><button>${name}</button></div>`)
    .join('');
  useDesk.setState({ document: now, followed: before });
  usePlay.setState({ typingIn: null, isHeld: false });
  leave = watchHands();
});
afterEach(() => leave());

describe('what stands beside the stage', () => {
  it('follows after where the hand works elsewhere, and at once where that is not known', () => {
    expect(followsAfter('.script')).toBe(false);
    one('.script button').focus();
    expect([followsAfter('.script'), followsAfter('.details')]).toEqual([false, true]);
    // A field may be set without being focused.
    one('.details button').dispatchEvent(new Event('input', { bubbles: true }));
    expect([followsAfter('.script'), followsAfter('.details')]).toEqual([true, false]);
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', bubbles: true }));
    expect(followsAfter('.script')).toBe(false);
    usePlay.setState({ typingIn: 'row1' });
    expect([followsAfter('.script'), followsAfter('.bench-face')]).toEqual([true, false]);
  });

  it('is caught up with before a hand does something there', () => {
    let title = '';
    one('.details button').addEventListener('click', () => {
      title = useDesk.getState().followed?.title ?? '';
    });
    one('.details button').click();
    expect(title).toBe('Changed');
    expect(isBehind()).toBe(false);
  });

  it('stays as it is while keys go to a sheet, and while something is held', () => {
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    expect(isBehind()).toBe(true);
    usePlay.setState({ isHeld: true });
    one('.script button').dispatchEvent(new Event('pointerdown', { bubbles: true }));
    expect(isBehind()).toBe(true);
  });
});
