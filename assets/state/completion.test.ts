import { describe, expect, it } from 'vitest';
import { Completion } from './completion.svelte';

function typed(text: string, words = ['strobe', 'open', 'red', 'reset']) {
  let now = text;
  const completion = new Completion(
    () => now,
    (done) => (now = done),
    () => words,
  );
  completion.ask();
  return { completion, text: () => now };
}

const key = (name: string) => new KeyboardEvent('keydown', { key: name, cancelable: true });

describe('completing a typed range', () => {
  it('offers words only behind the values', () => {
    expect(typed('re').completion.shown).toEqual([]);
    expect(typed('0-255 re').completion.shown).toEqual(['red', 'reset']);
    expect(typed('0..9 op').completion.shown).toEqual(['open']);
    expect(typed('0-255 red 0-').completion.shown).toEqual([]);
  });

  it('offers nothing for a word that is complete', () => {
    expect(typed('12 strobe').completion.shown).toEqual([]);
  });

  it('takes the chosen word with Tab and leaves other keys alone', () => {
    const { completion, text } = typed('0-255 re');
    expect(completion.keyed(key('ArrowDown'))).toBe(true);
    expect(completion.keyed(key('Enter'))).toBe(false);
    expect(completion.keyed(key('Tab'))).toBe(true);
    expect(text()).toBe('0-255 reset ');
    expect(completion.keyed(key('Tab'))).toBe(false);
  });

  it('goes away with Escape', () => {
    const { completion } = typed('0-255 re');
    expect(completion.keyed(key('Escape'))).toBe(true);
    expect(completion.shown).toEqual([]);
  });
});
