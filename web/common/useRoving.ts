import { useEffect, type RefObject } from 'react';
import { isOperating } from './keys';

/**
 * One stop for the Tab key in a group of many: arrows lead from one to the next, Home and End to the first and the
 * last.
 *
 * @param down arrows up and down do it as well; not where those mean something else there
 */
export function useRoving(group: RefObject<Element | null>, selector: string, down = true): void {
  useEffect(() => {
    const element = group.current;
    if (!element) return undefined;
    const members = (): HTMLElement[] => [...element.querySelectorAll<HTMLElement>(selector)];
    const settle = (): void => {
      const all = members();
      const now =
        all.find((one) => one === document.activeElement) ??
        all.find((one) => one.getAttribute('aria-pressed') === 'true') ??
        all.find((one) => one.tabIndex === 0) ??
        all[0];
      for (const one of all) if (one.tabIndex !== (one === now ? 0 : -1)) one.tabIndex = one === now ? 0 : -1;
    };
    const keys = (event: Event): void => {
      const { key, altKey, ctrlKey, metaKey } = event as globalThis.KeyboardEvent;
      const all = members();
      const at = all.indexOf(document.activeElement as HTMLElement);
      // After a click the arrows are the desk's.
      if (at < 0 || altKey || ctrlKey || metaKey || !isOperating(event.target)) return;
      const steps: Record<string, number> = {
        ArrowLeft: at - 1,
        ArrowRight: at + 1,
        Home: 0,
        End: all.length - 1,
        ...(down ? { ArrowUp: at - 1, ArrowDown: at + 1 } : {}),
      };
      if (!(key in steps)) return;
      event.preventDefault();
      event.stopPropagation();
      all[Math.max(0, Math.min(all.length - 1, steps[key]))].focus();
    };
    settle();
    const watch = new MutationObserver(settle);
    watch.observe(element, { childList: true, subtree: true, attributeFilter: ['aria-pressed'] });
    element.addEventListener('focusin', settle);
    element.addEventListener('keydown', keys);
    return () => {
      watch.disconnect();
      element.removeEventListener('focusin', settle);
      element.removeEventListener('keydown', keys);
    };
  }, [group, selector, down]);
}
