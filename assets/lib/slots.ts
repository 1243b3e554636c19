import type { Look, Rig } from '../api/types';

/** A look's values by address, as the rig's desk sends them; units in other universes are not on it. */
export function slotsOf(look: Look, { units, desk }: Pick<Rig, 'units' | 'desk'>): Record<string, number> {
  const universe = desk?.universe ?? 1;
  const slots: Record<string, number> = {};
  for (const cell of look.cells) {
    const unit = units.find((one) => one.id === cell.unitId);
    if (unit?.universe === universe)
      cell.values.forEach((value, index) => (slots[String(unit.address + index)] = value));
  }
  return slots;
}
