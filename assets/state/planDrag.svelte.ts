import type { Unit } from '../api/types';
import { centimetre, type Point } from '../lib/plan';
import type { RigSession } from './rig.svelte';

/** Units on the stage plan that are selected together, and moved together: the first one leads. */
export class PlanDrag {
  readonly #session: RigSession;
  /** Those selected, the leader first. */
  ids = $state.raw<readonly string[]>([]);
  /** Where the leader is held, while it is moved. */
  at = $state.raw<Point | null>(null);
  readonly units = $derived.by(() => this.ids.flatMap((id) => this.#unit(id) ?? []));
  /** How far the leader was moved. */
  readonly #by = $derived.by<Point>(() => {
    const from = this.#unit(this.ids[0])?.spot;
    return this.at && from ? { x: this.at.x - from.x, y: this.at.y - from.y } : { x: 0, y: 0 };
  });

  constructor(session: RigSession) {
    this.#session = session;
  }

  has(id: string): boolean {
    return this.ids.includes(id);
  }

  /** With `also`, one more or one less; without, this one leads what is selected already, or stands alone. */
  select(id: string, also: boolean): void {
    const others = this.ids.filter((one) => one !== id);
    if (also) this.ids = this.has(id) ? others : [id, ...others];
    else this.ids = this.has(id) ? [id, ...others] : [id];
  }

  /** Where a unit is drawn; null where it stands nowhere yet and is not held either. */
  place(unit: Unit): Point | null {
    if (!this.at || !this.has(unit.id)) return unit.spot ?? null;
    if (unit.id === this.ids[0]) return this.at;
    return unit.spot ? { x: unit.spot.x + this.#by.x, y: unit.spot.y + this.#by.y } : null;
  }

  to(at: Point): void {
    this.at = at;
  }

  /** A step from where it is. */
  nudge(x: number, y: number): void {
    const from = this.at ?? this.#unit(this.ids[0])?.spot;
    if (from) this.at = { x: centimetre(from.x + x), y: centimetre(from.y + y) };
  }

  leave(): void {
    this.at = null;
  }

  async drop(): Promise<void> {
    const at = this.at;
    if (!at) return;
    await this.#session.change({ do: 'put-units', units: [...this.ids], ...at });
    this.at = null;
  }

  lineUp(how: 'row' | 'column' | 'spread') {
    return this.#session.change({ do: 'line-up-units', units: [...this.ids], how });
  }

  #unit(id: string | undefined): Unit | undefined {
    return this.#session.rig.units.find((one) => one.id === id);
  }
}
