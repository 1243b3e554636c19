import type { Finding } from '../api/types';

/** The stages of the work, from left to right. */
export const STAGES = [
  { key: 'fixtures', name: 'Fixtures' },
  { key: 'patch', name: 'Patch' },
  { key: 'lines', name: 'Lines' },
  { key: 'desk', name: 'Desk' },
  { key: 'looks', name: 'Looks' },
  { key: 'sheets', name: 'Sheets' },
] as const;

export type StageKey = (typeof STAGES)[number]['key'];

export type Tally = { errors: number; warnings: number };

/** How much is still wrong in a stage. */
export function tally(findings: readonly Finding[], stage: StageKey): Tally {
  const mine = findings.filter((one) => one.stage === stage);
  return {
    errors: mine.filter((one) => one.severity === 'error').length,
    warnings: mine.filter((one) => one.severity === 'warning').length,
  };
}
