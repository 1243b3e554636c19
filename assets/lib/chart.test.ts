import { describe, expect, it } from 'vitest';
import type { Chart } from '../api/chart';
import {
  addChannel,
  addEmitter,
  addMode,
  moveChannel,
  putRange,
  removeChannel,
  removeEmitter,
  removeRange,
} from './chart';

const open = { from: 0, to: 99, label: 'Open', function: 'open' };
const shut = { from: 100, to: 255, label: 'Shut', function: 'closed' };

function chart(): Chart {
  let one: Chart = { format: 'rigger-fixture', version: 1, maker: 'Marram', model: 'Drum', kind: 'wash', modes: [] };
  one = addMode(one, '9 Channel!', 3, 'd001', '');
  for (const label of ['Pan', 'Tilt', 'Pan fine']) one = addChannel(one, '9-channel', label);
  one = {
    ...one,
    modes: one.modes.map((mode) => ({
      ...mode,
      channels: mode.channels.map((channel) => (channel.offset === 3 ? { ...channel, fineOf: 1 } : channel)),
    })),
  };
  return one;
}
const channels = (one: Chart) =>
  (one.modes[0]?.channels ?? []).map(({ offset, label, fineOf }) => [offset, label, fineOf]);

describe('edits of a chart', () => {
  it('give a new mode a key of its own', () => {
    const twice = addMode(addMode(chart(), '9-channel', 9, '', ''), '9-channel', 9, '', 'hold Enter');
    expect(twice.modes.map((mode) => mode.key)).toEqual(['9-channel', '9-channel-2', '9-channel-3']);
    expect(twice.modes[2]).toMatchObject({ setup: 'hold Enter' });
    expect(twice.modes[2]).not.toHaveProperty('display');
  });
  it('keep a fine channel with its coarse one when others move', () => {
    expect(channels(moveChannel(chart(), '9-channel', 1, 1))).toEqual([
      [1, 'Tilt', null],
      [2, 'Pan', null],
      [3, 'Pan fine', 2],
    ]);
    expect(channels(removeChannel(chart(), '9-channel', 2))).toEqual([
      [1, 'Pan', null],
      [2, 'Pan fine', 1],
    ]);
  });
  it('do not move a channel past either end', () => {
    expect(channels(moveChannel(chart(), '9-channel', 1, -1))).toEqual(channels(chart()));
    expect(channels(moveChannel(chart(), '9-channel', 3, 1))).toEqual(channels(chart()));
  });
  it('put ranges in order, over the one they were opened from, or over the same values', () => {
    const ranges = (one: Chart) => one.modes[0]?.channels[0]?.ranges.map((range) => `${range.from} ${range.label}`);
    let one = putRange(putRange(chart(), '9-channel', 1, shut, null), '9-channel', 1, open, null);
    expect(ranges(one)).toEqual(['0 Open', '100 Shut']);
    one = putRange(one, '9-channel', 1, { ...open, label: 'Light' }, null);
    expect(ranges(one)).toEqual(['0 Light', '100 Shut']);
    one = putRange(one, '9-channel', 1, { ...open, from: 50, label: 'Late' }, 0);
    expect(ranges(one)).toEqual(['50 Late', '100 Shut']);
    expect(ranges(removeRange(one, '9-channel', 1, 0))).toEqual(['100 Shut']);
  });
  it('hold an emitter once and leave no empty list', () => {
    const red = { key: 'red', x: 0.7, y: 0.299, flux: 0.25 };
    const one = addEmitter(addEmitter(chart(), red), { ...red, flux: 0.3 });
    expect(one.emitters).toEqual([{ ...red, flux: 0.3 }]);
    expect(removeEmitter(one, 'red')).not.toHaveProperty('emitters');
  });
  it('leave the chart they were given as it was', () => {
    const before = chart();
    const kept = structuredClone(before);
    removeChannel(before, '9-channel', 1);
    putRange(before, '9-channel', 1, open, null);
    expect(before).toEqual(kept);
  });
});
