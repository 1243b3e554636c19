import { describe, expect, it } from 'vitest';
import type { Rig, RigChange } from '../api/types';
import { merged } from './merge';

const ids = (list: readonly { id: string }[]) => list.map((one) => one.id);
const rig = {
  id: 'r',
  version: 7,
  name: 'The Ebb',
  desk: { name: 'Tenfold', strips: [{ address: 1 }, { address: 2 }] },
  units: [{ id: 'a' }, { id: 'b' }, { id: 'c' }],
  looks: [],
  links: [{ id: 'l' }],
  supports: [],
  runs: [],
  findings: [
    { key: 'fixtures/x', stage: 'fixtures' },
    { key: 'patch/x', stage: 'patch' },
  ],
} as unknown as Rig;
const none = { gone: [], at: [], put: [] };
const change = (what: object) =>
  ({
    base: 7,
    version: 8,
    name: 'The Ebb',
    walk: [],
    types: [],
    universes: [],
    undo: 'Moved',
    redo: null,
    desk: null,
    strips: { at: [], put: [] },
    units: none,
    looks: none,
    findings: none,
    links: null,
    supports: null,
    van: null,
    house: null,
    power: null,
    runs: none,
    ...what,
  }) as unknown as RigChange;

describe('what differs, laid over what the window has,', () => {
  it('takes away, changes in place and adds, each at its place', () => {
    const put = [{ id: 'new' }, { id: 'c', name: 'other' }, { id: 'last' }];
    const after = merged(rig, change({ units: { gone: ['b'], at: [0, 2, 3], put } }));
    expect(ids(after.units)).toEqual(['new', 'a', 'c', 'last']);
    expect(after.units[1]).toBe(rig.units[0]);
    expect([after.version, after.undo]).toEqual([8, 'Moved']);
  });
  it('leaves alone what it does not name', () => {
    const after = merged(rig, change({}));
    expect(after.links).toBe(rig.links);
    expect(after.desk).toBe(rig.desk);
  });
  it('brings the findings of charts anew', () => {
    expect(merged(rig, change({})).findings.map((one) => one.key)).toEqual(['patch/x']);
  });
  it('puts faders in their places, or brings another desk', () => {
    const put = [{ address: 2, label: 'Red' }];
    expect(merged(rig, change({ strips: { at: [1], put } })).desk?.strips).toEqual([{ address: 1 }, put[0]]);
    expect(merged(rig, change({ desk: { desk: null } })).desk).toBeNull();
  });
});
