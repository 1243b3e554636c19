import createClient from 'openapi-fetch';
import { isWrite } from './writes';
import { connection } from './connection.svelte';
import { outbox } from './outbox.svelte';
import { ApiError, type ProblemBody } from './errors';
import type { paths } from './generated/schema';

const AGAIN_AFTER_MS = 1000;

/** Writes go by the outbox, which keeps them until they are answered; questions are asked again until they are. */
function carry(request: Request): Promise<Response> {
  return isWrite(request.method, new URL(request.url).pathname) ? outbox.send(request) : patientFetch(request);
}

async function patientFetch(request: Request): Promise<Response> {
  for (;;) {
    try {
      const response = await fetch(request.clone());
      if (response.status !== 503 && response.status !== 502 && response.status !== 504) {
        connection.back();
        return response;
      }
      connection.lose('The database does not answer. Nothing is lost; trying again by itself.');
    } catch {
      if (request.signal.aborted) throw new DOMException('No longer wanted', 'AbortError');
      connection.lose('Rigger does not answer. Nothing is lost; trying again by itself.');
    }
    await new Promise((done) => setTimeout(done, AGAIN_AFTER_MS));
  }
}

export const api = createClient<paths>({ baseUrl: `${location.origin}/`, fetch: carry });

type Answer = { data?: unknown; error?: unknown; response: Response };

/** The data of an answer, or an ApiError in an operator's words. */
export async function answered<T extends Answer>(call: Promise<T>): Promise<Exclude<T['data'], undefined>> {
  const { data, error, response } = await call;
  if (response.ok) return data as Exclude<T['data'], undefined>;
  throw new ApiError(response.status, error as ProblemBody | undefined);
}

/** One topic of the computation reference. */
export async function calc<T>(topic: string, input: unknown): Promise<T> {
  const call = api.POST('/api/calc/{topic}', { params: { path: { topic } }, body: input as Record<string, never> });
  return (await answered(call)) as T;
}
