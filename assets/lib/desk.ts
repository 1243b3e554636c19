import type { Desk } from '../api/types';

type Pages = Pick<Desk, 'pageNames'>;

/** What is printed on the key of a page; nothing on a desk with one page. */
export function pageName(desk: Pages | null | undefined, page: number): string {
  return desk && desk.pageNames.length > 1 ? (desk.pageNames[page - 1] ?? '') : '';
}

/** "A3" on page A; "2/3" on a page that is called by a number, "inner 3" by a word; "3" where there are no pages. */
export function faderName(desk: Pages | null | undefined, page: number, fader: number | string): string {
  const name = pageName(desk, page);
  const gap = name.length > 2 ? ' ' : /\d$/.test(name) ? '/' : '';
  return `${name}${gap}${fader}`;
}
