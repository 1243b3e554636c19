/*
 * Makes assets/fonts from the packages that carry the fonts: only the weights and widths that Rigger uses, and letters in parts
 * by how often they are needed, of which a browser fetches what a page shows. Usage: npm run fonts, after either package changes.
 */
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import subsetFont from 'subset-font';

const root = join(dirname(fileURLToPath(import.meta.url)), '../..');
const to = join(root, 'assets/fonts');

const FAMILIES = [
  {
    name: 'archivo',
    family: 'Archivo Variable',
    axes: 'wdth',
    ranges: { wght: [400, 700], wdth: [68, 100] },
    parts: ['latin', 'latin-ext', 'vietnamese'],
  },
  {
    name: 'martian-mono',
    family: 'Martian Mono Variable',
    axes: 'wght',
    ranges: { wght: [400, 700] },
    parts: ['latin', 'latin-ext', 'cyrillic', 'cyrillic-ext'],
  },
];
/** What the interface itself is written in; the rest of Latin is for people's names. */
const FIRST = 'U+0020-007E,U+00A0,U+00AB,U+00B0-00B1,U+00B5,U+00B7,U+00BB,U+00D7,U+2010-2026,U+2032-2033,U+2212';

/** Code points of a unicode-range, in order. */
function codes(ranges) {
  return ranges.split(',').flatMap((range) => {
    const [from, end = from] = range.replace('U+', '').split('-');
    const first = parseInt(from, 16);
    return Array.from({ length: parseInt(end, 16) - first + 1 }, (_, index) => first + index);
  });
}

/** The reverse: code points as a unicode-range. */
function rangeOf(points) {
  const word = (point) => point.toString(16).toUpperCase().padStart(4, '0');
  const runs = [];
  for (const point of points) {
    const run = runs.at(-1);
    if (run && run[1] === point - 1) run[1] = point;
    else runs.push([point, point]);
  }
  return runs.map(([from, end]) => `U+${word(from)}${end > from ? `-${word(end)}` : ''}`).join(',');
}

rmSync(to, { recursive: true, force: true });
mkdirSync(to, { recursive: true });
let css = '/* Made by tools/fonts/make.mjs: do not edit. */\n';
const first = new Set(codes(FIRST));

for (const { name, family, axes, ranges, parts } of FAMILIES) {
  const from = join(root, 'node_modules/@fontsource-variable', name);
  const written = JSON.parse(readFileSync(join(from, 'unicode.json'), 'utf8'));
  const variationAxes = Object.fromEntries(Object.entries(ranges).map(([axis, [min, max]]) => [axis, { min, max }]));
  const faces = parts.flatMap((part) => {
    const all = codes(written[part]);
    if (part !== 'latin') return [{ part, file: part, points: all }];
    return [
      { part, file: 'first', points: all.filter((one) => first.has(one)) },
      { part, file: 'latin', points: all.filter((one) => !first.has(one)) },
    ];
  });
  // Of two faces that have a letter, a browser takes the one that comes last.
  for (const { part, file, points } of faces.toReversed()) {
    const source = readFileSync(join(from, `files/${name}-${part}-${axes}-normal.woff2`));
    const text = points.map((one) => String.fromCodePoint(one)).join('');
    const font = await subsetFont(source, text, { targetFormat: 'woff2', variationAxes });
    writeFileSync(join(to, `${name}-${file}.woff2`), font);
    const stretch = ranges.wdth ? `\n  font-stretch: ${ranges.wdth[0]}% ${ranges.wdth[1]}%;` : '';
    css += `
@font-face {
  font-family: '${family}';
  font-style: normal;
  font-display: swap;
  font-weight: ${ranges.wght[0]} ${ranges.wght[1]};${stretch}
  src: url(./${name}-${file}.woff2) format('woff2');
  unicode-range: ${rangeOf(points)};
}
`;
    console.log(`${name}-${file}: ${font.length} bytes`);
  }
  writeFileSync(join(to, `${name}.licence.txt`), readFileSync(join(from, 'LICENSE')));
}
writeFileSync(join(to, 'fonts.css'), css);
