import type { Plugin } from 'vite';

export function shownIcons(): Plugin;
