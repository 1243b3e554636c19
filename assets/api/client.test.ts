import { afterEach, describe, expect, it, vi } from 'vitest';
import { connection } from './connection.svelte';
import { answered, api, calc } from './client';
import { ApiError } from './errors';

const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

/** Answers one call after the other. */
function server(...answers: (() => Promise<Response>)[]) {
  const fetched = vi.fn(async () => {
    const next = answers.shift();
    if (!next) throw new Error('One call too many.');
    return next();
  });
  vi.stubGlobal('fetch', fetched);
  return fetched;
}

afterEach(() => {
  vi.useRealTimers();
  connection.back();
});

describe('a call', () => {
  it('gives the data', async () => {
    server(async () => json({ desks: [] }));
    expect(await answered(api.GET('/api/desks', {}))).toEqual({ desks: [] });
  });

  it('throws what the server refused, with the reason at its field', async () => {
    const violations = [
      { path: 'address', code: 'address_out_of_range', message: 'Address 513 is past the last slot.' },
    ];
    server(async () => json({ type: 'invalid', title: '', status: 422, detail: 'No.', violations }, 422));
    const error = await answered(api.GET('/api/desks', {})).catch((caught: unknown) => caught);
    expect(error).toBeInstanceOf(ApiError);
    expect((error as ApiError).at('address')).toBe('Address 513 is past the last slot.');
    expect((error as ApiError).at('name')).toBeNull();
  });

  it('reads the error body of a topic too', async () => {
    server(async () => json({ error: { code: 'out_of_range', field: 'value', message: 'value is 300.' } }, 422));
    const error = await calc('value.convert', {}).catch((caught: unknown) => caught);
    expect((error as ApiError).message).toBe('value is 300.');
    expect((error as ApiError).type).toBe('out_of_range');
    expect((error as ApiError).at('value')).toBe('value is 300.');
  });

  it('says something even when the answer says nothing', async () => {
    server(async () => new Response('', { status: 500, headers: { 'Content-Length': '0' } }));
    const error = await answered(api.GET('/api/desks', {})).catch((caught: unknown) => caught);
    expect((error as ApiError).message).not.toBe('');
  });
});

describe('while the database or the server is away', () => {
  it('a call waits, says so, and is made again until it is answered', async () => {
    vi.useFakeTimers();
    const fetched = server(
      async () => json({ type: 'database_away' }, 503),
      async () => {
        throw new TypeError('Failed to fetch');
      },
      async () => json({ desks: [] }),
    );
    const call = answered(api.GET('/api/desks', {}));
    await vi.advanceTimersByTimeAsync(10);
    expect(connection.away).toMatch(/database does not answer/);
    await vi.advanceTimersByTimeAsync(1000);
    expect(connection.away).toMatch(/Rigger does not answer/);
    await vi.advanceTimersByTimeAsync(1000);
    expect(await call).toEqual({ desks: [] });
    expect(connection.away).toBeNull();
    expect(fetched).toHaveBeenCalledTimes(3);
  });

  it('a refusal is an answer: it is not asked again', async () => {
    const fetched = server(async () =>
      json({ type: 'version_moved', detail: 'Meanwhile.', since: ['Moved Haar'] }, 409),
    );
    const error = await answered(api.GET('/api/desks', {})).catch((caught: unknown) => caught);
    expect((error as ApiError).since).toEqual(['Moved Haar']);
    expect(fetched).toHaveBeenCalledTimes(1);
  });
});
