import { useLayoutEffect } from 'react';
import { isOperating, isTyping } from '../common/keys';
import { openFind } from './findStore';

/** Ctrl K opens Find from anywhere, F from wherever nothing is typed into. */
export function useFindKeys(): void {
  // As soon as the page can be seen.
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      const command = event.ctrlKey || event.metaKey;
      const isAsked = command
        ? event.key.toLowerCase() === 'k'
        : event.key === 'f' && !event.altKey && !isTyping(event.target) && !isOperating(event.target);
      if (!isAsked) return;
      event.preventDefault();
      if (!document.querySelector('.modal.show')) openFind();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
