import type { QueryClient } from '@tanstack/svelte-query';
import { getContext, setContext } from 'svelte';
import { answered, api } from '../api/client';
import { ApiError, wordsOf } from '../api/errors';
import { keys } from '../api/queries';
import type { FixtureChange, Repair, Rig } from '../api/types';

export type Notice = { kind: 'problem' | 'meanwhile'; words: string };

/** The rig that this window works on: what it is now, and how to change it. */
export class RigSession {
  readonly id: string;
  readonly #client: QueryClient;
  readonly #current: () => Rig;
  /** What the last write was told, when it was not made. */
  notice = $state.raw<Notice | null>(null);
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
   * Makes one change. The server answers with the rig as it is then.
   *
   * @returns null when it was made, else what is wrong. With `quietly`, the caller shows that at its field.
   */
  async write(call: (version: number) => Promise<Rig>, quietly = false): Promise<ApiError | null> {
    this.busy = true;
    try {
      await this.take(await call(this.rig.version));
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

  /** The rig as a write left it. A chart that is open is read anew first: the next edit builds on it. */
  async take(rig: Rig): Promise<void> {
    this.#client.setQueryData(keys.rig(this.id), rig);
    this.#client.setQueryData(keys.version(this.id), { version: rig.version });
    void this.#client.invalidateQueries({ queryKey: keys.allTypes });
    await this.#client.invalidateQueries({ queryKey: ['chart'] });
  }

  async refresh(): Promise<void> {
    await this.#client.invalidateQueries({ queryKey: keys.rig(this.id) });
    await this.#client.invalidateQueries({ queryKey: ['chart'] });
  }

  undo = () => this.#step('/api/rigs/{id}/undo');
  redo = () => this.#step('/api/rigs/{id}/redo');

  #step(path: '/api/rigs/{id}/undo' | '/api/rigs/{id}/redo'): Promise<ApiError | null> {
    return this.write((version) => answered(api.POST(path, { params: { path: { id: this.id } }, body: { version } })));
  }

  changeFixture(id: string, change: FixtureChange, quietly = false) {
    return this.write(
      (version) =>
        answered(
          api.PATCH('/api/rigs/{rig}/fixtures/{id}', {
            params: { path: { rig: this.id, id } },
            body: { version, ...change },
          }),
        ),
      quietly,
    );
  }

  connectFixture(id: string, linkId: string | null, receiver: string | null) {
    return this.write((version) =>
      answered(
        api.PUT('/api/rigs/{rig}/fixtures/{id}/link', {
          params: { path: { rig: this.id, id } },
          body: { version, linkId, receiver },
        }),
      ),
    );
  }

  repair(repair: Repair) {
    const { lookId, linkId, fixtureId } = repair;
    if (lookId) {
      return this.write((version) =>
        answered(
          api.POST('/api/rigs/{rig}/looks/{id}/steady', {
            params: { path: { rig: this.id, id: lookId } },
            body: { version },
          }),
        ),
      );
    }
    if (linkId) {
      return this.write((version) =>
        answered(
          api.POST('/api/rigs/{rig}/links/{id}/remove', {
            params: { path: { rig: this.id, id: linkId } },
            body: { version },
          }),
        ),
      );
    }
    if (!fixtureId) throw new Error('A repair says what it changes.');
    if (repair.desk) {
      const wish = { fixtureId, repair: repair.desk };
      return this.write((version) =>
        answered(
          api.POST('/api/rigs/{rig}/desk/repair', {
            params: { path: { rig: this.id } },
            body: { version, ...wish },
          }),
        ),
      );
    }
    if (repair.receiver) {
      const fixture = this.rig.fixtures.find((one) => one.id === fixtureId);
      return this.connectFixture(fixtureId, fixture?.linkId ?? null, repair.receiver);
    }
    return this.changeFixture(fixtureId, {
      ...(repair.address ? { address: repair.address } : {}),
      ...(repair.mode ? { mode: repair.mode } : {}),
    });
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
