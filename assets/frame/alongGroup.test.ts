import { fireEvent } from '@testing-library/dom';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { alongGroup } from './alongGroup';

describe('arrows inside a group', () => {
  beforeEach(() => {
    document.body.innerHTML = `
      <div role="group"><button id="a">A</button><button id="b" disabled>B</button><button id="c">C</button></div>
      <div role="group" data-arrows="faders"><input type="range" id="f" /><input type="range" id="g" /></div>
      <div role="group"><input type="range" id="h" /><input type="range" id="i" /></div>
      <input id="text" />`;
    window.addEventListener('keydown', alongGroup);
  });
  afterEach(() => window.removeEventListener('keydown', alongGroup));
  const press = (from: string, key: string, more = {}) => {
    const element = document.getElementById(from);
    element?.focus();
    fireEvent.keyDown(element as HTMLElement, { key, ...more });
    return document.activeElement?.id;
  };

  it('go to the next key, past one that cannot be pressed, and stop at the end', () => {
    expect(press('a', 'ArrowRight')).toBe('c');
    expect(press('c', 'ArrowRight')).toBe('c');
    expect(press('c', 'ArrowUp')).toBe('a');
  });

  it('go to the next fader sideways, and move the fader up and down', () => {
    expect(press('f', 'ArrowRight')).toBe('g');
    expect(press('f', 'ArrowUp')).toBe('f');
    expect(press('h', 'ArrowRight')).toBe('h');
  });

  it('are left alone in fields and with other keys', () => {
    expect(press('text', 'ArrowRight')).toBe('text');
    expect(press('a', 'ArrowRight', { ctrlKey: true })).toBe('a');
    expect(press('a', 'Enter')).toBe('a');
  });
});
