import type { Lamp, LampCell, Unit } from '../api/types';

/** What a lamp does, as one reads it beside its name. */
export function lampWords(lamp: Pick<Lamp, 'state' | 'why'>): string {
  if (lamp.state === 'lit') return 'lit';
  if (lamp.state === 'no_lamp') return 'responds; it has no lamp';
  if (lamp.state === 'partly') return `partly lit. ${lamp.why ?? ''}`;
  return lamp.why ?? 'dark';
}

/** A lamp that no data reaches: what it would do is its maker's choice, and darkness the safe guess. */
export function withoutData(lamp: Lamp): Lamp {
  return {
    unitId: lamp.unitId,
    name: lamp.name,
    state: 'silent',
    pan: null,
    tilt: null,
    selfRunning: null,
    why: `no data reaches ${lamp.name}. It goes dark or holds what it had, as its maker chose.`,
    cells: lamp.cells.map((one) => ({ ...one, brightness: 0 })),
  };
}

/** Lamps by the universe of their unit, the desk's own first. */
export function byUniverse(
  lamps: readonly Lamp[],
  units: readonly Pick<Unit, 'id' | 'universe'>[],
  own: number,
): { universe: number; isOwn: boolean; lamps: Lamp[] }[] {
  const where = Object.fromEntries(units.map((one) => [one.id, one.universe]));
  const rows = new Map<number, Lamp[]>([[own, []]]);
  for (const one of lamps) {
    const universe = where[one.unitId] ?? own;
    const row = rows.get(universe);
    if (row) row.push(one);
    else rows.set(universe, [one]);
  }
  return [...rows]
    .map(([universe, mine]) => ({ universe, isOwn: universe === own, lamps: mine }))
    .sort((one, other) => Number(other.isOwn) - Number(one.isOwn) || one.universe - other.universe);
}

/** The colour of its brightest cell, as a dot shows it; null for darkness. */
export function brightest(lamp: Pick<Lamp, 'cells'>): string | null {
  const cell = lamp.cells.reduce<LampCell | null>(
    (best, one) => (one.brightness > (best?.brightness ?? 0) ? one : best),
    null,
  );
  return cell
    ? `color-mix(in oklab, ${cell.hex ?? '#8a8378'} ${Math.round(18 + 82 * Math.sqrt(cell.brightness))}%, transparent)`
    : null;
}

/** "13 of 14 respond: 9 lit, 3 dark, 1 without a lamp". */
export function tallyWords(lamps: readonly Pick<Lamp, 'state'>[]): string {
  const count = (...states: Lamp['state'][]) => lamps.filter((one) => states.includes(one.state)).length;
  const silent = count('silent');
  const out = count('out');
  const counted = lamps.length - out;
  const parts = [
    [count('lit'), 'lit'],
    [count('partly'), 'partly lit'],
    [count('dark'), 'dark'],
    [count('busy'), 'by itself'],
    [count('no_lamp'), 'without a lamp'],
  ] as const;
  const said = parts.flatMap(([many, words]) => (many ? [`${many} ${words}`] : [])).join(', ');
  const all = silent ? `${counted - silent} of ${counted} respond` : `All ${counted} respond`;
  const responding = counted !== 1 ? all : silent ? 'It does not respond' : 'It responds';
  const head = out ? `${responding} (${out} out of action)` : responding;
  return said ? `${head}: ${said}` : head;
}

/** Cuts a long name before its last word, so that a number at its end stays in sight. */
export function cutInTheMiddle(name: string): [head: string, tail: string] {
  const found = name.length > 10 ? /^(.+?)(\s*\S{0,2}\d\S{0,3}|\s+\S{1,6})$/u.exec(name) : null;
  return found ? [found[1] ?? '', found[2] ?? ''] : [name, ''];
}
