import { answered, api } from '../api/client';
import type { ApiError } from '../api/errors';
import type { RigSession } from './rig.svelte';

type Wish = { maker: string; model: string; kind: string; like?: string; likeMode?: string };

/** Begins a chart, empty or like another's. @returns the new type's id, or what is wrong */
export async function beginType(session: RigSession, wish: Wish): Promise<{ id: string } | { problem: ApiError }> {
  let id = '';
  const problem = await session.write(async (version) => {
    const answer = await answered(
      api.POST('/api/rigs/{rig}/types', { params: { path: { rig: session.id } }, body: { version, ...wish } }),
    );
    id = answer.typeId;
    return answer.rig;
  }, true);
  return problem ? { problem } : { id };
}
