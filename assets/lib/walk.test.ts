import { expect, it } from 'vitest';
import type { Fixture } from '../api/types';
import { walkOrder } from './walk';

const unit = (name: string, position: string | null) => ({ name, position }) as Fixture;

it('walks from position to position, and to those without one last', () => {
  const units = [
    unit('a', null),
    unit('b', 'stand 10'),
    unit('c', 'front beam'),
    unit('d', 'stand 2'),
    unit('e', null),
  ];
  expect(walkOrder(units).map((one) => one.name)).toEqual(['c', 'd', 'b', 'a', 'e']);
  expect(units[0]?.name).toBe('a');
});

it('goes along a beam from left to right where the plan says so', () => {
  const at = (name: string, position: string, x: number | null) =>
    ({ name, position, spot: x === null ? null : { x } }) as Fixture;
  const units = [at('r', 'mid beam, centre', 2), at('l', 'mid beam, right', -2), at('f', 'front beam', 9)];
  expect(walkOrder(units).map((one) => one.name)).toEqual(['f', 'l', 'r']);
});
