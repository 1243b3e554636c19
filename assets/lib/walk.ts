import type { Fixture } from '../api/types';

/** "mid beam" of "mid beam, left of centre": what the unit hangs from. */
const from = (position: string) => position.split(',')[0]?.trim() ?? '';

/**
 * The units in the order of their hanging positions, as a foot walks: beam by beam, and along each from left to right
 * where the stage plan says so. Those that hang nowhere in particular come last.
 */
export function walkOrder(fixtures: readonly Fixture[]): Fixture[] {
  return fixtures.toSorted((one, other) => {
    const [here, there] = [one.position ?? null, other.position ?? null];
    if (here === null || there === null) return Number(here === null) - Number(there === null);
    const beam = from(here).localeCompare(from(there), undefined, { numeric: true });
    if (beam !== 0) return beam;
    if (one.spot && other.spot && one.spot.x !== other.spot.x) return one.spot.x - other.spot.x;
    return here.localeCompare(there, undefined, { numeric: true });
  });
}
