// Where the files of the fonts are that ship.
import { readFileSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const require = createRequire(import.meta.url);

/** contracts/fonts.json, which core writes */
export const listed = fileURLToPath(new URL('../contracts/fonts.json', import.meta.url));

export const { fonts, lenders } = JSON.parse(readFileSync(listed, 'utf8'));

/** The font file of a package: a folder for each weight and slant, such as 700Bold or 400Regular_Italic. */
export function fileOf({ package: name, weight, isItalic }) {
  const home = dirname(require.resolve(`@expo-google-fonts/${name}/package.json`));
  const folder = readdirSync(home).find(
    (one) => one.startsWith(String(weight)) && one.endsWith('_Italic') === isItalic,
  );
  const file = readdirSync(join(home, folder)).find((one) => one.endsWith('.ttf'));
  return join(home, folder, file);
}
