import { describe, expect, it } from 'vitest';
import type { Desk, Strip } from '../api/types';
import { DeskHand } from './deskHand.svelte';
import type { DeskTest } from './deskTest.svelte';

const test = { address: null } as DeskTest;

/** A desk of so many buttons, with two faders on two pages under each. */
function desk(buttons: number): Desk {
  const strips = Array.from({ length: buttons * 4 }, (_, index): Strip => ({
    button: Math.floor(index / 4) + 1,
    page: (Math.floor(index / 2) % 2) + 1,
    fader: (index % 2) + 1,
    address: index + 1,
    label: null,
    units: [],
    ranges: [],
  }));
  return { layout: 'buttons', strips } as unknown as Desk;
}

describe('the hand on the desk', () => {
  it('sees the faders of the button that is down, on the page that is turned', () => {
    const hand = new DeskHand(() => desk(3), test);
    expect(hand.strips.map((one) => one.address)).toEqual([1, 2]);
    hand.press(2, false);
    hand.turn(2);
    expect(hand.strips.map((one) => one.address)).toEqual([7, 8]);
  });

  it('moves the same fader of every button that is down', () => {
    const hand = new DeskHand(() => desk(3), test);
    hand.press(3, true);
    expect([hand.isDown(1), hand.isDown(2), hand.isDown(3)]).toEqual([true, false, true]);
    expect(hand.also(hand.strips[1] as Strip)).toEqual([10]);
    hand.several = true;
    hand.press(2, false);
    expect(hand.also(hand.strips[0] as Strip)).toEqual([5, 9]);
    hand.press(1, false);
    expect([hand.button, hand.isDown(1)]).toEqual([3, false]);
    hand.several = false;
    hand.press(2, false);
    expect(hand.buttons).toEqual([2]);
  });

  it('never lifts the last button', () => {
    const hand = new DeskHand(() => desk(3), test);
    hand.press(1, true);
    expect(hand.buttons).toEqual([1]);
  });

  it('falls back to the first button on a desk that has not as many', () => {
    let shown = desk(3);
    const hand = new DeskHand(() => shown, test);
    hand.press(3, false);
    shown = desk(2);
    hand.press(3, false);
    expect([hand.button, hand.isDown(1)]).toEqual([1, true]);
    expect(hand.strips).toHaveLength(2);
  });
});
