import type { Unit } from '../api/types';

/** The groups that units belong to, each once, by name. */
export function groupsOf(units: readonly Unit[]): string[] {
  return [...new Set(units.flatMap((one) => one.groups))].sort();
}
