// Asks packages outside the project for what they compute, and keeps it for core's tests. Run: npm run outside
// (bin/test runs it with --check: what is kept has to be what they still say.)
import { readFileSync, writeFileSync } from 'node:fs';
import bezier from 'bezier-easing';
import {
  converter,
  differenceEuclidean,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
  wcagContrast,
} from 'culori';
import { arc, area, curveMonotoneX, line, pie, stack } from 'd3-shape';
import { easeBounceOut } from 'd3-ease';
import { scaleLinear } from 'd3-scale';
import { utcTicks } from 'd3-time';
import numbers from 'number-to-words';
import { svgPathProperties } from 'svg-path-properties';
import webvtt from 'webvtt-parser';

const round = (number) => Number(number.toPrecision(15));

/** d3-shape: the cubic pieces of its monotone curve, x alike apart, and the layers of its stack. */
function lines() {
  const cases = [
    [3, 5, 4, 4, 9],
    [0, -2, 7, 7.5, 1, 1],
    [1, 2],
    [5, 4, 3, 0, -6, 2],
  ];
  const smooth = cases.map((values) => {
    const path = line()
      .x((_, index) => index * 10)
      .y((value) => value)
      .curve(curveMonotoneX)
      .digits(null)(values);
    const numbers = path.match(/-?\d+(?:\.\d+)?(?:e[-+]?\d+)?/g).map(Number);
    // A line of two points is straight, and written so.
    const pieces = [];
    for (let at = 2; path.includes('C') && at < numbers.length; at += 6) {
      pieces.push([numbers[at - 1], numbers[at + 1], numbers[at + 3], numbers[at + 5]].map(round));
    }
    return { values, pieces };
  });
  const table = [
    { a: 3, b: 2, c: 4 },
    { a: 1, b: 5, c: 0 },
    { a: 6, b: 1, c: 2.5 },
  ];
  const layers = stack().keys(['a', 'b', 'c'])(table);
  const heights = layers.map((layer) => layer.map(([low, high]) => [round(low), round(high)]));
  const filled = area()
    .x((_, index) => index * 10)
    .y0(0)
    .y1((value) => value)
    .digits(null)([4, 8, 2]);
  return { smooth, table, heights, filled };
}

/**
 * d3-shape: pie angles, and the arcs drawn for them. A padding at radius R of 2·asin(g ÷ 2R) is a gap of constant width
 * g.
 */
function sectors() {
  const cases = [
    { name: 'five parts of a donut', figures: [512, 287, 199, 150, 100], start: 0, inner: 210, gap: 0 },
    { name: 'a pie that starts elsewhere', figures: [35, 40, 25], start: 126, inner: 0, gap: 0 },
    { name: 'tiny and huge', figures: [0.001, 99.999], start: -30, inner: 100, gap: 0 },
    { name: 'a zero between', figures: [3, 0, 5], start: 0, inner: 200, gap: 0 },
    { name: 'the whole', figures: [7], start: 0, inner: 150, gap: 0 },
    { name: 'a gap', figures: [512, 287, 199, 150, 100], start: 0, inner: 210, gap: 8 },
    { name: 'round corners', figures: [512, 287, 199, 150, 100], start: 0, inner: 210, gap: 0, corner: 18 },
    { name: 'round corners of a pie', figures: [60, 25, 15, 1], start: 20, inner: 0, gap: 0, corner: 40 },
    { name: 'corners beside a gap', figures: [512, 287, 199, 20], start: 0, inner: 180, gap: 10, corner: 24 },
    { name: 'a wide gap', figures: [60, 25, 15], start: 45, inner: 180, gap: 24 },
  ];
  const radius = 350;
  return cases.map(({ name, figures, start, inner, gap, corner = 0 }) => {
    const from = (start * Math.PI) / 180;
    const draw = arc()
      .innerRadius(inner)
      .outerRadius(radius)
      .cornerRadius(corner)
      .padRadius(radius)
      .padAngle(gap === 0 ? 0 : 2 * Math.asin(gap / 2 / radius))
      .digits(null);
    const slots = pie()
      .sort(null)
      .startAngle(from)
      .endAngle(from + 2 * Math.PI)(figures);
    return {
      name,
      figures,
      startDegrees: start,
      inner,
      radius,
      gap,
      corner,
      parts: slots.map((slot) => ({
        startAngle: round(slot.startAngle),
        endAngle: round(slot.endAngle),
        path: draw({ ...slot, padAngle: undefined }) ?? '',
      })),
    };
  });
}

/** bezier-easing at 21 times, on the CSS set and on others. */
function curves() {
  const all = [
    [0.25, 0.1, 0.25, 1],
    [0.42, 0, 1, 1],
    [0, 0, 0.58, 1],
    [0.42, 0, 0.58, 1],
    [0.22, 0.72, 0.2, 1],
    [0.68, -0.55, 0.27, 1.55],
    [0.05, 0.9, 0.95, 0.1],
  ];
  return all.map((numbers) => ({
    numbers,
    values: Array.from({ length: 21 }, (_, step) => round(bezier(...numbers)(step / 20))),
  }));
}

/** d3-scale: a nice domain that holds zero, and its ticks. */
function scales() {
  const domains = [
    [0, 512],
    [0, 638],
    [0, 1],
    [0, 0.37],
    [0, 73],
    [0, 1248],
    [0, 99999],
    [0, 1.2e9],
    [0, 0.00042],
    [-30, 45],
    [-512, 287],
    [-1, 0],
    [-7.5, 2.5],
  ];
  return domains.map((domain) => {
    const scale = scaleLinear().domain(domain).nice(5);
    return { domain, nice: scale.domain(), ticks: scale.ticks(5).map(round) };
  });
}

/** d3-time: days, weeks, months and years that read well between two days; days since 1970. */
function times() {
  const spans = [
    ['2024-03-01', '2024-03-09', 8],
    ['2024-02-20', '2024-03-09', 8],
    ['2024-01-03', '2024-02-28', 8],
    ['2024-01-01', '2024-12-31', 12],
    ['2023-05-17', '2024-12-31', 8],
    ['2019-02-01', '2024-06-30', 10],
    ['1998-04-01', '2024-06-30', 6],
    ['1850-01-01', '2024-06-30', 10],
    ['2024-01-01', '2024-06-30', 6],
    ['2023-12-30', '2024-01-02', 5],
  ];
  return spans.map(([from, to, count]) => ({
    from,
    to,
    count,
    ticks: utcTicks(new Date(from), new Date(to), count)
      .map((date) => date / 864e5)
      .filter(Number.isInteger),
  }));
}

/** svg-path-properties: the length of paths. */
function paths() {
  return [
    'M0 0L30 40',
    'M10 80C40 10 65 10 95 80S150 150 180 80',
    'M10 80Q52.5 10 95 80T180 80',
    'M0 0c40 0 60 80 100 80s120-60 160-10',
    'M50 50A100 100 0 0 1 250 50',
    'M10 300a60 40 20 0 1 110 30',
  ].map((path) => {
    return { path, length: new svgPathProperties(path).getTotalLength() };
  });
}

/** culori's matrices, on linear light as Machado et al. have it; culori itself takes encoded values for it. */
function seen(filter, hex) {
  const { r, g, b } = converter('lrgb')(hex);
  const within = (part) => Math.min(1, Math.max(0, part));
  const found = filter({ mode: 'rgb', r, g, b });
  return formatHex({ mode: 'lrgb', r: within(found.r), g: within(found.g), b: within(found.b) });
}

/**
 * culori: OKLCH of sRGB colours, the contrast of pairs as WCAG defines it, their distance in OKLab, and what other
 * kinds of colour vision see.
 */
function colours() {
  const oklch = converter('oklch');
  const hexes = ['#4fb286', '#ec8d5b', '#2f6b52', '#c23a74', '#3d5aa8', '#ffffff', '#000000', '#777777', '#f3b735'];
  return {
    oklch: hexes.map((hex) => {
      const { l, c, h } = oklch(hex);
      return { hex, l: round(l), c: round(c), h: h === undefined ? null : round(h) };
    }),
    contrast: hexes.flatMap((a) => ['#ffffff', '#1f2530'].map((b) => ({ a, b, contrast: round(wcagContrast(a, b)) }))),
    distance: hexes.slice(1).map((b, index) => ({
      a: hexes[index],
      b,
      distance: round(differenceEuclidean('oklab')(hexes[index], b)),
    })),
    seen: hexes.map((hex) => ({
      hex,
      protan: seen(filterDeficiencyProt(1), hex),
      deutan: seen(filterDeficiencyDeuter(1), hex),
      tritan: seen(filterDeficiencyTrit(1), hex),
    })),
  };
}

/** number-to-words: how numbers of every length are said. */
function spoken() {
  const values = [0, 2, 3, 7, 10, 11, 12, 13, 19, 20, 21, 30, 41, 55, 99, 100, 101, 110, 119, 120, 199, 200, 248, 305];
  for (let value = 311; value < 4e9; value = Math.round(value * 1.37 + 7)) values.push(value);
  for (const round of [1000, 1200, 5000, 10_000, 48_000, 100_000, 1e6, 2e6, 7.5e6, 1e9]) values.push(round);
  return values.map((value) => ({ value, text: numbers.toWords(value) }));
}

/** webvtt-parser: the cues of files as the WebVTT specification describes them, with the times within them. */
function subtitles() {
  const files = [
    'WEBVTT\n\n00:11.000 --> 00:13.000\nWe mend what people bring\n\n00:13.000 --> 00:16.500\nand drink tea\nwhile we do.\n',
    'WEBVTT - a door\nKind: captions\n\nSTYLE\n::cue { color: peachpuff }\n\nNOTE\nnobody reads this\n\nfirst\n01:00:16.500 --> 01:00:18.500 align:start line:0\n<v Host>Four in <i.loud>ten</i> were kettles\n',
    'WEBVTT\n\n00:16.500 --> 00:18.500\nWhen the <00:17.500>kettles came in\n\n00:00:18.500 --> 00:00:20.500\nlike <00:19.000>a <00:19.500>big <00:20.000>wave\n',
    '\ufeffWEBVTT\r\n\r\n00:01.000 --> 00:02.000\r\nlamps\r\n\r\n\r\n00:03.000 --> 00:04.250\r\nand coats\r\n',
  ];
  const { WebVTTParser } = webvtt;
  return files.map((file) => ({
    file,
    cues: new WebVTTParser().parse(file, 'captions').cues.map(({ startTime, endTime, tree }) => {
      const flat = (nodes) => nodes.flatMap((node) => (node.children ? flat(node.children) : [node]));
      const words = [];
      let next = null;
      for (const { type, value } of flat(tree.children)) {
        if (type === 'timestamp') next = value;
        else
          for (const text of value.split(/\s+/).filter(Boolean)) {
            words.push({ text, at: next });
            next = null;
          }
      }
      return { begin: startTime, end: endTime, words };
    }),
  }));
}

const kept = {
  'd3-shape': sectors(),
  'd3-shape-lines': lines(),
  'bezier-easing': curves(),
  culori: colours(),
  'd3-ease': Array.from({ length: 101 }, (_, step) => round(easeBounceOut(step / 100))),
  'd3-scale': scales(),
  'd3-time': times(),
  'svg-path-properties': paths(),
  'webvtt-parser': subtitles(),
  'number-to-words': spoken(),
};
for (const [name, values] of Object.entries(kept)) {
  const file = new URL(`./${name}.json`, import.meta.url);
  const text = JSON.stringify(values, null, 1) + '\n';
  if (!process.argv.includes('--check')) writeFileSync(file, text);
  else if (readFileSync(file, 'utf8') !== text) {
    console.error(`core/tests/outside/${name}.json is not what its package says. Run: npm run outside`);
    process.exit(1);
  }
}
console.log('What core is checked against is what those packages say.');
