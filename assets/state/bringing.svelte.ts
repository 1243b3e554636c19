import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { ImportResult } from '../api/types';

const PORTION = 20;
const MOST_BYTES = 5 * 1024 * 1024;

/** Files on their way into the library, in portions: how far it is, what became of each, and a way to stop. */
export class Bringing {
  total = $state(0);
  results = $state.raw<readonly ImportResult[]>([]);
  running = $state(false);
  #stopped = false;

  readonly done = $derived(this.results.filter((one) => one.done).length);
  readonly failed = $derived(this.results.filter((one) => one.problem));

  stop(): void {
    this.#stopped = true;
  }

  async bring(files: readonly File[]): Promise<void> {
    this.total = files.length;
    this.results = [];
    this.running = true;
    this.#stopped = false;
    for (let from = 0; from < files.length && !this.#stopped; from += PORTION) {
      const portion = files.slice(from, from + PORTION);
      this.results = [...this.results, ...(await this.#send(portion))];
    }
    this.running = false;
  }

  async #send(files: readonly File[]): Promise<ImportResult[]> {
    const tooLarge = (file: File): ImportResult => ({
      file: file.name,
      done: null,
      problem: `The file has ${Math.ceil(file.size / 1048576)} MB; at most 5 MB are read.`,
    });
    const small = files.filter((one) => one.size <= MOST_BYTES);
    const refused = files.filter((one) => one.size > MOST_BYTES).map(tooLarge);
    if (small.length === 0) return refused;
    const form = new FormData();
    for (const file of small) form.append('files[]', file);
    try {
      const report = await answered(
        api.POST('/api/imports', {
          body: form as unknown as { 'files[]': string[] },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
      return [...report.results, ...refused];
    } catch (error) {
      return [...small.map((file) => ({ file: file.name, done: null, problem: wordsOf(error) })), ...refused];
    }
  }
}
