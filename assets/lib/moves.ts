/**
 * Which of a rig's versions came of which by changes made from this browser: 7 → 8. A change that was based on 7 may then be made on
 * 8: the one in between was the same person's.
 */
export type Moves = Readonly<Record<string, number>>;

const KEPT = 60;

export function withMove(moves: Moves, from: number, to: number): Moves {
  const all = Object.entries({ ...moves, [String(from)]: to }).sort(([one], [other]) => Number(other) - Number(one));
  return Object.fromEntries(all.slice(0, KEPT));
}

/** The newest version that a change based on this one may be made on. */
export function rebased(moves: Moves, version: number): number {
  let at = version;
  for (let next = moves[String(at)]; next !== undefined && next > at; next = moves[String(at)]) at = next;
  return at;
}
