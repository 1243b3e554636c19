import { AT_REST, type Standing } from '../api/playback';

const deskOf = (rigId: string) => `rigger.desk.${rigId}`;
const alongOf = (rigId: string) => `rigger.along.${rigId}`;

/** Where a rig's desk was left in this browser; null where it never stood. What was tried then is over. */
export function keptDesk(rigId: string): Standing | null {
  const kept = localStorage.getItem(deskOf(rigId));
  return kept ? { ...AT_REST, ...(JSON.parse(kept) as Partial<Standing>), trial: null, instead: null } : null;
}

export function keepDesk(rigId: string, standing: Standing): void {
  localStorage.setItem(deskOf(rigId), JSON.stringify(standing));
}

/** The seat of another window at which this one plays along, also after a reload; null at its own. */
export function seatAlong(rigId: string, named: string | null): string | null {
  if (named !== null) sessionStorage.setItem(alongOf(rigId), named);
  return named ?? sessionStorage.getItem(alongOf(rigId));
}

export function partWays(rigId: string): void {
  sessionStorage.removeItem(alongOf(rigId));
}
