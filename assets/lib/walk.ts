import type { Fixture } from '../api/types';

/** The units in the order of their hanging positions, as a foot walks; those that hang nowhere in particular come last. */
export function walkOrder(fixtures: readonly Fixture[]): Fixture[] {
  return fixtures.toSorted((one, other) => {
    if ((one.position === null) !== (other.position === null)) return one.position === null ? 1 : -1;
    return (one.position ?? '').localeCompare(other.position ?? '', undefined, { numeric: true });
  });
}
