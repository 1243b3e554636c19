import { threeDigits } from '../lib/address';
import { calc } from '../api/client';
import { wordsOf } from '../api/errors';
import type { Unit } from '../api/types';
import type { RigSession } from './rig.svelte';

type Relation = { kind: string; a: string; b?: string; from: number; to: number };

/** A piece of tape on its way to another address: what it would share is said before it is dropped. */
export class TapeDrag {
  readonly #session: RigSession;
  ids = $state.raw<readonly string[]>([]);
  universe = $state(1);
  address = $state(1);
  /** Where it was taken up. */
  #from = 1;
  words = $state('');
  #inFlight = false;
  #asked = false;

  readonly active = $derived(this.ids.length > 0);
  readonly moved = $derived(this.active && this.address !== this.#from);
  readonly places = $derived(
    Object.fromEntries(this.ids.map((id) => [id, { universe: this.universe, address: this.address }])),
  );

  constructor(session: RigSession) {
    this.#session = session;
  }

  take(ids: readonly string[]): void {
    const first = this.#unit(ids[0]);
    if (!first || (this.active && this.ids[0] === ids[0])) return;
    this.ids = [...ids];
    this.universe = first.universe;
    this.address = this.#from = first.address;
    this.words = '';
  }

  to(address: number): void {
    const first = this.#unit(this.ids[0]);
    if (!first) return;
    const wanted = Math.max(1, Math.min(512 - (first.last - first.address), address));
    if (wanted === this.address) return;
    this.address = wanted;
    void this.#ask();
  }

  leave(): void {
    this.ids = [];
    this.words = '';
  }

  async drop(): Promise<void> {
    const [ids, address, moved] = [this.ids, `${this.universe}/${this.address}`, this.moved];
    this.leave();
    if (!moved) return;
    await this.#session.change({ do: 'move-units', units: [...ids], to: address });
  }

  #unit(id: string | undefined): Unit | undefined {
    return this.#session.rig.units.find((one) => one.id === id);
  }

  /** One question in flight; the newest place is asked about next. */
  async #ask(): Promise<void> {
    this.#asked = true;
    if (this.#inFlight) return;
    this.#inFlight = true;
    while (this.#asked && this.active) {
      this.#asked = false;
      // Only its own universe can be shared.
      const near = this.#session.rig.units.filter((one) => one.universe === this.universe);
      const units = near.map((one) => ({
        id: one.id,
        universe: one.universe,
        address: this.places[one.id]?.address ?? one.address,
        mode: `${one.typeId}/${one.revision}/${one.mode}`,
        footprint: one.last - one.address + 1,
      }));
      try {
        const answer = await calc<{ relations: Relation[] }>('address.check', { fixtures: units });
        if (this.active) this.words = this.#say(answer.relations);
      } catch (error) {
        this.words = wordsOf(error);
      }
    }
    this.#inFlight = false;
  }

  #say(relations: readonly Relation[]): string {
    const mine = relations.filter((one) => this.ids.includes(one.a) !== this.ids.includes(one.b ?? ''));
    const words = mine.map((one) => {
      const other = this.#unit(this.ids.includes(one.a) ? one.b : one.a)?.name ?? '';
      if (one.kind === 'twins') return `twin of ${other}`;
      return `shares ${threeDigits(one.from)}${one.from === one.to ? '' : `–${threeDigits(one.to)}`} with ${other}`;
    });
    return words.length ? words.join(', ') : 'free there';
  }
}
