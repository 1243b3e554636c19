import { say, seatPath } from '../playback';

/** Who hears what is said of a seat. */
export interface SeatListener {
  /** The stream is open, so the seat can be taken on it; again after each time that it was away. */
  up(stream: string): void;
  away(): void;
  /** Something was said of its seat, as JSON. */
  said(json: string): void;
}

type Seated = { rig: string; seat: string; listener: SeatListener };

const AGAIN_AFTER_MS = 250;
/** The process says every two seconds that it is still there. */
const PATIENCE_MS = 6000;
/** Every message begins with its seat: {"seat":"01a2…" */
const SEAT_FROM = '{"seat":"'.length;
const SEAT_LENGTH = 36;

/** One stream for all windows of a browser, which opens only a few connections to one host. */
export class Hub {
  readonly #stream = crypto.randomUUID();
  readonly #listeners = new Map<string, Seated>();
  #source: EventSource | null = null;
  #isUp = false;
  #heardAt = 0;
  #watch: ReturnType<typeof setInterval> | undefined;

  /** @param sitting names who listens, once and never again */
  add(sitting: string, rig: string, seat: string, listener: SeatListener): void {
    this.#listeners.set(sitting, { rig, seat, listener });
    if (this.#isUp) listener.up(this.#stream);
    else if (!this.#source) this.#open();
  }

  /** Opens the stream for somebody who will listen in a moment. */
  wake(): void {
    if (!this.#source) this.#open();
  }

  remove(sitting: string): void {
    const gone = this.#listeners.get(sitting);
    if (!gone) return;
    this.#listeners.delete(sitting);
    void say(seatPath(gone.rig, gone.seat, 'leave'), { window: sitting });
    if (this.#listeners.size === 0) this.#close();
  }

  #open(): void {
    this.#heardAt = performance.now();
    this.#source = new EventSource(`/play/streams/${this.#stream}`);
    this.#source.addEventListener('beat', () => this.#heard());
    this.#source.addEventListener('message', (event: MessageEvent<string>) => this.#said(event.data));
    this.#source.addEventListener('error', () => this.#lost());
    this.#watch ??= setInterval(() => {
      if (performance.now() - this.#heardAt > PATIENCE_MS) this.#lost();
    }, PATIENCE_MS / 3);
  }

  #close(): void {
    clearInterval(this.#watch);
    this.#watch = undefined;
    this.#source?.close();
    this.#source = null;
    this.#isUp = false;
  }

  #heard(): void {
    this.#heardAt = performance.now();
    if (this.#isUp) return;
    this.#isUp = true;
    for (const { listener } of this.#listeners.values()) listener.up(this.#stream);
  }

  #said(json: string): void {
    this.#heardAt = performance.now();
    const seat = json.slice(SEAT_FROM, SEAT_FROM + SEAT_LENGTH);
    for (const one of this.#listeners.values()) if (one.seat === seat) one.listener.said(json);
  }

  #lost(): void {
    const wasUp = this.#isUp;
    this.#close();
    if (wasUp) for (const { listener } of this.#listeners.values()) listener.away();
    setTimeout(() => {
      if (!this.#source && this.#listeners.size > 0) this.#open();
    }, AGAIN_AFTER_MS);
  }
}
