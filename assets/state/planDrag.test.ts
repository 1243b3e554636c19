import { describe, expect, it } from 'vitest';
import type { Unit, Rig } from '../api/types';
import { PlanDrag } from './planDrag.svelte';
import type { RigSession } from './rig.svelte';

const unit = (id: string, x: number | null, y = 0) =>
  ({ id, name: id, spot: x === null ? null : { x, y, height: null, words: '' } }) as Unit;
const drag = (...units: Unit[]) => new PlanDrag({ id: 'r', rig: { units } as unknown as Rig } as unknown as RigSession);

describe('moving units on the plan', () => {
  it('moves those selected as far as the one in the hand', () => {
    const [a, b, c] = [unit('a', 1, 1), unit('b', 3, 2), unit('c', 0, 0)];
    const plan = drag(a, b, c);
    plan.select('b', false);
    plan.select('a', true);
    plan.to({ x: 1.5, y: 0.5 });
    expect(plan.place(a)).toEqual({ x: 1.5, y: 0.5 });
    expect(plan.place(b)).toEqual({ x: 3.5, y: 1.5 });
    expect(plan.place(c)).toMatchObject({ x: 0, y: 0 });
    plan.leave();
    expect(plan.place(a)).toMatchObject({ x: 1, y: 1 });
  });
  it('keeps a selection together when one of it is taken up, and drops it for another', () => {
    const plan = drag(unit('a', 1), unit('b', 2), unit('c', 3));
    plan.select('a', false);
    plan.select('b', true);
    plan.select('a', false);
    expect(plan.ids).toEqual(['a', 'b']);
    plan.select('b', true);
    expect(plan.ids).toEqual(['a']);
    plan.select('c', false);
    expect(plan.ids).toEqual(['c']);
  });
  it('holds a unit that stands nowhere yet, and nudges by whole centimetres', () => {
    const waiting = unit('a', null);
    const plan = drag(waiting);
    plan.select('a', false);
    expect(plan.place(waiting)).toBeNull();
    plan.nudge(0.1, 0);
    expect(plan.place(waiting)).toBeNull();
    plan.to({ x: 0.2, y: 0 });
    plan.nudge(0.1, -0.1);
    expect(plan.place(waiting)).toEqual({ x: 0.3, y: -0.1 });
  });
});
