import type { QueryClient } from '@tanstack/svelte-query';
import { getContext, setContext } from 'svelte';
import { answered, api } from '../api/client';
import { ApiError, wordsOf } from '../api/errors';
import { keys } from '../api/queries';
import type { Change, Repair, Rig, RigChange } from '../api/types';
import { merged } from '../lib/merge';

export type Notice = { kind: 'problem' | 'meanwhile'; words: string };

/** The rig that this window works on: what it is now, and how to change it. */
export class RigSession {
  readonly id: string;
  readonly #client: QueryClient;
  readonly #current: () => Rig;
  /** What the last write was told, when it was not made. */
  notice = $state.raw<Notice | null>(null);
  /** Ids of what the last changes made. */
  made: readonly string[] = [];
  /** A write is under way. */
  busy = $state(false);

  constructor(id: string, client: QueryClient, current: () => Rig) {
    this.id = id;
    this.#client = client;
    this.#current = current;
  }

  get rig(): Rig {
    return this.#current();
  }

  /**
   * Makes changes, all of them or none, as one entry of the history. The server answers with the rig as it is then.
   *
   * @returns null when they were made, else what is wrong. With `quietly`, the caller shows that at its field.
   */
  async change(changes: Change | readonly Change[], quietly = false): Promise<ApiError | null> {
    this.busy = true;
    try {
      const body = { base: this.rig.version, changes: Array.isArray(changes) ? [...changes] : [changes as Change] };
      const call = api.POST('/api/rigs/{id}/changes', { params: { path: { id: this.id } }, body });
      const answer = await answered(call);
      this.made = answer.made;
      await this.#take(answer.changed);
      this.notice = null;
      return null;
    } catch (error) {
      const problem = error instanceof ApiError ? error : new ApiError(0, { detail: wordsOf(error) });
      if (problem.type === 'version_moved') {
        await this.refresh();
        this.notice = { kind: 'meanwhile', words: problem.message };
      } else if (!quietly) {
        this.notice = { kind: 'problem', words: problem.message };
      }
      return problem;
    } finally {
      this.busy = false;
    }
  }

  /** The rig as a change left it. A chart that is open is read anew first: the next edit builds on it. */
  async #take(change: RigChange): Promise<void> {
    // A window is never half up to date: on another version than the one that this differs from, all is read.
    if (this.rig.version !== change.base) return this.refresh();
    this.#client.setQueryData(keys.rig(this.id), merged(this.rig, change));
    this.#client.setQueryData(keys.version(this.id), { version: change.version });
    void this.#client.invalidateQueries({ queryKey: keys.allTypes });
    await this.#client.invalidateQueries({ queryKey: ['chart'] });
  }

  async refresh(): Promise<void> {
    await this.#client.invalidateQueries({ queryKey: keys.rig(this.id) });
    await this.#client.invalidateQueries({ queryKey: ['chart'] });
  }

  undo = () => this.change({ do: 'undo' });
  redo = () => this.change({ do: 'redo' });

  repair(repair: Repair) {
    return this.change(repair.changes);
  }
}

const KEY = Symbol('rig');

export function provideRig(session: () => RigSession): void {
  setContext(KEY, session);
}

export function useRig(): RigSession {
  const session = getContext<(() => RigSession) | undefined>(KEY);
  if (!session) throw new Error('useRig needs a RigFrame around it.');
  return session();
}
