import { describe, expect, it } from 'vitest';
import type { Link, Unit } from '../api/types';
import { drivenBy, namedAlike, onOutputs, receiversOf } from './receivers';

const unit = (name: string, other: Partial<Unit> = {}): Unit =>
  ({
    id: name,
    name,
    labels: ['Lamp'],
    linkId: 'link',
    receiver: 'Alder',
    receiverId: null,
    outputs: null,
    ...other,
  }) as Unit;
const link = (other: Partial<Link> = {}): Link =>
  ({
    id: 'link',
    outputs: 3,
    isAssigned: true,
    receivers: [{ id: 'box', label: 'Box', setting: 'Fern', pairedAt: null }],
    ...other,
  }) as Link;

describe('receivers', () => {
  it('are those of units first, then shared ones that somebody is behind', () => {
    const flame = unit('Flame', { receiverId: 'box', outputs: [2] });
    const found = receiversOf(link(), [unit('Tape'), flame, unit('Far', { linkId: null })]);
    expect(found.map((one) => [one.name, one.setting, one.units.map((other) => other.name)])).toEqual([
      ['Tape', 'Alder', ['Tape']],
      ['Box', 'Fern', ['Flame']],
    ]);
    expect(receiversOf(link(), [unit('Tape')]).map((one) => one.name)).toEqual(['Tape']);
  });

  it('drive what is on their outputs, and nothing of a head with more channels than outputs', () => {
    const colours = unit('Tape', { labels: ['Red', 'Green', 'Blue'], outputs: [1, 3, 2] });
    const receiver = { id: 'a', name: 'a', setting: null, units: [colours] };
    expect([...drivenBy(link(), receiver)]).toEqual([
      [1, 'Red'],
      [3, 'Green'],
      [2, 'Blue'],
    ]);
    expect(onOutputs(link({ outputs: 2 }), receiver)).toEqual([]);
    expect(onOutputs(link({ isAssigned: false }), receiver)).toEqual([]);
    const two = { ...receiver, units: [unit('Flame', { outputs: [2] }), unit('Base', { outputs: [1] })] };
    expect(drivenBy(link(), two).get(2)).toBe('Flame');
  });

  it('know who is named alike', () => {
    const names = ['Bulb 1', 'Bulb 2', 'Bulb 3', 'Tape', 'Spin L', 'Spin R'];
    expect(namedAlike(names.map((name) => unit(name)))).toEqual([['Bulb', 3]]);
  });
});
