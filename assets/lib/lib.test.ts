import { describe, expect, it } from 'vitest';
import type { Finding } from '../api/types';
import { threeDigits } from './address';
import { faderName, pageName } from './desk';
import { emitterHex, percentAt, rangeAt } from './ranges';
import { tally } from './stages';
import { figure, plural } from './words';

const finding = (stage: string, severity: string) =>
  ({ key: stage, stage, severity, code: 'x', title: '', message: '', unitIds: [], unitRuns: [] }) as Finding;

describe('addresses', () => {
  it('are written with their universe and three digits', () => {
    expect(threeDigits(43)).toBe('043');
  });
});

describe('faders', () => {
  it('are called by the page key that they stand under', () => {
    const letters = { pageNames: ['A', 'B'] };
    expect([faderName(letters, 1, 3), faderName(letters, 2, 7)]).toEqual(['A3', 'B7']);
    expect(faderName({ pageNames: ['1', '2'] }, 2, 5)).toBe('2/5');
    expect(faderName({ pageNames: ['inner', 'outer'] }, 2, 5)).toBe('outer 5');
    expect([pageName(letters, 2), pageName({ pageNames: ['A'] }, 1), pageName(null, 1)]).toEqual(['B', '', '']);
    expect([faderName({ pageNames: ['A'] }, 1, 3), faderName(null, 1, 3)]).toEqual(['3', '3']);
  });
});

describe('ranges', () => {
  const ranges = [
    { from: 0, to: 23, label: 'Closed' },
    { from: 24, to: 210, label: 'Flash' },
    { from: 200, to: 255, label: 'Open' },
  ];
  it('hold their first and last value, and the first of two wins', () => {
    expect(rangeAt(ranges, 23)?.label).toBe('Closed');
    expect(rangeAt(ranges, 24)?.label).toBe('Flash');
    expect(rangeAt(ranges, 205)?.label).toBe('Flash');
    expect(rangeAt(ranges.slice(0, 1), 24)).toBeUndefined();
  });
  it('stay on the ladder even when a bound does not', () => {
    expect(percentAt(0)).toBe(0);
    expect(percentAt(128)).toBe(50);
    expect(percentAt(300)).toBe(100);
    expect(percentAt(-3)).toBe(0);
  });
  it('are drawn in the colour of a known emitter, or the one that is offered', () => {
    expect(emitterHex('red')).toMatch(/^#/);
    expect(emitterHex('mauve', '#123456')).toBe('#123456');
    expect(emitterHex(null)).toMatch(/^#/);
  });
});

describe('what is wrong', () => {
  it('is counted by stage: errors and warnings, never notes', () => {
    const findings = [
      finding('patch', 'error'),
      finding('patch', 'warning'),
      finding('patch', 'note'),
      finding('desk', 'error'),
    ];
    expect(tally(findings, 'patch')).toEqual({ errors: 1, warnings: 1 });
    expect(tally(findings, 'lines')).toEqual({ errors: 0, warnings: 0 });
  });
});

describe('words', () => {
  it('count in plain language', () => {
    expect([plural(0, 'unit'), plural(1, 'unit'), plural(2, 'unit')]).toEqual(['0 units', '1 unit', '2 units']);
    expect(plural(2, 'look', 'looks')).toBe('2 looks');
    expect([figure(0.8), figure(16), figure(2.345)]).toEqual(['0.8', '16', '2.35']);
  });
});
