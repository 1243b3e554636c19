import type { Finding, Rig } from './types';

/** Findings about many units name them by their places in the patch list, in runs; here each gets its ids. */
export function withUnits(findings: readonly Finding[], units: Rig['units']): Finding[] {
  return findings.map((one) =>
    one.unitRuns.length ? { ...one, unitIds: idsOf(one.unitRuns, units), unitRuns: [] } : one,
  );
}

function idsOf(runs: readonly number[], units: Rig['units']): string[] {
  const ids: string[] = [];
  for (let nth = 0; nth < runs.length; nth += 2)
    ids.push(...units.slice(runs[nth] ?? 0, (runs[nth + 1] ?? -1) + 1).map((unit) => unit.id));
  return ids;
}
