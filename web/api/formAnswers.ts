/** One setting of a form, as the form declares it. */
export interface FormField {
  name: string;
  label: string;
  kind: 'number' | 'choice' | 'text';
  unit: '' | 'pixels' | 'degrees' | 'fraction' | 'count' | 'value';
  least: number;
  most: number;
  usual: number | string;
  choices: [value: string, word: string][];
  isFirst: boolean;
  isKeyed: boolean;
  hint: string;
}

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
  fields: FormField[];
  picture: [path: string, colour: string, opacity: number][];
}

export interface Property {
  name: string;
  label: string;
  kind: 'number' | 'cell' | 'column' | 'order' | 'colour';
  unit: FormField['unit'];
  least: number;
  most: number;
  usual: number;
}

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
