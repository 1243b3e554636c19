import { untrack } from 'svelte';
import { drafts } from './drafts.svelte';

/** The answers of a whole form that are not sent yet, kept in this browser as one draft until they are taken or let go. */
export class KeptAnswers<T> {
  readonly #key: () => string;
  readonly #label: string;
  readonly #read: () => T;
  readonly #put: (answers: T) => void;
  /** What the form began with: nothing is kept of a form that nobody touched. */
  #begun = '';

  /** @param key where they belong: the form, with the rig, unit or channel that is meant */
  constructor(key: () => string, label: string, read: () => T, put: (answers: T) => void) {
    this.#key = key;
    this.#label = label;
    this.#read = read;
    this.#put = put;
  }

  /** The form shows what stands by itself: answers of before are put over it. */
  begin(): void {
    this.#begun = JSON.stringify(this.#read());
    const before = drafts.text(this.#key());
    if (before !== null) this.#put(JSON.parse(before) as T);
  }

  /** Called in an effect, so that each answer is kept as it is given. @param words what the list of kept things shows of them */
  keep(words: string): void {
    const now = JSON.stringify(this.#read());
    const key = this.#key();
    untrack(() => (now === this.#begun ? drafts.drop(key) : drafts.keep(key, now, this.#label, words)));
  }

  /** They were taken, or are not wanted any more; what the form shows now is what it goes on from. */
  letGo(): void {
    this.#begun = JSON.stringify(this.#read());
    drafts.drop(this.#key());
  }
}
