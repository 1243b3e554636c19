import type { Look, Rig } from '../api/types';

/** A look's values by address, as the rig's desk sends them; fixtures in other universes are not on it. */
export function slotsOf(look: Look, { fixtures, desk }: Pick<Rig, 'fixtures' | 'desk'>): Record<string, number> {
  const universe = desk?.universe ?? 1;
  const slots: Record<string, number> = {};
  for (const cell of look.cells) {
    const fixture = fixtures.find((one) => one.id === cell.fixtureId);
    if (fixture?.universe === universe)
      cell.values.forEach((value, index) => (slots[String(fixture.address + index)] = value));
  }
  return slots;
}
