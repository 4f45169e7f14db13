// Of the icons those that pages show, as a plugin for Vite: two thousand others would be in the way of the first
// picture. They are known by their names in the sources, so names are written out there.
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import subset from 'subset-font';

const root = new URL('../', import.meta.url);
const here = new URL('node_modules/bootstrap-icons/font/', root);
const made = new URL('node_modules/.cache/lupine/', root);

/** What pages show, by name. */
function shown() {
  const all = JSON.parse(readFileSync(new URL('bootstrap-icons.json', here), 'utf8'));
  const names = new Set();
  const web = new URL('web/', root);
  for (const name of readdirSync(web, { recursive: true })) {
    if (!/\.tsx?$/.test(name)) continue;
    for (const [, icon] of readFileSync(new URL(name, web), 'utf8').matchAll(/\bbi-([a-z0-9-]*)/g)) {
      if (!(icon in all)) throw new Error(`web/${name} shows the icon “bi-${icon}”, which there is not.`);
      names.add(icon);
    }
  }
  return [...names].sort().map((name) => [name, all[name]]);
}

export function shownIcons() {
  return {
    name: 'lupine-icons',
    enforce: 'pre',
    async load(id) {
      if (!id.startsWith(fileURLToPath(new URL('bootstrap-icons.css', here)))) return null;
      const icons = shown();
      const font = readFileSync(new URL('fonts/bootstrap-icons.woff2', here));
      const signs = icons.map(([, code]) => String.fromCodePoint(code)).join('');
      const file = new URL('icons.woff2', made);
      mkdirSync(made, { recursive: true });
      writeFileSync(file, await subset(font, signs, { targetFormat: 'woff2' }));
      const css = readFileSync(new URL('bootstrap-icons.css', here), 'utf8');
      return [
        css
          .slice(0, css.search(/^\.bi-/m))
          .replace(/src:[^;]*;/, `src: url("${fileURLToPath(file)}") format("woff2");`),
        ...icons.map(([name, code]) => `.bi-${name}::before { content: "\\${code.toString(16)}"; }`),
      ].join('\n');
    },
  };
}
