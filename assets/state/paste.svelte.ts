import { answered, api, calc } from '../api/client';
import type { Reading } from '../api/chart';
import { wordsOf } from '../api/errors';
import { marksOf } from '../lib/reading';
import { drafts } from './drafts.svelte';

const WAIT_MS = 90;

/** The paste sheet: a page's text, and the chart that is read from it as it is edited. */
export class PasteSheet {
  readonly #key: string;
  text = $state('');
  /** The text stood here before, and was not taken. */
  isOffered = $state(false);
  reading = $state.raw<Reading | null>(null);
  problem = $state<string | null>(null);
  /** Indices of the modes that are not to be taken. */
  left = $state.raw<readonly number[]>([]);
  /** Names typed instead of those on the page. */
  names = $state.raw<Readonly<Record<number, string>>>({});
  #timer: ReturnType<typeof setTimeout> | undefined;
  #inFlight = false;
  #asked = false;

  readonly marks = $derived(marksOf(this.text, this.reading?.remarks ?? [], this.reading !== null));
  readonly channels = $derived((this.reading?.modes ?? []).reduce((sum, one) => sum + one.channels.length, 0));
  readonly chosen = $derived(
    (this.reading?.modes ?? []).map((_, index) => index).filter((one) => !this.left.includes(one)),
  );

  /** @param typeId whose chart the page is for: what was pasted and not taken is offered again */
  constructor(typeId: string) {
    this.#key = `paste.${typeId}`;
    const before = drafts.text(this.#key);
    if (before === null) return;
    this.write(before);
    this.isOffered = true;
  }

  /** Begins anew, or is done: nothing is kept any more. */
  letGo(): void {
    this.write('');
    [this.left, this.names] = [[], {}];
  }

  write(text: string): void {
    this.text = text;
    this.isOffered = false;
    if (text === '') drafts.drop(this.#key);
    else drafts.keep(this.#key, text, 'A pasted page');
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#read(), WAIT_MS);
  }

  choose(index: number, on: boolean): void {
    const others = this.left.filter((one) => one !== index);
    this.left = on ? others : [...others, index];
  }

  name(index: number, name: string): void {
    this.names = { ...this.names, [index]: name };
  }

  /** Takes the text of a file; nothing of it is stored on the server. */
  async open(file: File): Promise<void> {
    try {
      const form = new FormData();
      form.append('file', file);
      const answer = await answered(
        api.POST('/api/charts/text', {
          body: form as unknown as { file: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
      this.problem = null;
      this.left = [];
      this.names = {};
      this.write(answer.text);
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }

  async #read(): Promise<void> {
    this.#asked = true;
    if (this.#inFlight) return;
    this.#inFlight = true;
    while (this.#asked) {
      this.#asked = false;
      const text = this.text;
      try {
        this.reading = text.trim() === '' ? null : await calc<Reading>('chart.read', { text });
        this.problem = null;
      } catch (error) {
        this.reading = null;
        this.problem = wordsOf(error);
      }
    }
    this.#inFlight = false;
  }
}
