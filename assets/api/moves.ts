/**
 * Which of a rig's versions came of which by changes made from this browser: 7 → 8. A change that was based on 7 may then be made on
 * 8: the one in between was the same person's. Known for a while only: a backup that is brought back uses numbers again.
 */
export type Moves = Readonly<Record<string, { to: number; at: number }>>;

const KEPT = 60;
const KNOWN_MS = 15 * 60_000;

export function withMove(moves: Moves, from: number, to: number, at: number): Moves {
  const all = Object.entries({ ...moves, [String(from)]: { to, at } }).sort(
    ([one], [other]) => Number(other) - Number(one),
  );
  return Object.fromEntries(all.slice(0, KEPT));
}

/** The newest version that a change based on this one may be made on. */
export function rebased(moves: Moves, version: number, now: number): number {
  let at = version;
  for (let move = moves[String(at)]; move && move.to > at && now - move.at < KNOWN_MS; move = moves[String(at)])
    at = move.to;
  return at;
}
