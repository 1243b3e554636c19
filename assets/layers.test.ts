import { describe, expect, it } from 'vitest';

/** Folders know one another in one direction: those on the left may be named by all that stand to their right. */
const ORDER = ['api', 'lib', 'state', 'components', 'frame', 'stages', '.'];
const SOURCES = import.meta.glob<string>(
  ['./**/*.ts', './**/*.svelte', '!./**/*.test.ts', '!./testing/**', '!./**/*.d.ts'],
  {
    query: '?raw',
    import: 'default',
    eager: true,
  },
);

const folderOf = (path: string) => {
  const parts = path.replace(/^\.\//, '').split('/');
  return parts.length > 1 ? (parts[0] ?? '.') : '.';
};

function trespasses(path: string, source: string): string[] {
  const from = ORDER.indexOf(folderOf(path));
  const base = new URL(path, 'http://x/');
  return [...source.matchAll(/(?:from|import)\s*\(?\s*'(\.[^']+)'/g)]
    .map((found) => new URL(found[1] ?? '', base).pathname.slice(1))
    .filter((target) => ORDER.indexOf(folderOf(target)) > from);
}

describe('the front end', () => {
  it('knows its folders in one direction', () => {
    const found = Object.entries(SOURCES).flatMap(([path, source]) =>
      trespasses(path, source).map((target) => `${path} names ${target}`),
    );
    expect(Object.keys(SOURCES).length).toBeGreaterThan(100);
    expect(found).toEqual([]);
  });
  it('is told where it does not', () => {
    expect(trespasses('./api/client.ts', "import { x } from '../state/x.svelte';")).toEqual(['state/x.svelte']);
    expect(trespasses('./state/x.ts', "import { x } from '../api/client';")).toEqual([]);
  });
  it('does no more than ask by fetch in one place', () => {
    const asking = Object.entries(SOURCES).filter(([, source]) => /[^a-zA-Z.]fetch\(/.test(source));
    expect(asking.map(([path]) => folderOf(path))).toEqual(asking.map(() => 'api'));
  });
});
