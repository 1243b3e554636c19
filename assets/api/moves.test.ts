import { describe, expect, it } from 'vitest';
import { rebased, withMove, type Moves } from './moves';
import { isWrite, rigOf, wordsOfWrite } from './writes';

describe('versions that one’s own changes have led to', () => {
  const NOW = 1_000_000;
  const led = (...pairs: [number, number][]) =>
    pairs.reduce((moves, [from, to]) => withMove(moves, from, to, NOW), {} as Moves);

  it('are followed as far as they go, and no further', () => {
    const moves = led([7, 8], [8, 9]);
    expect([7, 8, 9, 3].map((version) => rebased(moves, version, NOW))).toEqual([9, 9, 9, 3]);
  });
  it('end where somebody else’s change stands between', () => {
    expect(rebased(led([7, 8], [9, 10]), 7, NOW)).toBe(8);
  });
  it('never lead in a circle', () => {
    expect(rebased(led([7, 8], [8, 7]), 7, NOW)).toBe(8);
  });
  it('are forgotten after a while, for a backup that is brought back uses numbers again', () => {
    expect(rebased(led([7, 8]), 7, NOW + 20 * 60_000)).toBe(7);
  });
  it('are forgotten when there are many, the oldest first', () => {
    const moves = led(...Array.from({ length: 100 }, (_, index): [number, number] => [index + 1, index + 2]));
    expect(Object.keys(moves)).toHaveLength(60);
    expect([rebased(moves, 1, NOW), rebased(moves, 60, NOW)]).toEqual([1, 101]);
  });
});

describe('a write', () => {
  it('is told from a question that is asked by POST', () => {
    expect(isWrite('PATCH', '/api/rigs/r/units/f')).toBe(true);
    expect(isWrite('POST', '/api/rigs/r/undo')).toBe(true);
    expect(isWrite('DELETE', '/api/rigs/r')).toBe(true);
    for (const path of [
      '/api/calc/dip',
      '/api/charts/edit',
      '/api/rigs/r/live',
      '/api/rigs/r/units/preview',
      '/api/rigs/r/units/f/presses',
    ])
      expect(isWrite('POST', path)).toBe(false);
    expect(isWrite('GET', '/api/rigs')).toBe(false);
  });
  it('says what it is about in an operator’s words', () => {
    const path = '/api/rigs/r/changes';
    const one = (change: object) => ({ base: 3, changes: [change] });
    expect(wordsOfWrite('POST', path, one({ do: 'move-units', units: ['f'], to: '37' }))).toBe('Move: to 37');
    expect(wordsOfWrite('POST', path, one({ do: 'undo' }))).toBe('Undo');
    expect(wordsOfWrite('POST', path, one({ do: 'number-unit', unit: 'f', number: '7' }))).toBe(
      'Number unit: number 7',
    );
    expect(wordsOfWrite('POST', '/api/rigs', { name: 'Ebb', venue: 'Quay' })).toBe('Make a rig: name Ebb, venue Quay');
    expect(wordsOfWrite('DELETE', '/api/rigs/r', null)).toBe('Throw a rig away');
  });
  it('says whom it is about', () => {
    const body = { base: 3, changes: [{ do: 'move-units', units: ['f'], to: '37' }] };
    expect(wordsOfWrite('POST', '/api/rigs/r/changes', body, { f: 'Tape' })).toBe('Move, Tape: to 37');
  });
  it('knows its rig', () => {
    expect([rigOf('/api/rigs/r/undo'), rigOf('/api/import')]).toEqual(['r', null]);
  });
});
