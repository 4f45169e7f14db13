import { create } from 'zustand';

const KEY = 'lupine-folds';

/** What was folded open or shut by hand, by names; what was never touched is not in it. */
type Folds = Record<string, boolean>;

function kept(): Folds {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? '{}') ?? {}) as Folds;
  } catch {
    return {};
  }
}

const useFolds = create<{ open: Folds }>(() => ({ open: kept() }));

/** Whether a fold is open, which outlasts faces and reloads; and what opens or shuts it. */
export function useFold(name: string, usual = false): [isOpen: boolean, set: (isOpen: boolean) => void] {
  const isOpen = useFolds(({ open }) => open[name] ?? usual);
  return [
    isOpen,
    (next) => {
      const open = { ...useFolds.getState().open, [name]: next };
      useFolds.setState({ open });
      try {
        localStorage.setItem(KEY, JSON.stringify(open));
      } catch {
        // It is remembered until the page is loaded again.
      }
    },
  ];
}
