import { create } from 'zustand';

/** Whether something is looked for just now. */
export const useFind = create<{ isOpen: boolean }>(() => ({ isOpen: false }));

export const openFind = (): void => useFind.setState({ isOpen: true });
export const closeFind = (): void => useFind.setState({ isOpen: false });
