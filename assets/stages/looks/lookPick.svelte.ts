/** What a key held beside a click means: this one alone, this one too, or all from the last one to this. */
export type Picking = 'only' | 'too' | 'through';

/** Cells that are picked: some units in one look. */
export class LookPick {
  look = $state<string | null>(null);
  units = $state.raw<readonly string[]>([]);
  #from: string | null = null;

  has(look: string, unit: string): boolean {
    return this.look === look && this.units.includes(unit);
  }

  /** @param rows units in the order in which they stand */
  pick(look: string, unit: string, how: Picking, rows: readonly string[]): void {
    const isOther = look !== this.look;
    this.look = look;
    if (how === 'through' && !isOther && this.#from !== null) {
      const ends = [rows.indexOf(this.#from), rows.indexOf(unit)];
      this.units = rows.slice(Math.min(...ends), Math.max(...ends) + 1);
      return;
    }
    this.#from = unit;
    if (how !== 'too' || isOther) this.units = [unit];
    else this.units = this.units.includes(unit) ? this.units.filter((one) => one !== unit) : [...this.units, unit];
  }

  clear(): void {
    [this.look, this.units, this.#from] = [null, [], null];
  }
}

export const pickingOf = (event: MouseEvent | KeyboardEvent): Picking =>
  event.shiftKey ? 'through' : event.ctrlKey || event.metaKey ? 'too' : 'only';
