import type { Fixture } from '../api/types';

/** The groups that units belong to, each once, by name. */
export function groupsOf(fixtures: readonly Fixture[]): string[] {
  return [...new Set(fixtures.flatMap((one) => one.groups))].sort();
}
