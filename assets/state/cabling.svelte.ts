import { answered, api } from '../api/client';
import type { RigSession } from './rig.svelte';

/** A plug that is pulled in thought: who is left without data then, and who hangs on an open end. */
type Pulled = { item: string; dark: ReadonlySet<string>; flickers: ReadonlySet<string>; words: string; title?: string };

/** What is looked at of the lines. A plug is pulled for as long as one looks at it; nothing of the rig changes. */
class Cabling {
  run = $state<string | null>(null);
  item = $state<string | null>(null);
  /** A unit whose receiver is being paired. */
  pairing = $state<string | null>(null);
  /** A unit whose power is looked at. */
  power = $state<string | null>(null);
  /** The mains, and how long the evening is. */
  evening = $state(false);
  pulled = $state.raw<Pulled | null>(null);
  #turn = 0;

  /** The same plug once more puts it back. */
  async pull(session: RigSession, item: string): Promise<void> {
    if (this.pulled?.item === item) return this.putBack();
    const turn = ++this.#turn;
    const path = { rig: session.id, item };
    const { dark, flickers, words } = await answered(api.GET('/api/rigs/{rig}/pulled/{item}', { params: { path } }));
    if (turn === this.#turn) this.pulled = { item, dark: new Set(dark), flickers: new Set(flickers), words };
  }

  putBack(): void {
    this.#turn += 1;
    this.pulled = null;
  }

  look(at: {
    run?: string | null;
    item?: string | null;
    pairing?: string | null;
    power?: string | null;
    evening?: boolean;
  }): void {
    this.run = at.run ?? null;
    this.item = at.item ?? null;
    this.pairing = at.pairing ?? null;
    this.power = at.power ?? null;
    this.evening = at.evening ?? false;
  }
}

export const cabling = new Cabling();
