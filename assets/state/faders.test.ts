import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Look, Rig } from '../api/types';

type Live = { params: { path: { rig: string } }; body: { slots: Record<string, number> } };
const asked: Live[] = [];
let answer: (call: Live) => Promise<unknown>;

vi.mock('../api/client', () => ({
  api: {
    POST: (_path: string, call: Live) => {
      asked.push(call);
      return answer(call);
    },
  },
  answered: (call: Promise<unknown>) => call,
}));

const { Faders } = await import('./faders.svelte');

const look = (id: string, values: number[]): Look => ({
  id,
  name: id,
  bank: 1,
  number: 1,
  cells: [
    { fixtureId: 'drum', values },
    { fixtureId: 'far', values: [9] },
  ],
  steps: [],
  unreachable: [],
});
function rig(looks: Look[] = []): Rig {
  const fixtures = [
    { id: 'drum', universe: 1, address: 15 },
    { id: 'far', universe: 2, address: 1 },
  ];
  return { id: 'r', looks, fixtures, desk: { universe: 1 } } as unknown as Rig;
}
const settle = () => new Promise((done) => setTimeout(done));

beforeEach(() => {
  localStorage.clear();
  asked.length = 0;
  answer = async ({ body }) => ({ version: 1, lamps: [{ fixtureId: 'drum', name: JSON.stringify(body.slots) }] });
});

describe('faders', () => {
  it('begin with the first look, on the desk’s universe alone', () => {
    const faders = new Faders('r', () => rig([look('House', [180, 120])]));
    expect([faders.value(15), faders.value(16), faders.value(1)]).toEqual([180, 120, 0]);
    expect(faders.recalled).toBe('House');
  });

  it('stay where they were left in this browser', () => {
    new Faders('r', () => rig()).set(3, 77);
    expect(new Faders('r', () => rig([look('House', [1, 2])])).value(3)).toBe(77);
    expect(new Faders('other', () => rig()).value(3)).toBe(0);
  });

  it('hold whole values from 0 to 255', () => {
    const faders = new Faders('r', () => rig());
    faders.set(1, 300);
    faders.set(2, -4);
    faders.set(3, 127.6);
    expect([faders.value(1), faders.value(2), faders.value(3)]).toEqual([255, 0, 128]);
  });

  it('forget which look was recalled as soon as one is moved', () => {
    const house = look('House', [180, 120]);
    const faders = new Faders('r', () => rig([house]));
    faders.set(15, 0);
    expect(faders.recalled).toBeNull();
    faders.recall(house);
    expect([faders.value(15), faders.recalled]).toEqual([180, 'House']);
    faders.clear();
    expect([faders.value(15), faders.recalled]).toEqual([0, null]);
  });

  it('keep one request in flight and send the newest values next', async () => {
    const waiting: (() => void)[] = [];
    answer = ({ body }) =>
      new Promise((done) => waiting.push(() => done({ version: 1, lamps: [{ name: JSON.stringify(body.slots) }] })));
    const faders = new Faders('r', () => rig());
    for (const value of [10, 20, 30, 40]) faders.set(1, value);
    await settle();
    expect(asked.map((call) => call.body.slots['1'])).toEqual([10]);
    waiting.shift()?.();
    await settle();
    expect(asked.map((call) => call.body.slots['1'])).toEqual([10, 40]);
    waiting.shift()?.();
    await settle();
    expect(asked).toHaveLength(2);
    expect(faders.lamps[0]?.name).toBe('{"1":40}');
  });

  it('show no lamps when the rig is gone, and ask again later', async () => {
    const faders = new Faders('r', () => rig());
    faders.set(1, 5);
    await settle();
    expect(faders.lamps).toHaveLength(1);
    const working = answer;
    answer = () => Promise.reject(new Error('gone'));
    faders.set(1, 6);
    await settle();
    expect(faders.lamps).toHaveLength(0);
    answer = working;
    faders.set(1, 7);
    await settle();
    expect(faders.lamps).toHaveLength(1);
  });
});
