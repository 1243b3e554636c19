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
