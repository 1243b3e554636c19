type Put = { readonly value: number | boolean; readonly number: number };

/** One thing's; it is watched alone. */
class Place {
  put = $state.raw<Put | undefined>();
}

/**
 * Where a hand has put things that no moment shows yet, each with the number of the request that says so. A hand on one fader
 * disturbs no reader of another.
 */
export class PutByHand {
  /* eslint-disable svelte/prefer-svelte-reactivity -- each place is watched by itself, and all of them by the count of changes */
  readonly #places = new Map<string, Place>();
  readonly #open = new Map<string, Place>();
  /* eslint-enable */
  #count = 0;
  #changes = $state(0);

  value(key: string): number | boolean | undefined {
    return this.#place(key).put?.value;
  }

  /** Everything that is not shown yet. */
  all(): [key: string, value: number | boolean][] {
    void this.#changes;
    return [...this.#open].flatMap(([key, { put }]) => (put ? [[key, put.value]] : []));
  }

  put(key: string, value: number | boolean, number: number): void {
    const place = this.#place(key);
    place.put = { value, number };
    this.#open.set(key, place);
    this.#changes = ++this.#count;
  }

  /** What was said up to this number is shown now. */
  confirm(number: number): void {
    for (const [key, { put }] of this.#open) if (put && put.number <= number) this.#drop(key);
  }

  clear(): void {
    for (const key of this.#open.keys()) this.#drop(key);
  }

  #drop(key: string): void {
    this.#place(key).put = undefined;
    this.#open.delete(key);
    this.#changes = ++this.#count;
  }

  #place(key: string): Place {
    const place = this.#places.get(key) ?? new Place();
    this.#places.set(key, place);
    return place;
  }
}
