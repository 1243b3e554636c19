import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { AT_REST, type Command, type Moment, type Standing } from '../api/playback';
import { ApiError } from '../api/errors';
import type { Rig } from '../api/types';

type Live = { params: { path: { rig: string } }; body: { standing?: Standing; commands: Command[] } };
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
vi.mock('../api/windowId', () => ({ claimWindow: async () => SEAT }));

const SEAT = '01a209e6-9040-7380-9572-3143ab270848';
/** What the page says to the playback process, and how that answers. */
const said: { path: string; body: Record<string, unknown> }[] = [];
let taken: (path: string) => number;
let source: FakeSource | null = null;

class FakeSource extends EventTarget {
  constructor(readonly url: string) {
    super();
    source = this; // eslint-disable-line @typescript-eslint/no-this-alias -- the stream that is open
  }
  close() {}
  beat() {
    this.dispatchEvent(new MessageEvent('beat', { data: '0' }));
  }
  say(moment: object) {
    this.dispatchEvent(new MessageEvent('message', { data: JSON.stringify({ seat: SEAT, ...moment }) }));
  }
}

const { Faders } = await import('./faders.svelte');

const rig = () =>
  ({
    id: 'r',
    units: [
      { id: 'drum', name: 'Drum 1' },
      { id: 'spin', name: 'Spin L' },
    ],
  }) as unknown as Rig;
const settle = (ms = 0) => new Promise((done) => setTimeout(done, ms));
const standing = (more: Partial<Standing> = {}): Standing => ({ ...AT_REST, ...more });
const whole = (more: Partial<Moment> = {}): Partial<Moment> => ({
  n: 4,
  whole: true,
  version: 1,
  units: ['drum', 'spin'],
  lamps: [
    [0, 'lit', [[1, '#ffffff', 1, 0]], null, null, null],
    [1, 'dark', [[1, null, 0, 0]], 0, 0, null],
  ],
  standing: standing({ slots: { '1': 255 }, recalled: 'house' }),
  sent: { '1': 255 },
  taken: {},
  ...more,
});
const commands = () => said.filter((one) => one.path.endsWith('/commands')).map((one) => one.body);
const sitting = () => said.find((one) => one.path.endsWith(SEAT))?.body.window as string;

const sat: InstanceType<typeof Faders>[] = [];
afterEach(() => {
  for (const one of sat.splice(0)) one.leave();
});
beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  asked.length = 0;
  said.length = 0;
  source = null;
  taken = () => 204;
  vi.unstubAllGlobals();
  vi.stubGlobal('fetch', async (path: string, init?: RequestInit) => {
    if (!init) return new Response(JSON.stringify({ n: 4, words: { spin: 'Dimmer (6) at 0 is down.' } }));
    const status = taken(path);
    said.push({ path, body: JSON.parse(String(init.body)) as Record<string, unknown> });
    return new Response(null, { status });
  });
  answer = async ({ body }) => ({
    version: 1,
    lamps: [{ unitId: 'drum', name: 'Drum 1', state: 'lit', cells: [], why: null }],
    sent: {},
    standing: standing({ ...body.standing, slots: { '1': body.commands.length } }),
  });
});

/** At a seat that the process has given it. */
async function seated(more: Partial<Moment> = {}) {
  vi.stubGlobal('EventSource', FakeSource);
  const faders = new Faders('r', rig);
  sat.push(faders);
  await settle();
  source?.beat();
  await settle();
  source?.say(whole(more));
  return faders;
}

describe('faders at a seat', () => {
  it('show the moment that is sent: faders, what goes out, and every lamp', async () => {
    const faders = await seated();
    expect(said[0]?.path).toBe(`/play/seats/r/${SEAT}`);
    expect([faders.value(1), faders.value(2), faders.recalled, faders.sent]).toEqual([255, 0, 'house', { '1': 255 }]);
    expect(faders.lamps.map((one) => [one.name, one.state])).toEqual([
      ['Drum 1', 'lit'],
      ['Spin L', 'dark'],
    ]);
    source?.say({
      n: 5,
      lamps: [[0, 'dark', [[1, null, 0, 0]], null, null, null]],
      standing: { slots: { '1': 0, '3': 9 }, recalled: null },
      sent: { '1': 0, '3': 9 },
    });
    expect([faders.value(1), faders.value(3), faders.sent, faders.recalled]).toEqual([0, 9, { '3': 9 }, null]);
    expect(faders.lamps.map((one) => one.state)).toEqual(['dark', 'dark']);
  });

  it('say why only of the moment that is shown, and only when the hand rests', async () => {
    const faders = await seated();
    expect(faders.lamps[1]?.why).toBeNull();
    await vi.waitFor(() => expect(faders.lamps[1]?.why).toBe('Dimmer (6) at 0 is down.'));
    source?.say({ n: 5, lamps: [] });
    expect(faders.lamps[1]?.why).toBeNull();
    await settle(200);
    expect(faders.lamps[1]?.why).toBeNull(); // The words that came are of moment 4.
  });

  it('stand where the hand put them until a moment holds it, and then where that says', async () => {
    const faders = await seated();
    faders.set(1, 40);
    expect([faders.value(1), faders.shown.slots['1']]).toEqual([40, 255]);
    await settle();
    expect(commands()).toEqual([
      { window: sitting(), number: 1, commands: [{ do: 'move-faders', slots: { '1': 40 }, row: 'first' }] },
    ]);
    source?.say({ n: 5, lamps: [], standing: { slots: { '1': 41 } }, taken: { [sitting()]: 1 } });
    expect(faders.value(1)).toBe(41);
  });

  it('follow what another window does at the same seat', async () => {
    const faders = await seated();
    source?.say({ n: 5, lamps: [], standing: { master: 7, blackout: true }, taken: { another: 3 } });
    expect([faders.master, faders.isBlackout]).toEqual([7, true]);
  });

  it('hold whole values from 0 to 255', async () => {
    const faders = await seated();
    faders.set(1, 300);
    faders.set(2, -4);
    faders.set(3, 127.6);
    expect([faders.value(1), faders.value(2), faders.value(3)]).toEqual([255, 0, 128]);
  });

  it('are as they were after the process was away, and do what was done meanwhile', async () => {
    const faders = await seated();
    source?.dispatchEvent(new Event('error'));
    expect(faders.isAway).toBe(true);
    expect(faders.lamps[0]?.state).toBe('lit');
    faders.set(3, 60);
    await settle();
    expect(asked[0]?.body.commands).toEqual([{ do: 'move-faders', slots: { '3': 60 }, row: 'first' }]);
    await settle(300);
    source?.beat();
    await settle();
    const again = said.filter((one) => one.path.endsWith(SEAT)).at(-1)?.body;
    expect(again).toMatchObject({ changed: true, standing: { slots: { '1': 1 } } });
    expect(faders.isAway).toBe(false);
  });

  it('go on sending to the stand-in after the process was away', async () => {
    const faders = await seated();
    await faders.stream(true);
    source?.dispatchEvent(new Event('error'));
    await settle(300);
    source?.beat();
    await settle();
    expect(said.filter((one) => one.path.endsWith('/output')).map((one) => one.body)).toEqual([
      { on: true },
      { on: true },
    ]);
    source?.say({ output: false });
    expect(faders.isStreaming).toBe(false);
  });

  it('take the seat again when the process has forgotten it', async () => {
    const faders = await seated();
    taken = (path) => (path.endsWith('/commands') && commands().length === 0 ? 404 : 204);
    faders.setMaster(9);
    await vi.waitFor(() => expect(commands()).toHaveLength(2));
    expect(said.filter((one) => one.path.endsWith(SEAT))).toHaveLength(2);
    expect(commands().map((one) => one.number)).toEqual([1, 2]);
  });

  it('go back to where they stand when something is refused', async () => {
    const faders = await seated();
    taken = () => 422;
    faders.set(1, 3);
    expect(faders.value(1)).toBe(3);
    await settle();
    expect(faders.value(1)).toBe(255);
  });

  it('come back where they were left in this browser', async () => {
    (await seated()).leave();
    expect(JSON.parse(localStorage.getItem('rigger.desk.r') ?? '{}')).toMatchObject({ slots: { '1': 255 } });
    said.length = 0;
    await seated();
    expect(said[0]?.body).toMatchObject({ standing: { slots: { '1': 255 }, recalled: 'house' } });
  });
});

describe('faders without the process', () => {
  it('are answered one by one, the newest next', async () => {
    const waiting: (() => void)[] = [];
    const plain = answer;
    answer = (call) => new Promise((done) => waiting.push(() => done(plain(call))));
    const faders = new Faders('r', rig);
    for (const value of [10, 20, 30, 40]) faders.set(1, value);
    await settle();
    const slots = () => asked.map(({ body }) => body.commands.flatMap((one) => ('slots' in one ? [one.slots] : [])));
    expect(slots()).toEqual([[{ '1': 10 }]]);
    waiting.shift()?.();
    await settle();
    expect(slots()).toEqual([[{ '1': 10 }], [{ '1': 40 }]]);
    waiting.shift()?.();
    await settle();
    expect(asked).toHaveLength(2);
    expect(faders.lamps[0]?.name).toBe('Drum 1');
  });

  it('leave the lamps as they are when a single answer is refused', async () => {
    const faders = new Faders('r', rig);
    faders.ask();
    await settle();
    answer = () => Promise.reject(new ApiError(422, undefined));
    faders.set(1, 6);
    expect(faders.value(1)).toBe(6);
    await settle();
    expect(faders.lamps).toHaveLength(1);
    expect(faders.value(1)).toBe(0);
  });

  it('show no lamps when the rig is gone, and ask again later', async () => {
    const faders = new Faders('r', rig);
    faders.ask();
    await settle();
    expect(faders.lamps).toHaveLength(1);
    const working = answer;
    answer = () => Promise.reject(new ApiError(404, undefined));
    faders.set(1, 6);
    await settle();
    expect(faders.lamps).toHaveLength(0);
    answer = working;
    faders.set(1, 7);
    await settle();
    expect(faders.lamps).toHaveLength(1);
  });
});
