import type { Run, RunItem, Unit } from '../api/types';
import { figure } from './words';

/** Runs so that those that begin at a splitter follow the run that ends in it, each with how far it stands in. */
export function asTree(runs: readonly Run[]): { run: Run; depth: number }[] {
  const splitters = new Set(runs.flatMap((run) => run.items.filter((one) => one.splitter).map((one) => one.id)));
  const under = (splitter: string | null, depth: number): { run: Run; depth: number }[] =>
    runs
      .filter((run) =>
        splitter === null ? !run.splitterId || !splitters.has(run.splitterId) : run.splitterId === splitter,
      )
      .sort((one, other) => (splitter === null ? 0 : (one.output ?? 0) - (other.output ?? 0)))
      .flatMap((run) => {
        const last = run.items.at(-1);
        return [{ run, depth }, ...(last?.splitter ? under(last.id, depth + 1) : [])];
      });
  return under(null, 0);
}

export const ENDS = [
  ['3-pin', '3-pin'],
  ['5-pin', '5-pin'],
  ['rj45', 'RJ45'],
  ['bare', 'Bare ends'],
] as const;
export const CABLES = [
  ['data', 'Data cable'],
  ['microphone', 'Microphone cable'],
  ['network', 'Network cable'],
] as const;

/** "3", "20+5" where pieces are joined, "?" where nobody knows. */
export function lengthWords(item: Pick<RunItem, 'metres' | 'pieces'>): string {
  if (typeof item.metres !== 'number') return '?';
  return item.pieces.length > 1 ? item.pieces.map(figure).join('+') : figure(item.metres);
}

/** What something on a run is called. */
export function nameOf(item: RunItem, units: readonly Unit[]): string {
  return item.splitter ?? units.find((one) => one.id === item.unitId)?.name ?? '';
}
