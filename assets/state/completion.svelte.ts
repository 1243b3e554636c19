const MOST = 8;
/** The values of a range, then the word that is being typed. */
const LINE = /^(\s*\d{1,3}(?:\s*(?:-|–|\.\.|to)\s*\d{1,3})?\s+)([a-z-]*)$/i;

/** Completes the word of a typed range: what it does, or one of the fixture's emitters. */
export class Completion {
  readonly #text: () => string;
  readonly #put: (text: string) => void;
  readonly #words: () => readonly string[];
  #open = $state(false);
  at = $state(0);

  constructor(text: () => string, put: (text: string) => void, words: () => readonly string[]) {
    this.#text = text;
    this.#put = put;
    this.#words = words;
  }

  readonly shown = $derived.by(() => (this.#open ? this.#fitting() : []));

  /** The text has changed by typing. */
  ask(): void {
    this.#open = true;
    this.at = 0;
  }

  close(): void {
    this.#open = false;
  }

  take(index: number): void {
    const word = this.shown[index];
    const found = LINE.exec(this.#text());
    this.close();
    if (word && found) this.#put(`${found[1]}${word} `);
  }

  /** @returns whether the key was meant for the list */
  keyed(event: KeyboardEvent): boolean {
    const shown = this.shown;
    if (shown.length === 0) return false;
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      this.at = (this.at + (event.key === 'ArrowDown' ? 1 : shown.length - 1)) % shown.length;
    } else if (event.key === 'Tab' && !event.shiftKey) {
      this.take(this.at);
    } else if (event.key === 'Escape') {
      this.close();
      event.stopPropagation();
    } else {
      return false;
    }
    event.preventDefault();
    return true;
  }

  #fitting(): string[] {
    const typed = LINE.exec(this.#text())?.[2]?.toLowerCase();
    if (typed === undefined) return [];
    const fitting = this.#words().filter((one) => one.startsWith(typed) && one !== typed);
    return fitting.filter((one, index) => fitting.indexOf(one) === index).slice(0, MOST);
  }
}
