import { beforeEach, describe, expect, it, vi } from 'vitest';
import { QueryClient } from '@tanstack/svelte-query';
import { ApiError } from '../api/errors';
import type { Rig } from '../api/types';

const calls: { path: string; body: unknown }[] = [];
const record = (path: string, call: { body: unknown }) => {
  calls.push({ path, body: call.body });
  return Promise.resolve({ version: 8 } as Rig);
};
vi.mock('../api/client', () => ({
  api: { POST: record, PUT: record, PATCH: record },
  answered: (call: Promise<unknown>) => call,
}));

const { RigSession } = await import('./rig.svelte');

let client: QueryClient;
const current = { version: 7, fixtures: [{ id: 'tape', linkId: 'left' }] } as unknown as Rig;
const session = () => new RigSession('r', client, () => current);

beforeEach(() => {
  calls.length = 0;
  client = new QueryClient();
});

describe('a write', () => {
  it('names the version it is based on, and its answer is the rig from then on', async () => {
    const versions: number[] = [];
    const problem = await session().write(async (version) => {
      versions.push(version);
      return { version: 8 } as Rig;
    });
    expect([problem, versions]).toEqual([null, [7]]);
    expect(client.getQueryData(['rig', 'r'])).toEqual({ version: 8 });
    expect(client.getQueryData(['rig', 'r', 'version'])).toEqual({ version: 8 });
  });

  it('that is refused tells the window, or its field when that asks for it', async () => {
    const refused = () => Promise.reject(new ApiError(422, { type: 'invalid', detail: 'A name is needed.' }));
    const one = session();
    expect((await one.write(refused))?.message).toBe('A name is needed.');
    expect(one.notice).toEqual({ kind: 'problem', words: 'A name is needed.' });
    const quiet = session();
    expect((await quiet.write(refused, true))?.message).toBe('A name is needed.');
    expect([quiet.notice, quiet.busy]).toEqual([null, false]);
  });

  it('that no longer fits brings the window up to date and says what happened', async () => {
    const refreshed = vi.spyOn(client, 'invalidateQueries');
    const one = session();
    await one.write(
      () => Promise.reject(new ApiError(409, { type: 'version_moved', detail: 'Meanwhile: Moved Haar.' })),
      true,
    );
    expect(one.notice).toEqual({ kind: 'meanwhile', words: 'Meanwhile: Moved Haar.' });
    expect(refreshed).toHaveBeenCalledWith({ queryKey: ['rig', 'r'] });
  });

  it('that fails for any other reason is told too', async () => {
    const one = session();
    await one.write(() => Promise.reject(new Error('Cannot read that.')));
    expect(one.notice?.words).toBe('Cannot read that.');
  });
});

describe('a repair', () => {
  const repair = (what: object) => session().repair({ label: 'Mend it', ...what });
  it('moves a unit', async () => {
    await repair({ fixtureId: 'pack', address: '1/99' });
    expect(calls).toEqual([{ path: '/api/rigs/{rig}/fixtures/{id}', body: { version: 7, address: '1/99' } }]);
  });
  it('sets another mode', async () => {
    await repair({ fixtureId: 'batten', mode: 'eight' });
    expect(calls[0]?.body).toEqual({ version: 7, mode: 'eight' });
  });
  it('sets a receiver and keeps the unit behind its sender', async () => {
    await repair({ fixtureId: 'tape', receiver: 'Alder' });
    expect(calls).toEqual([
      { path: '/api/rigs/{rig}/fixtures/{id}/link', body: { version: 7, linkId: 'left', receiver: 'Alder' } },
    ]);
  });
  it('takes a sender away, or the flash out of a look', async () => {
    await repair({ linkId: 'fern' });
    await repair({ lookId: 'storm' });
    expect(calls.map((call) => call.path)).toEqual([
      '/api/rigs/{rig}/links/{id}/remove',
      '/api/rigs/{rig}/looks/{id}/steady',
    ]);
  });
});

it('undo and redo are writes like any other', async () => {
  await session().undo();
  await session().redo();
  expect(calls).toEqual([
    { path: '/api/rigs/{id}/undo', body: { version: 7 } },
    { path: '/api/rigs/{id}/redo', body: { version: 7 } },
  ]);
});
