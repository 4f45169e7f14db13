import { useEffect, useRef } from 'react';
import { create } from 'zustand';

/** milliseconds of calm before something is read out: what changes with every step of a hand is read once it rests */
const CALM = 400;

const useAloud = create<{ text: string }>(() => ({ text: '' }));

let waiting: ReturnType<typeof setTimeout> | undefined;

/** Has a screen reader read something out once it no longer changes. */
export function sayAloud(text: string): void {
  clearTimeout(waiting);
  waiting = setTimeout(() => useAloud.setState({ text }), CALM);
}

/** Reads out what a value becomes while it is changed, and not what it was at first. */
export function useReadAloud(text: string, isChanging: boolean): void {
  const before = useRef(text);
  useEffect(() => {
    if (isChanging && text !== before.current) sayAloud(text);
    before.current = text;
  }, [text, isChanging]);
}

/** What is read out by screen readers; it is not seen. */
export function Aloud() {
  const text = useAloud((state) => state.text);
  return (
    <p className="visually-hidden" role="status" aria-label="Now">
      {text}
    </p>
  );
}
