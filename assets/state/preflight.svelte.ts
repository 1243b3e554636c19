/** What was ticked before tonight's doors, in this browser; a list of yesterday is no list. */
export class Preflight {
  readonly #key: string;
  ticked = $state.raw<Readonly<Record<string, string>>>({});

  constructor(rigId: string) {
    this.#key = `rigger.preflight.${rigId}`;
    const kept = localStorage.getItem(this.#key);
    if (kept) this.ticked = JSON.parse(kept) as Record<string, string>;
  }

  tick(item: string): void {
    const { [item]: before, ...rest } = this.ticked;
    this.#keep(before === undefined ? { ...rest, [item]: new Date().toISOString() } : rest);
  }

  beginAgain(): void {
    this.#keep({});
  }

  #keep(ticked: Readonly<Record<string, string>>): void {
    this.ticked = ticked;
    localStorage.setItem(this.#key, JSON.stringify(ticked));
  }
}
