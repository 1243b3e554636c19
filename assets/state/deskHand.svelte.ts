import type { Desk, Strip } from '../api/types';
import { unique } from '../lib/unique';
import type { DeskTest } from './deskTest.svelte';
import type { Row } from './faders.svelte';

/** What the operator's hand does on the desk's keys: which buttons are down, which page is turned, which fader it touches. */
export class DeskHand {
  readonly #desk: () => Desk;
  readonly test: DeskTest;
  /** Fixture buttons that are down, in the order in which they were pressed; the first is shown. */
  buttons = $state<number[]>([1]);
  /** A press adds to what is down, as long as this is on. */
  several = $state(false);
  #page = $state(1);
  touched = $state.raw<{ address: number; row: Row } | null>(null);

  constructor(desk: () => Desk, test: DeskTest) {
    this.#desk = desk;
    this.test = test;
  }

  /** The button whose channels are shown; another desk may not have the one that was pressed. */
  readonly button = $derived.by(() => {
    const [first] = this.buttons;
    return first !== undefined && this.#deskStrips().some((one) => one.button === first) ? first : 1;
  });

  readonly pages = $derived.by(() => {
    const mine = this.#desk().strips.filter((one) => one.button == null || one.button === this.button);
    return unique(mine.map((one) => one.page));
  });

  get page(): number {
    return this.pages.includes(this.#page) ? this.#page : (this.pages[0] ?? 1);
  }

  isDown(button: number): boolean {
    return button === this.button || this.buttons.includes(button);
  }

  turn(page: number): void {
    this.#page = page;
  }

  press(button: number, isAdding: boolean): void {
    const isDown = this.buttons.includes(button);
    if (!isAdding && !this.several) this.buttons = [button];
    else if (!isDown) this.buttons = [...this.buttons, button];
    else if (this.buttons.length > 1) this.buttons = this.buttons.filter((one) => one !== button);
  }

  /** The faders as they stand now: those of the button that was pressed first, on the page that is turned. */
  readonly strips = $derived(
    this.#deskStrips().filter((one) => one.page === this.page && (one.button == null || one.button === this.button)),
  );

  /** Addresses that a fader moves under the other buttons that are down. */
  also(strip: Strip): number[] {
    if (strip.button == null || this.buttons.length < 2 || this.#desk().layout === 'zones') return [];
    return this.#deskStrips()
      .filter(
        (one) =>
          one.fader === strip.fader &&
          one.page === strip.page &&
          one.button !== strip.button &&
          one.button != null &&
          this.buttons.includes(one.button),
      )
      .map((one) => one.address);
  }

  touch(address: number, row: Row): void {
    this.touched = { address, row };
  }

  isHeld(address: number): boolean {
    return this.test.address === address;
  }

  #deskStrips(): readonly Strip[] {
    return this.#desk().strips;
  }
}
