import { SvelteSet } from 'svelte/reactivity';

/** Steps of a recipe that are done, for as long as the window is open. A step that reads otherwise is to be done again. */
class Ticks {
  readonly #done = new SvelteSet<string>();

  has(about: string, step: string): boolean {
    return this.#done.has(`${about} ${step}`);
  }

  set(about: string, step: string, isDone: boolean): void {
    if (isDone) this.#done.add(`${about} ${step}`);
    else this.#done.delete(`${about} ${step}`);
  }

  clear(about: string): void {
    for (const one of this.#done) if (one.startsWith(`${about} `)) this.#done.delete(one);
  }
}

export const ticks = new Ticks();
