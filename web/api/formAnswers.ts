import type { Setting } from '../../contracts/settings';

/** A form with a small picture of the figures at hand, and the settings that it would begin with. */
export interface FormChoice {
  name: string;
  fits: boolean;
  reason: string | null;
  promise: string;
  /** whether the marks of a series are drawn as one */
  isJoined: boolean;
  /** whether several columns can stand in it */
  takesSeries: boolean;
  settings: Record<string, number | string> & { kind: string };
  fields: Setting[];
  picture: [path: string, colour: string, opacity: number][];
}

export type Property = Setting & {
  kind: 'number' | 'cell' | 'column' | 'order' | 'colour';
  default: number;
};

export interface FormsAnswer {
  forms: FormChoice[];
}

/** What moves can change, by what it belongs to. */
export interface PropertiesAnswer {
  figure: Property[];
  chart: Property[];
  words: Property[];
  backdrop: Property[];
}
