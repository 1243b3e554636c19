import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { connection } from './connection.svelte';
import { Outbox, type Kept } from './outbox.svelte';

type Sent = { url: string; key: string; body: { base?: number; changes?: { name?: string }[] } | null };
let sent: Sent[];
let answer: (sent: Sent) => Promise<Response>;
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
const rename = (base: number, name: string, rig = 'r') =>
  new Request(`${location.origin}/api/rigs/${rig}`, {
    method: 'POST',
    body: JSON.stringify({ base, changes: [{ do: 'rename-rig', name }] }),
    headers: { 'Content-Type': 'application/json' },
  });
const stored = () =>
  Object.keys(localStorage)
    .filter((name) => name.startsWith('rigger.outbox.'))
    .flatMap((name) => JSON.parse(localStorage.getItem(name) ?? '[]') as Kept[]);

/** Locks as the browser has them: a name is held by one window until that window goes. */
function windows(live: string[] = []) {
  Object.defineProperty(navigator, 'locks', {
    configurable: true,
    value: {
      request: (_name: string, _options: object, work: (lock: object | null) => unknown) => {
        void work({});
        return new Promise(() => {});
      },
      query: () => Promise.resolve({ held: live.map((id) => ({ name: `rigger.window.${id}` })) }),
    },
  });
}

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  sent = [];
  answer = async ({ body }) => json({ version: (body?.base ?? 0) + 1 });
  windows();
  vi.stubGlobal('fetch', async (url: string, options: RequestInit) => {
    const one: Sent = {
      url,
      key: (options.headers as Record<string, string>)['Idempotency-Key'] ?? '',
      body: typeof options.body === 'string' ? (JSON.parse(options.body) as Sent['body']) : null,
    };
    sent.push(one);
    return answer(one);
  });
});
afterEach(() => {
  vi.useRealTimers();
  connection.back();
});

describe('a write', () => {
  it('is kept until it is answered, and then no longer', async () => {
    const outbox = new Outbox();
    let give: (answer: Response) => void = () => {};
    answer = () => new Promise((done) => (give = done));
    const write = outbox.send(rename(1, 'Ebb'));
    await vi.waitFor(() => expect(sent).toHaveLength(1));
    expect(stored().map((one) => one.words)).toEqual(['Rename the rig: name Ebb']);
    give(json({ version: 2 }));
    expect((await write).status).toBe(200);
    expect(stored()).toEqual([]);
  });

  it('without an answer is sent again with the same key and the same words', async () => {
    vi.useFakeTimers();
    const outbox = new Outbox();
    let tries = 0;
    answer = async () => {
      if (++tries < 3) throw new TypeError('Failed to fetch');
      return json({ version: 2 });
    };
    const write = outbox.send(rename(1, 'Ebb'));
    await vi.advanceTimersByTimeAsync(50);
    expect(connection.away).toContain('kept here and goes out when it is back');
    await vi.advanceTimersByTimeAsync(3000);
    await write;
    expect(new Set(sent.map((one) => one.key)).size).toBe(1);
    expect(new Set(sent.map((one) => JSON.stringify(one.body))).size).toBe(1);
    expect(connection.away).toBeNull();
  });

  it('waits for the one before and is made on what that led to', async () => {
    const outbox = new Outbox();
    await Promise.all([
      outbox.send(rename(1, 'Ebb')),
      outbox.send(rename(1, 'Flood')),
      outbox.send(rename(1, 'Neap', 'other')),
    ]);
    expect(sent.map((one) => one.body?.base)).toEqual([1, 2, 1]);
  });

  it('is made on what another window of the same browser has led to, and on nobody else’s change', async () => {
    await new Outbox().send(rename(1, 'Ebb'));
    await new Outbox().send(rename(1, 'Flood'));
    expect(sent.at(-1)?.body?.base).toBe(2);
    await new Outbox().send(rename(9, 'Neap'));
    expect(sent.at(-1)?.body?.base).toBe(9);
  });

  it('refused because of what another window of one’s own is just sending waits for that one to hear of it', async () => {
    const other: Partial<Kept> = { url: '/api/rigs/r/changes', isSent: true, refused: null };
    localStorage.setItem('rigger.outbox.other', JSON.stringify([other]));
    answer = async ({ body }) => (body?.base === 1 ? json({ type: 'version_moved' }, 409) : json({ version: 3 }));
    setTimeout(() => {
      localStorage.setItem('rigger.moves.r', JSON.stringify({ '1': { to: 2, at: Date.now() } }));
      localStorage.removeItem('rigger.outbox.other');
    }, 120);
    expect((await new Outbox().send(rename(1, 'Ebb'))).status).toBe(200);
    expect(sent.map((one) => one.body?.base)).toEqual([1, 2]);
  });

  it('that another own window overtook on the way is made anew, under another key', async () => {
    const outbox = new Outbox();
    answer = async ({ body }) => {
      if (sent.length > 1) return json({ version: 3 });
      localStorage.setItem('rigger.moves.r', JSON.stringify({ '1': { to: 2, at: Date.now() } }));
      return json({ type: 'version_moved', asked: body }, 409);
    };
    expect((await outbox.send(rename(1, 'Ebb'))).status).toBe(200);
    expect(sent.map((one) => one.body?.base)).toEqual([1, 2]);
    expect(sent[0]?.key).not.toBe(sent[1]?.key);
  });

  it('undo takes back what this window has seen, not what another has done since', async () => {
    await new Outbox().send(rename(1, 'Ebb'));
    const undo = new Request(`${location.origin}/api/rigs/r/changes`, {
      method: 'POST',
      body: '{"base":1,"changes":[{"do":"undo"}]}',
      headers: { 'Content-Type': 'application/json' },
    });
    await new Outbox().send(undo);
    expect(sent.at(-1)?.body?.base).toBe(1);
  });
});

describe('after a reload', () => {
  async function left(...names: string[]): Promise<void> {
    answer = () => new Promise(() => {});
    const before = new Outbox();
    await before.begin();
    for (const name of names) void before.send(rename(1, name));
    await vi.waitFor(() => expect(stored()).toHaveLength(names.length));
    await vi.waitFor(() => expect(sent).toHaveLength(1));
  }

  it('what waited goes out in order, the first with the key it had', async () => {
    await left('Ebb', 'Flood');
    const key = sent[0]?.key;
    answer = async ({ body }) => json({ version: (body?.base ?? 0) + 1 });
    const outbox = new Outbox();
    await outbox.begin();
    await vi.waitFor(() => expect(outbox.sentLater).toBe(2));
    expect(sent.slice(1).map((one) => [one.body?.changes?.[0]?.name, one.body?.base])).toEqual([
      ['Ebb', 1],
      ['Flood', 2],
    ]);
    expect(sent[1]?.key).toBe(key);
    expect(stored()).toEqual([]);
  });

  it('what is refused stays in sight, and can be tried anew or let go', async () => {
    await left('Ebb');
    answer = async () => json({ detail: 'The rig has changed meanwhile.' }, 409);
    const outbox = new Outbox();
    await outbox.begin();
    await vi.waitFor(() =>
      expect(outbox.refused.map((one) => one.refused)).toEqual(['The rig has changed meanwhile.']),
    );
    expect(stored()).toHaveLength(1);
    answer = async () => json({ version: 6 });
    const [refused] = outbox.refused;
    if (refused) outbox.again(refused, 5);
    await vi.waitFor(() => expect(stored()).toEqual([]));
    expect(sent.at(-1)?.body).toEqual({ base: 5, changes: [{ do: 'rename-rig', name: 'Ebb' }] });
  });

  it('what another window that is still open keeps is left to it', async () => {
    localStorage.setItem('rigger.outbox.elsewhere', JSON.stringify([{ key: 'k', at: 1, refused: null }]));
    windows(['elsewhere']);
    const outbox = new Outbox();
    await outbox.begin();
    expect(outbox.entries).toEqual([]);
    expect(localStorage.getItem('rigger.outbox.elsewhere')).not.toBeNull();
  });
});
