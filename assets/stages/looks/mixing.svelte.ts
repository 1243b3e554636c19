import { answered, api } from '../../api/client';
import type { Mix } from '../../api/types';
import type { SaidColour } from '../../lib/colourWords';

export type Asked = SaidColour | { u: number; v: number };

/** How the picked units would show a colour. Of several questions only the newest answer counts. */
export class Mixing {
  readonly #rig: string;
  mix = $state.raw<Mix | null>(null);
  #newest = 0;
  #isAsking = false;
  #next: { units: readonly string[]; colour: Asked | null } | null = null;

  constructor(rig: string) {
    this.#rig = rig;
  }

  async ask(units: readonly string[], colour: Asked | null): Promise<void> {
    this.#next = { units, colour };
    if (this.#isAsking) return;
    this.#isAsking = true;
    while (this.#next) {
      const { units: whom, colour: what } = this.#next;
      const number = ++this.#newest;
      this.#next = null;
      try {
        const body = { units: [...whom], ...(what === null ? {} : { colour: what }) };
        const mix = await answered(
          api.POST('/api/rigs/{rig}/looks/mix', { params: { path: { rig: this.#rig } }, body }),
        );
        if (number === this.#newest && !this.#next) this.mix = mix;
      } catch {
        // What cannot be mixed is said where it is set.
      }
    }
    this.#isAsking = false;
  }
}
