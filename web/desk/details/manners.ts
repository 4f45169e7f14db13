import type { ChartMotion, Move } from '../../../contracts/piece';
import { wordsOf } from '../../settings/settings';

type WordManner = NonNullable<Move['manner']>;
type Manner = Exclude<NonNullable<ChartMotion['manner']>, 'bend'>;

const WORDS = wordsOf('Move', 'manner');
const named = <T extends WordManner>(...names: T[]): [T, string][] => names.map((name) => [name, WORDS[name]]);

/** How a part comes and goes. */
export const MANNERS: [Manner, string][] = named('open', 'pop', 'fade', 'rise');

/** How a chart comes and goes as a whole, where its form bends: from a strip, or from a ring. */
export const BENDING: ['bend', string] = ['bend', wordsOf('ChartMotion', 'manner').bend];

/** Only titles and notes are written. */
export const WRITTEN: Move['manner'][] = ['letters', 'words'];

/** How words come and go: they have nothing to open, and fade. */
export const WORD_MANNERS: [WordManner, string][] = [['open', WORDS.fade], ...named('pop', 'rise', 'letters', 'words')];
