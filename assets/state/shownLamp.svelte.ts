import type { Lamp, LampCell } from '../api/types';
import type { LampRow } from '../api/playback';

/** One unit on the stage, drawn anew by itself when its light changes. */
export class ShownLamp implements Lamp {
  readonly unitId: string;
  readonly #name: (unitId: string) => string;
  readonly #isSaid: () => boolean;
  #state = $state.raw<Lamp['state']>('dark');
  #cells = $state.raw<LampCell[]>([]);
  #pan = $state.raw<number | null>(null);
  #tilt = $state.raw<number | null>(null);
  #program = $state.raw<string | null>(null);
  #why = $state.raw<string | null>(null);

  /**
   * @param name   what the operator calls a unit
   * @param isSaid whether the reasons are those of what is shown now
   */
  constructor(unitId: string, name: (unitId: string) => string, isSaid: () => boolean) {
    this.unitId = unitId;
    this.#name = name;
    this.#isSaid = isSaid;
  }

  get name(): string {
    return this.#name(this.unitId);
  }

  get state(): Lamp['state'] {
    return this.#state;
  }

  get cells(): LampCell[] {
    return this.#cells;
  }

  get pan(): number | null {
    return this.#pan;
  }

  get tilt(): number | null {
    return this.#tilt;
  }

  get selfRunning(): string | null {
    return this.#program;
  }

  get why(): string | null {
    return this.#why !== null && this.#isSaid() ? this.#why : null;
  }

  light([, state, cells, pan, tilt, program]: LampRow): void {
    this.#put(
      state,
      cells.map(([cell, hex, brightness, flash]) => ({ cell, hex, brightness, flash })),
      pan,
      tilt,
      program,
    );
  }

  /** As a single answer says it, with its reason. */
  show({ state, cells, pan, tilt, selfRunning, why }: Lamp): void {
    this.#put(state, cells, pan ?? null, tilt ?? null, selfRunning ?? null);
    this.#why = why ?? null;
  }

  #put(state: Lamp['state'], cells: LampCell[], pan: number | null, tilt: number | null, program: string | null): void {
    this.#state = state;
    this.#cells = cells;
    this.#pan = pan;
    this.#tilt = tilt;
    this.#program = program;
  }

  say(why: string | null): void {
    this.#why = why;
  }
}
