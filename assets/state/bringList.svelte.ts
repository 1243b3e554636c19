import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { BroughtList } from '../api/types';
import type { RigSession } from './rig.svelte';

/** A patch list that somebody brings: read by the server, its columns told apart, every row reported before anything changes. */
export class BringList {
  readonly #session: RigSession;
  file = $state.raw<File | null>(null);
  /** What each column holds, where somebody said otherwise than its head does. */
  columns = $state.raw<readonly (string | null)[] | null>(null);
  report = $state.raw<BroughtList | null>(null);
  problem = $state<string | null>(null);
  busy = $state(false);

  constructor(session: RigSession) {
    this.#session = session;
  }

  read(file: File): Promise<void> {
    [this.file, this.columns, this.report] = [file, null, null];
    return this.#ask();
  }

  /** Another meaning for a column; another column that had it means nothing then. */
  say(index: number, meaning: string | null): Promise<void> {
    const now = this.report?.columns.map((one) => one.meaning ?? null) ?? [];
    this.columns = now.map((one, at) => (at === index ? meaning : one === meaning ? null : one));
    return this.#ask();
  }

  async take(): Promise<boolean> {
    const { report } = this;
    if (!report) return false;
    const problem = await this.#session.change(report.change, true);
    this.problem = problem?.firstWords ?? null;
    return problem === null;
  }

  async #ask(): Promise<void> {
    const { file } = this;
    if (!file) return;
    this.busy = true;
    try {
      this.report = await answered(
        api.POST('/api/rigs/{rig}/patch-list/preview', {
          params: { path: { rig: this.#session.id } },
          body: this.#form(file) as never,
          bodySerializer: (form: unknown) => form as FormData,
        }),
      );
      this.problem = null;
    } catch (error) {
      this.problem = wordsOf(error);
    } finally {
      this.busy = false;
    }
  }

  #form(file: File): FormData {
    const form = new FormData();
    form.append('file', file);
    if (this.columns) form.append('columns', JSON.stringify(this.columns));
    return form;
  }
}
