import { beforeEach, describe, expect, it, vi } from 'vitest';
import { QueryClient } from '@tanstack/svelte-query';
import { ApiError } from '../api/errors';
import type { Rig } from '../api/types';

const calls: { path: string; body: unknown }[] = [];
let answer: () => Promise<unknown>;
vi.mock('../api/client', () => ({
  api: {
    POST: (path: string, call: { body: unknown }) => {
      calls.push({ path, body: call.body });
      return answer();
    },
  },
  answered: (call: Promise<unknown>) => call,
}));

const { RigSession } = await import('./rig.svelte');

let client: QueryClient;
const none = { gone: [], at: [], put: [] };
const changed = { base: 7, version: 8, strips: none, units: none, runs: none, looks: none, findings: none };
const current = {
  version: 7,
  looks: [],
  runs: [],
  findings: [],
  units: [{ id: 'tape', linkId: 'left' }],
} as unknown as Rig;
const session = () => new RigSession('r', client, () => current);

beforeEach(() => {
  calls.length = 0;
  answer = () => Promise.resolve({ version: 8, said: '', made: ['m'], changed });
  client = new QueryClient();
});

const rename = { do: 'rename-rig', name: 'The Ebb' } as const;
const refuse = (error: Error) => (answer = () => Promise.reject(error));

describe('a change', () => {
  it('names the version it is based on, and its answer is the rig from then on', async () => {
    const one = session();
    expect(await one.change(rename)).toBeNull();
    expect(calls).toEqual([{ path: '/api/rigs/{id}/changes', body: { base: 7, changes: [rename] } }]);
    expect(client.getQueryData<Rig>(['rig', 'r'])?.version).toBe(8);
    expect(client.getQueryData<Rig>(['rig', 'r'])?.units).toEqual(current.units);
    expect(client.getQueryData(['rig', 'r', 'version'])).toEqual({ version: 8 });
    expect(one.made).toEqual(['m']);
  });

  it('whose answer differs from another version than the window has is not half taken', async () => {
    const refreshed = vi.spyOn(client, 'invalidateQueries');
    answer = () => Promise.resolve({ version: 9, said: '', made: [], changed: { ...changed, base: 8 } });
    await session().change(rename);
    expect(client.getQueryData(['rig', 'r'])).toBeUndefined();
    expect(refreshed).toHaveBeenCalledWith({ queryKey: ['rig', 'r'] });
  });

  it('that is refused tells the window, or its field when that asks for it', async () => {
    const violations = [{ path: 'changes[0].name', code: 'out_of_range', message: 'A name is needed.' }];
    refuse(new ApiError(422, { type: 'invalid', detail: 'A name is needed.', violations }));
    const one = session();
    expect((await one.change(rename))?.at('name')).toBe('A name is needed.');
    expect(one.notice).toEqual({ kind: 'problem', words: 'A name is needed.' });
    const quiet = session();
    expect((await quiet.change(rename, true))?.message).toBe('A name is needed.');
    expect([quiet.notice, quiet.busy]).toEqual([null, false]);
  });

  it('that no longer fits brings the window up to date and says what happened', async () => {
    const refreshed = vi.spyOn(client, 'invalidateQueries');
    refuse(new ApiError(409, { type: 'version_moved', detail: 'Meanwhile: Moved Haar.' }));
    const one = session();
    await one.change(rename, true);
    expect(one.notice).toEqual({ kind: 'meanwhile', words: 'Meanwhile: Moved Haar.' });
    expect(refreshed).toHaveBeenCalledWith({ queryKey: ['rig', 'r'] });
  });

  it('that fails for any other reason is told too', async () => {
    refuse(new Error('Cannot read that.'));
    const one = session();
    await one.change(rename);
    expect(one.notice?.words).toBe('Cannot read that.');
  });
});

it('a repair, undo and redo are changes like any other', async () => {
  const steady = { do: 'steady-look', look: 'storm' } as const;
  await session().repair({ label: 'Make Storm steady', changes: [steady], trips: 0, givesUp: [] });
  await session().undo();
  await session().redo();
  expect(calls.map((one) => (one.body as { changes: unknown }).changes)).toEqual([
    [steady],
    [{ do: 'undo' }],
    [{ do: 'redo' }],
  ]);
});
