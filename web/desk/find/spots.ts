import type { FormChoices } from '../../api/answers';
import { namedText } from '../../piece/bound';
import { alsoCalled, coats as coatGroups } from '../../../contracts/settings';
import type { Chart, Piece } from '../../../contracts/piece';
import { matters, settings, type Groups, type Setting } from '../../settings/settings';
import { allCoats, KINDS, labelOf, told, type Whose } from '../finish/coats';
import { usePlay, type Face, type Selection } from '../playStore';
import { unitText } from '../stage/unitText';
import { chartName } from '../useChart';
import type { Entry } from '../../find/entries';
import { seek } from './seek';

/** Settings that stand together somewhere on the desk. */
interface Spot {
  /** by which its fields are found */
  group: string;
  of: keyof Groups;
  /** what has them */
  thing: string;
  place: string;
  values: Record<string, unknown> | null | undefined;
  only?: readonly string[];
  /** to where they stand */
  open: () => void;
  /** in which of several parts with such fields */
  within?: string;
  /** what has the keyboard where the field is not there yet */
  otherwise?: string[];
}

const open = (face: Face, selection?: Selection, more: object = {}): void => {
  const { select, set } = usePlay.getState();
  if (selection !== undefined) select(selection);
  set({ face, ...more });
};

const NOT_SHOWN = ['colour', 'ofPart'];

/** The styles of words are declared by each kind of words, and set with the same fields. */
const STYLE = ['font', 'size', 'colour', 'ofPart', 'upperCase', 'letterSpacing', 'leading', 'balanced'];

/** Every setting of the piece at the desk, with what it is set to. */
export function settingEntries(
  piece: Piece,
  chart: Chart | undefined,
  forms: FormChoices | undefined,
  hasAxes: boolean,
): Entry[] {
  const entries: Entry[] = [];
  const { selection } = usePlay.getState();
  for (const spot of spotsOf(piece, chart, selection, hasAxes)) {
    for (const setting of settings[spot.of].fields) {
      if (spot.only && !spot.only.includes(setting.name)) continue;
      if (!spot.only && (setting.kind === 'group' || setting.kind === 'list')) continue;
      if (spot.values && !matters(setting, spot.values, settings[spot.of])) continue;
      entries.push(entryOf(spot, setting, alsoOf(spot.of, setting.name), alsoCalled[spot.of]));
    }
  }
  if (chart) {
    const name = chartName(piece, chart);
    const form = forms?.forms.find(({ name: kind }) => kind === chart.form.kind);
    const spot: Spot = {
      group: 'Form',
      of: 'Chart',
      thing: name,
      place: 'Form',
      values: chart.form as Record<string, unknown>,
      open: () => open('Form', { kind: 'chart', chart: chart.id }),
    };
    for (const field of form?.fields ?? []) entries.push(entryOf(spot, field, alsoCalled[`Form.${field.name}`] ?? ''));
    entries.push(...coatEntries(piece, { of: 'chart', chart: chart.id }, `all parts of the ${name}`, 'parts', chart));
    if (selection?.kind === 'figure' && selection.chart === chart.id) {
      const label = piece.tables.flatMap(({ rows }) => rows).find(({ id }) => id === selection.figure)?.label;
      const whose: Whose = { of: 'part', chart: chart.id, figure: selection.figure };
      entries.push(...coatEntries(piece, whose, label ?? 'this part', 'part', chart));
    }
    const title = piece.words.find(({ role }) => role === 'title');
    if (title)
      entries.push(
        ...coatEntries(piece, { of: 'words', at: `text/${title.id}` }, 'the title', `words:text/${title.id}`, chart),
      );
  }
  return entries;
}

function alsoOf(group: keyof Groups, name: string): string {
  return [alsoCalled[`${group}.${name}`], alsoCalled[`.${name}`]].filter(Boolean).join(', ');
}

function entryOf(spot: Spot, setting: Setting, also: string, around?: string): Entry {
  const { name, label } = setting;
  return {
    id: `setting ${spot.group}.${name} ${spot.thing}`,
    group: 'Settings',
    title: label,
    where: `${spot.thing}, ${spot.place}`,
    value: spot.values ? valueText(setting, spot.values[name]) : 'none yet',
    also,
    around,
    icon: 'bi-sliders',
    go: () => {
      spot.open();
      const within = spot.within ? `${spot.within} ` : '';
      void seek([`${within}[data-setting="${spot.group}.${name}"]`, ...(spot.otherwise ?? []), '.bench-face']);
    },
  };
}

/** What a setting is set to, as its field shows it. */
export function valueText({ kind, unit, choices, default: usual, none }: Setting, value: unknown): string {
  const now = value ?? usual;
  if (kind === 'switch') return now ? 'on' : 'off';
  if (now === undefined || now === null) return none ?? '';
  if (choices) return choices.find(([one]) => one === now)?.[1] ?? String(now);
  if (typeof now === 'number') return unit === 'frames' ? `${now}f` : unitText(now, unit ?? '');
  return typeof now === 'string' ? now.slice(0, 40) : '';
}

function coatEntries(piece: Piece, whose: Whose, thing: string, finishOf: string, chart: Chart): Entry[] {
  const lists = allCoats(piece, whose);
  return KINDS.flatMap((kind) => {
    const [coat] = lists[kind] ?? [];
    const group = coatGroups[kind];
    const label = labelOf(kind);
    const go = (field?: string) => () => {
      open('Finish', whose.of === 'chart' ? { kind: 'chart', chart: chart.id } : undefined, {
        finishOf,
        coat: { kind, place: 0 },
      });
      void seek([...(field ? [`[data-setting="${group}.${field}"]`] : []), '.coat-samples .is-on', '.coat-samples']);
    };
    const whole: Entry = {
      id: `coat ${kind} ${thing}`,
      group: 'Settings',
      title: label,
      where: `${thing}, Finish`,
      value: coat ? (coat.off ? 'off' : told(kind, coat)) : 'none',
      also: alsoCalled[group] ?? '',
      icon: 'bi-layers',
      go: go(),
    };
    const fields = coat
      ? settings[group].fields
          .filter(({ label: word }) => word !== '')
          .map((setting): Entry => ({
            id: `coat ${kind}.${setting.name} ${thing}`,
            group: 'Settings',
            title: setting.label,
            where: `${label.toLowerCase()} of ${thing}, Finish`,
            value: valueText(setting, (coat as unknown as Record<string, unknown>)[setting.name]),
            also: alsoCalled[`.${setting.name}`] ?? '',
            icon: 'bi-layers',
            go: go(setting.name),
          }))
      : [];
    return [whole, ...fields];
  });
}

function spotsOf(piece: Piece, chart: Chart | undefined, selection: Selection, hasAxes: boolean): Spot[] {
  const spots: Spot[] = [
    {
      group: 'Stage',
      of: 'Stage',
      thing: 'the stage',
      place: 'Stage size',
      values: { ...piece.stage },
      only: ['width', 'height', 'frames'],
      open: () => document.querySelector<HTMLElement>('.stage-format[data-act="stage"]')?.click(),
    },
    {
      group: 'Arrangement',
      of: 'Arrangement',
      thing: 'the arrangement',
      place: 'Stage',
      values: { ...piece.arrangement },
      open: () => open('Stage'),
      otherwise: ['.arrangement-picker [aria-label]:checked'],
    },
    {
      group: 'Backdrop',
      of: 'Backdrop',
      thing: 'the backdrop',
      place: 'Stage',
      values: { ...piece.backdrop },
      open: () => open('Stage'),
    },
    { group: 'Ink', of: 'Ink', thing: 'words', place: 'Stage', values: { ...piece.inks }, open: () => open('Stage') },
    {
      group: 'Shutter',
      of: 'Shutter',
      thing: 'motion blur',
      place: 'Stage',
      values: piece.shutter && { ...piece.shutter },
      open: () => open('Stage'),
      otherwise: ['[data-part="shutter"]'],
    },
    {
      group: 'TextAlternative',
      of: 'TextAlternative',
      thing: 'those who do not see it',
      place: 'Stage',
      values: piece.alternative && { ...piece.alternative },
      open: () => open('Stage'),
      otherwise: ['[data-part="alternative"]'],
    },
    {
      group: 'Captions',
      of: 'Captions',
      thing: 'captions',
      place: 'Words',
      values: piece.captions && { ...piece.captions },
      only: ['font', 'size', 'upperCase', 'letterSpacing', 'y', 'width', 'fade', 'align'],
      open: () => open('Words'),
      otherwise: ['[data-part="captions"]'],
    },
  ];
  const words =
    (selection?.kind === 'words' ? piece.words.find(({ id }) => id === selection.words) : undefined) ??
    piece.words.find(({ role }) => role === 'title');
  if (words)
    spots.push({
      group: 'FreeText',
      of: 'FreeText',
      thing: `${words.role ?? 'note'} “${namedText(piece, words).slice(0, 30)}”`,
      place: 'Details',
      values: { ...words },
      only: ['role', 'x', 'y', 'width', 'align', 'arc', ...STYLE.filter((name) => !NOT_SHOWN.includes(name))],
      open: () =>
        open(usePlay.getState().face === 'Finish' ? 'Words' : usePlay.getState().face, {
          kind: 'words',
          words: words.id,
        }),
    });
  const panel =
    selection?.kind === 'panel' ? piece.panels?.find(({ id }) => id === selection.panel) : piece.panels?.[0];
  if (panel)
    spots.push({
      group: 'Panel',
      of: 'Panel',
      thing: panel.name ?? 'panel',
      place: 'Details',
      values: { ...panel },
      only: ['kind', 'colour', 'stands', 'turn'],
      open: () => open('Stage', { kind: 'panel', panel: panel.id }),
    });
  if (chart) spots.push(...chartSpots(piece, chart, selection, hasAxes));
  return spots;
}

function chartSpots(piece: Piece, chart: Chart, selection: Selection, hasAxes: boolean): Spot[] {
  const its: Selection = { kind: 'chart', chart: chart.id };
  const { words } = chart;
  const ofWords = (
    group: 'Reading' | 'Labels' | 'Names' | 'AxisTitles' | 'Legend' | 'Centre',
    thing: string,
    values: object | null | undefined,
    only?: string[],
  ): Spot => ({
    group,
    of: group,
    thing,
    place: 'Words',
    values: values && { ...values },
    only: only && [
      ...only,
      ...STYLE.filter((name) => !NOT_SHOWN.includes(name) && name !== 'leading' && name !== 'balanced'),
    ],
    open: () => open('Words', its),
    otherwise: [`[data-part="${group}"]`],
  });
  const motion = (kind: 'entrance' | 'exit'): Spot => ({
    group: 'ChartMotion',
    of: 'ChartMotion',
    thing: `${kind} of the ${chartName(piece, chart)}`,
    place: 'Motion',
    values: chart[kind] && { ...chart[kind] },
    only: ['begin', 'frames', 'order', 'overlap', 'sequence', 'hold', 'opens', 'manner', 'curve'],
    open: () => open('Motion', its),
    within: `[data-part="${kind}"]`,
    otherwise: [`[data-part="${kind}"]`],
  });
  const spots: Spot[] = [
    ofWords('Reading', 'readings', words.reading),
    words.labels.show === 'none'
      ? { ...ofWords('Labels', 'labels', words.labels), only: ['show'] }
      : ofWords('Labels', 'labels', words.labels, ['show', 'text', 'align', 'comes', 'leaders']),
    ofWords('Names', 'names', words.names, ['align']),
    ...(hasAxes ? [ofWords('AxisTitles', 'axis titles', words.axis, ['scale', 'figures'])] : []),
    ofWords('Legend', 'the legend', words.legend, ['spacing', 'flow', 'values', 'plates', 'stands']),
    ofWords('Centre', 'the centre number', words.centre, ['figure', 'caption', 'prefix', 'suffix']),
    motion('entrance'),
    ...(chart.exit ? [motion('exit')] : []),
    {
      group: 'Run',
      of: 'Run',
      thing: `run of the ${chartName(piece, chart)}`,
      place: 'Motion',
      values: chart.run && { ...chart.run },
      open: () => open('Motion', its),
      otherwise: ['[data-part="run"]'],
    },
    {
      group: 'Place',
      of: 'Place',
      thing: chartName(piece, chart),
      place: 'Details',
      values: { ...chart.place },
      open: () => open(usePlay.getState().face === 'Finish' ? 'Form' : usePlay.getState().face, its),
    },
  ];
  if (selection?.kind === 'figure' && selection.chart === chart.id) {
    const label = piece.tables.flatMap(({ rows }) => rows).find(({ id }) => id === selection.figure)?.label ?? '';
    spots.push({
      group: 'Own',
      of: 'Own',
      thing: label,
      place: 'Details',
      values: { ...chart.own[selection.figure] },
      open: () => open(usePlay.getState().face === 'Finish' ? 'Figures' : usePlay.getState().face),
    });
  }
  return spots;
}
