/** What was ticked before tonight's doors, in this browser; a list of yesterday is no list. */
export class Preflight {
  readonly #key: string;
  ticked = $state.raw<Readonly<Record<string, number>>>({});

  constructor(rigId: string) {
    this.#key = `rigger.preflight.${rigId}`;
    const kept = localStorage.getItem(this.#key);
    if (kept) this.ticked = JSON.parse(kept) as Record<string, number>;
  }

  tick(item: string): void {
    const { [item]: before, ...rest } = this.ticked;
    this.#keep(before === undefined ? { ...rest, [item]: Date.now() } : rest);
  }

  beginAgain(): void {
    this.#keep({});
  }

  #keep(ticked: Readonly<Record<string, number>>): void {
    this.ticked = ticked;
    localStorage.setItem(this.#key, JSON.stringify(ticked));
  }
}
