import { describe, expect, it } from 'vitest';
import type { Unit } from '../api/types';
import { joined, tapeRows } from './tapes';

const unit = (id: string, address: number, channels: number, twinOf: string | null = null, universe = 1) =>
  ({ id, name: id, universe, address, last: address + channels - 1, twinOf }) as Unit;
const none = { clash: new Set<string>(), spills: new Set<string>() };
const rows = [
  { label: '1', start: 1, width: 14 },
  { label: '2', start: 15, width: 14 },
];

describe('tape on a universe', () => {
  it('is cut where a row ends, and says that it goes on', () => {
    const [first, second] = tapeRows([unit('Batten', 1, 27)], 1, rows, none);
    expect(first?.pieces).toMatchObject([{ from: 0, to: 13, goesOn: true, comesOn: false }]);
    expect(second?.pieces).toMatchObject([{ from: 0, to: 12, goesOn: false, comesOn: true }]);
  });
  it('is one piece for twins, and leaves other universes out', () => {
    const [first] = tapeRows(
      [unit('Drum 1', 1, 9), unit('Drum 2', 1, 9, 'Drum 1'), unit('Far', 1, 9, null, 2)],
      1,
      rows,
      none,
    );
    expect(first?.pieces).toMatchObject([{ ids: ['Drum 1', 'Drum 2'], name: 'Drum 1 + 2' }]);
  });
  it('stops at 512', () => {
    const [row] = tapeRows([unit('End', 510, 9)], 1, [{ label: '', start: 481, width: 32 }], none);
    expect(row?.pieces).toMatchObject([{ from: 29, to: 31, goesOn: false }]);
  });
  it('joins names by their stem', () => {
    expect([joined('Drum 1', 'Drum 2'), joined('Drum 1 + 2', 'Drum 3'), joined('Left', 'Right')]).toEqual([
      'Drum 1 + 2',
      'Drum 1 + 2 + 3',
      'Left + Right',
    ]);
  });
});
