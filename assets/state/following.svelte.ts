import type { Faders, Slots } from './faders.svelte';

/** Follows what the stand-in for the real desk streams, so that this window's stage shows what another window's desk does. */
export class Following {
  readonly #faders: Faders;
  readonly #rigId: string;
  #source: EventSource | null = null;
  /** Number of the frame that came last. */
  frame = $state<number | null>(null);
  isAway = $state(false);

  constructor(rigId: string, faders: Faders) {
    this.#rigId = rigId;
    this.#faders = faders;
  }

  begin(): void {
    this.#source = new EventSource(`/stream/${this.#rigId}`);
    this.#source.onmessage = (event: MessageEvent<string>) => {
      const { seq, slots } = JSON.parse(event.data) as { seq: number; slots: Slots };
      const isNew = seq !== this.frame;
      this.frame = seq;
      this.isAway = false;
      // The desk repeats itself once a second; only what changed is worked out again.
      if (isNew) this.#faders.sendInstead(slots);
    };
    this.#source.onerror = () => (this.isAway = true);
  }

  end(): void {
    this.#source?.close();
    this.#source = null;
    this.#faders.sendInstead(null);
  }
}
