import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Look, Rig } from '../api/types';

type Live = {
  params: { path: { rig: string } };
  body: {
    slots?: Record<string, number>;
    desk?: Record<string, unknown> & { slots: Record<string, number> };
    stream?: boolean;
  };
};
const moved = ({ body }: Live) => body.desk?.slots ?? body.slots ?? {};
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
    { unitId: 'drum', values },
    { unitId: 'far', values: [9] },
  ],
  where: 'Drawer 1, memory 1',
  unreachable: [],
  lines: [],
});
function rig(looks: Look[] = []): Rig {
  const units = [
    { id: 'drum', universe: 1, address: 15 },
    { id: 'far', universe: 2, address: 1 },
  ];
  return { id: 'r', looks, units, desk: { universe: 1 } } as unknown as Rig;
}
const settle = () => new Promise((done) => setTimeout(done));

beforeEach(() => {
  localStorage.clear();
  asked.length = 0;
  answer = async ({ body }) => ({
    version: 1,
    lamps: [{ unitId: 'drum', name: JSON.stringify(moved({ body } as Live)) }],
  });
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
      new Promise((done) =>
        waiting.push(() => done({ version: 1, lamps: [{ name: JSON.stringify(moved({ body } as Live)) }] })),
      );
    const faders = new Faders('r', () => rig());
    for (const value of [10, 20, 30, 40]) faders.set(1, value);
    await settle();
    expect(asked.map((call) => moved(call)['1'])).toEqual([10]);
    waiting.shift()?.();
    await settle();
    expect(asked.map((call) => moved(call)['1'])).toEqual([10, 40]);
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

  it('say where master, blackout, cross faders and the second row stand', async () => {
    const faders = new Faders('r', () => rig());
    faders.set(1, 10);
    faders.set(1, 20, 'second');
    faders.setMaster(128);
    faders.setCross('crossB', 255);
    faders.toggleBlackout();
    await settle();
    await settle();
    expect(asked.at(-1)?.body).toEqual({
      desk: { slots: { '1': 10 }, secondRow: { '1': 20 }, master: 128, blackout: true, crossA: 255, crossB: 255 },
    });
    expect(new Faders('r', () => rig()).isBlackout).toBe(true);
  });

  it('move several addresses at once, and clear both rows but not the master', () => {
    const faders = new Faders('r', () => rig());
    faders.setAll([1, 15], 99);
    faders.set(1, 5, 'second');
    faders.setMaster(40);
    expect([faders.value(1), faders.value(15), faders.value(1, 'second')]).toEqual([99, 99, 5]);
    faders.clear();
    expect([faders.value(1), faders.value(1, 'second'), faders.master]).toEqual([0, 0, 40]);
  });

  it('of a rig without a desk are what is sent', async () => {
    const bare = { ...rig(), desk: null };
    const faders = new Faders('r', () => bare);
    faders.set(4, 9);
    await settle();
    expect(asked.at(-1)?.body).toEqual({ slots: { '4': 9 } });
  });

  it('are held where they are not, and left out while something else is sent', async () => {
    const faders = new Faders('r', () => rig());
    faders.set(1, 10);
    faders.hold({ '2': 255 });
    await settle();
    await settle();
    expect(asked.at(-1)?.body.desk?.slots).toEqual({ '1': 10, '2': 255 });
    faders.sendInstead({ '7': 3 });
    await settle();
    expect(asked.at(-1)?.body).toEqual({ slots: { '7': 3 } });
    faders.sendInstead(null);
    faders.hold({});
    await settle();
    await settle();
    expect(asked.at(-1)?.body.desk?.slots).toEqual({ '1': 10 });
    expect(faders.value(2)).toBe(0);
  });

  it('tell when the stand-in for the desk is away', async () => {
    answer = async () => ({ version: 1, lamps: [], sent: {}, streamed: false });
    const faders = new Faders('r', () => rig());
    faders.stream(true);
    await settle();
    expect([asked.at(-1)?.body.stream, faders.standInAway]).toEqual([true, true]);
    faders.stream(false);
    expect(faders.standInAway).toBe(false);
  });
});
