// @vitest-environment happy-dom
import { cleanup, fireEvent, render } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useDrag, type Taken } from './useDrag';

let pictures: (() => void)[] = [];
const nextPicture = (): void => pictures.splice(0).forEach((one) => one());

beforeEach(() => {
  pictures = [];
  vi.stubGlobal('requestAnimationFrame', (one: () => void) => pictures.push(one));
  vi.stubGlobal('cancelAnimationFrame', (number: number) => pictures.splice(number - 1, 1));
  Element.prototype.setPointerCapture = () => undefined;
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function thing(take: () => Taken | null): Element {
  const Thing = () => <p {...useDrag()(take)}>thing</p>;
  return render(<Thing />).getByText('thing');
}

describe('a drag', () => {
  it('says how far it has gone from where it was pressed, once for each picture', () => {
    const ways: number[][] = [];
    const one = thing(() => ({ move: ({ across, down }) => ways.push([across, down]) }));
    fireEvent.pointerMove(one, { clientX: 5, clientY: 5 });
    fireEvent.pointerDown(one, { clientX: 10, clientY: 20 });
    fireEvent.pointerMove(one, { clientX: 11, clientY: 20 });
    fireEvent.pointerMove(one, { clientX: 15, clientY: 26 });
    expect(ways).toEqual([]);
    nextPicture();
    expect(ways).toEqual([[5, 6]]);
    nextPicture();
    expect(ways).toHaveLength(1);
  });

  it('ends where it was let go, with what no picture had shown yet', () => {
    const said: string[] = [];
    const one = thing(() => ({ move: ({ across }) => said.push(`to ${across}`), end: () => said.push('end') }));
    fireEvent.pointerDown(one, { clientX: 0, clientY: 0 });
    fireEvent.pointerMove(one, { clientX: 7, clientY: 0 });
    fireEvent.pointerUp(one, { clientX: 7, clientY: 0 });
    expect(said).toEqual(['to 7', 'end']);
    nextPicture();
    fireEvent.pointerMove(one, { clientX: 9, clientY: 0 });
    nextPicture();
    expect(said).toHaveLength(2);
  });

  it('ends too where the system takes the pointer away, and does not begin where nothing is taken', () => {
    const end = vi.fn();
    let isFree = true;
    const one = thing(() => (isFree ? { move: () => undefined, end } : null));
    fireEvent.pointerDown(one);
    fireEvent.pointerCancel(one);
    expect(end).toHaveBeenCalledTimes(1);
    isFree = false;
    fireEvent.pointerDown(one);
    fireEvent.pointerUp(one);
    expect(end).toHaveBeenCalledTimes(1);
  });
});
