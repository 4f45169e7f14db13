import { useEffect, useRef, useState, useSyncExternalStore, type MouseEvent } from 'react';

/** What fields are having read just now. */
const underWay = new Set<Promise<void>>();
const told = new Set<() => void>();

/** A field has it read; those who act on what fields say can wait for it. */
export function reading(read: Promise<void>): void {
  underWay.add(read);
  told.forEach((tell) => tell());
  void read.finally(() => {
    underWay.delete(read);
    told.forEach((tell) => tell());
  });
}

/** Whether anything that was typed is still being read, and so is not in the piece yet. */
export function useIsReading(): boolean {
  return useSyncExternalStore(
    (tell) => {
      told.add(tell);
      return () => told.delete(tell);
    },
    () => underWay.size > 0,
  );
}

/** What other fields are having read is where it belongs, and the page shows it. */
export async function readBefore(): Promise<void> {
  if (underWay.size === 0) return;
  await Promise.all([...underWay]);
  await new Promise((resolve) => window.setTimeout(resolve));
}

/** All that was typed is read, and is where it belongs, or its field says what is wrong. */
export async function allRead(): Promise<void> {
  while (underWay.size > 0) await Promise.all(underWay);
}

/**
 * A click that acts on what the fields around it say: on what was typed last, too, which is read first. While one of
 * them is wrong, that one gets the keyboard instead.
 */
export function useOnceRead(act: () => void): (event: MouseEvent<HTMLElement>) => void {
  const [asked, setAsked] = useState(0);
  const latest = useRef(act);
  const around = useRef<Element | null>(null);
  useEffect(() => {
    latest.current = act;
  });
  // Once it is asked for, what was read before is rendered: updates keep their order.
  useEffect(() => {
    if (asked === 0) return;
    const wrong = around.current?.querySelector<HTMLElement>('[aria-invalid="true"]');
    if (wrong) wrong.focus();
    else latest.current();
  }, [asked]);
  return (event) => {
    around.current = event.currentTarget.closest('article, .modal-content, .dropdown-menu');
    void allRead().then(() => setAsked((count) => count + 1));
  };
}
