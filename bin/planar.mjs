// Writes renderer/src/planarModule.ts: planar.ts in WebAssembly, eight pixels by two at a time, and sums of pixels,
// four at a time, as sums.ts needs them. With --check, only says whether it is as it would be written. Run:
// npm run planar
import { readFileSync, writeFileSync } from 'node:fs';
import makeWabt from 'wabt';

const target = new URL('../renderer/src/planarModule.ts', import.meta.url);

/** The factors of planar.ts, which is where they are from. */
const source = readFileSync(new URL('../renderer/src/planar.ts', import.meta.url), 'utf8');
const constant = (name) => {
  const found = new RegExp(`const ${name} = (.+);`).exec(source);
  if (!found) throw new Error(`planar.ts has no ${name}.`);
  return Number(new Function(`return ${found[1].replaceAll('_', '')}`)());
};
const [Y_R, Y_G, Y_B, BLACK] = ['Y_R', 'Y_G', 'Y_B', 'BLACK'].map(constant);
const [CB_R, CB_G, CB_B] = ['CB_R', 'CB_G', 'CB_B'].map(constant);
const [CR_R, CR_G, CR_B] = ['CR_R', 'CR_G', 'CR_B'].map(constant);
const ZERO = constant('CHROMA_ZERO');

const four = (value) => `(v128.const i32x4 ${value} ${value} ${value} ${value})`;
const get = (name) => `(local.get $${name})`;
const times = (one, factor) => `(i32x4.mul ${one} ${four(factor)})`;
const plus = (...all) => all.reduce((one, other) => `(i32x4.add ${one} ${other})`);
/** a component of four pixels, by how many bits it lies up */
const component = (pixels, bits) =>
  bits === 0
    ? `(v128.and ${get(pixels)} ${four(255)})`
    : `(v128.and (i32x4.shr_u ${get(pixels)} (i32.const ${bits})) ${four(255)})`;
const shifted = (value, bits) => `(i32x4.shr_s ${value} (i32.const ${bits}))`;
const luma = (pixels) =>
  shifted(
    plus(
      times(component(pixels, 0), Y_R),
      times(component(pixels, 8), Y_G),
      times(component(pixels, 16), Y_B),
      four(BLACK),
    ),
    16,
  );
const bytes = (one, other) =>
  `(i8x16.narrow_i16x8_u (i16x8.narrow_i32x4_s ${one} ${other}) (i16x8.splat (i32.const 0)))`;
const shuffled = (lanes, one, other) => `(i8x16.shuffle ${lanes} ${get(one)} ${get(other)})`;
const EVEN = '0 1 2 3 8 9 10 11 16 17 18 19 24 25 26 27';
const ODD = '4 5 6 7 12 13 14 15 20 21 22 23 28 29 30 31';
/** a component of four times four pixels, summed */
const summed = (bits, into) => `
      (local.set $p ${plus(component('a', bits), component('c', bits))})
      (local.set $q ${plus(component('b', bits), component('d', bits))})
      (local.set $${into} ${plus(shuffled(EVEN, 'p', 'q'), shuffled(ODD, 'p', 'q'))})`;
const chroma = (red, green, blue) =>
  shifted(plus(times(get('red'), red), times(get('green'), green), times(get('blue'), blue), four(ZERO)), 18);
/** eight sums, each divided and rounded to the nearest */
const divided = (sums) => {
  const half = (which) => {
    const floats = `(f32x4.convert_i32x4_u (i32x4.extend_${which}_i16x8_u ${get(sums)}))`;
    return `(i32x4.trunc_sat_f32x4_s (f32x4.add (f32x4.div ${floats} ${get('w')}) (f32x4.splat (f32.const 0.5))))`;
  };
  return `(i16x8.narrow_i32x4_s ${half('low')} ${half('high')})`;
};
const next = (name, step) => `(local.set $${name} (i32.add ${get(name)} ${step}))`;

const text = `(module (memory (export "memory") 1)
  (func (export "convert")
    (param $pixels i32) (param $stride i32) (param $y i32) (param $width i32) (param $columns i32) (param $rows i32)
    (param $cb i32) (param $cr i32)
    (local $column i32) (local $upper i32) (local $lower i32) (local $luma i32) (local $half i32)
    (local $a v128) (local $b v128) (local $c v128) (local $d v128) (local $p v128) (local $q v128)
    (local $red v128) (local $green v128) (local $blue v128)
    (block $done (loop $row
      (br_if $done (i32.le_s ${get('rows')} (i32.const 0)))
      (local.set $column (i32.const 0))
      (local.set $upper ${get('pixels')})
      (local.set $lower (i32.add ${get('pixels')} (i32.shl ${get('stride')} (i32.const 2))))
      (local.set $luma ${get('y')})
      (local.set $half (i32.const 0))
      (loop $eight
        (local.set $a (v128.load ${get('upper')}))
        (local.set $b (v128.load offset=16 ${get('upper')}))
        (local.set $c (v128.load ${get('lower')}))
        (local.set $d (v128.load offset=16 ${get('lower')}))
        (v128.store64_lane 0 ${get('luma')} ${bytes(luma('a'), luma('b'))})
        (v128.store64_lane 0 (i32.add ${get('luma')} ${get('width')}) ${bytes(luma('c'), luma('d'))})
        ${summed(0, 'red')}${summed(8, 'green')}${summed(16, 'blue')}
        (v128.store32_lane 0 (i32.add ${get('cb')} ${get('half')}) ${bytes(chroma(CB_R, CB_G, CB_B), four(0))})
        (v128.store32_lane 0 (i32.add ${get('cr')} ${get('half')}) ${bytes(chroma(CR_R, CR_G, CR_B), four(0))})
        ${next('upper', '(i32.const 32)')} ${next('lower', '(i32.const 32)')}
        ${next('luma', '(i32.const 8)')} ${next('half', '(i32.const 4)')} ${next('column', '(i32.const 8)')}
        (br_if $eight (i32.lt_s ${get('column')} ${get('columns')})))
      ${next('pixels', `(i32.shl ${get('stride')} (i32.const 3))`)}
      ${next('y', `(i32.shl ${get('width')} (i32.const 1))`)}
      ${next('cb', `(i32.shr_u ${get('width')} (i32.const 1))`)}
      ${next('cr', `(i32.shr_u ${get('width')} (i32.const 1))`)}
      ${next('rows', '(i32.const -2)')}
      (br $row))))
  (func (export "isOpaque") (param $pixels i32) (param $count i32) (result i32)
    (local $all v128)
    (local.set $all ${four(-1)})
    (loop $next
      (local.set $all (v128.and ${get('all')} (v128.load ${get('pixels')})))
      ${next('pixels', '(i32.const 16)')} ${next('count', '(i32.const -4)')}
      (br_if $next (i32.gt_s ${get('count')} (i32.const 0))))
    (i32x4.all_true (i32x4.eq (i32x4.shr_u ${get('all')} (i32.const 24)) ${four(255)})))
  (func (export "add")
    (param $pixels i32) (param $sums i32) (param $count i32) (param $weight i32)
    (local $w v128) (local $four v128)
    (local.set $w (i16x8.splat ${get('weight')}))
    (loop $next
      (local.set $four (v128.load ${get('pixels')}))
      (v128.store ${get('sums')} (i16x8.add (v128.load ${get('sums')})
        (i16x8.mul (i16x8.extend_low_i8x16_u ${get('four')}) ${get('w')})))
      (v128.store offset=16 ${get('sums')} (i16x8.add (v128.load offset=16 ${get('sums')})
        (i16x8.mul (i16x8.extend_high_i8x16_u ${get('four')}) ${get('w')})))
      ${next('pixels', '(i32.const 16)')} ${next('sums', '(i32.const 32)')} ${next('count', '(i32.const -4)')}
      (br_if $next (i32.gt_s ${get('count')} (i32.const 0)))))
  (func (export "mean")
    (param $sums i32) (param $pixels i32) (param $count i32) (param $weight f32)
    (local $w v128) (local $a v128) (local $b v128)
    (local.set $w (f32x4.splat ${get('weight')}))
    (loop $next
      (local.set $a (v128.load ${get('sums')}))
      (local.set $b (v128.load offset=16 ${get('sums')}))
      (v128.store ${get('pixels')} (i8x16.narrow_i16x8_u ${divided('a')} ${divided('b')}))
      ${next('sums', '(i32.const 32)')} ${next('pixels', '(i32.const 16)')} ${next('count', '(i32.const -4)')}
      (br_if $next (i32.gt_s ${get('count')} (i32.const 0))))))`;

const wabt = await makeWabt();
const module = wabt.parseWat('planar.wat', text, { simd: true });
const binary = Buffer.from(module.toBinary({}).buffer).toString('base64');
const lines = binary
  .match(/.{1,108}/g)
  .map((line) => `  '${line}'`)
  .join(' +\n');
const made = `// Made by bin/planar.mjs from the factors of planar.ts. Do not edit.\nexport const PLANAR_MODULE =\n${lines};\n`;
if (!process.argv.includes('--check')) writeFileSync(target, made);
else if (readFileSync(target, 'utf8') !== made) {
  console.error('renderer/src/planarModule.ts does not match planar.ts. Run: npm run planar');
  process.exit(1);
}
