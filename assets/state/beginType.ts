import type { ApiError } from '../api/errors';
import type { RigSession } from './rig.svelte';

type Wish = { maker: string; model: string; kind: string; like?: string; likeMode?: string };

/** Begins a chart, empty or like another's. @returns the new type's id, or what is wrong */
export async function beginType(session: RigSession, wish: Wish): Promise<{ id: string } | { problem: ApiError }> {
  const problem = await session.change({ do: 'begin-type', ...wish }, true);
  return problem ? { problem } : { id: session.made[0] ?? '' };
}
