import { describe, expect, it } from 'vitest';
import type { Unit, Support } from '../api/types';
import { extentOf, namedAbove, onDrawing, onStage, within } from './plan';

const unit = (id: string, x: number | null, y = 0) =>
  ({ id, name: id, spot: x === null ? null : { x, y, height: null, words: '' } }) as Unit;
const beam = { fromX: -6, fromY: 3, toX: 7, toY: 3 } as Support;

describe('the stage plan', () => {
  it('shows all that stands on it, in the shape of the drawing', () => {
    for (const shape of [0.5, 1, 2.7]) {
      const extent = extentOf([unit('far', 1, 9), unit('nowhere', null)], [beam], shape);
      expect((extent.right - extent.left) / (extent.top - extent.bottom)).toBeCloseTo(shape);
      expect(extent.left).toBeLessThan(-6);
      expect(extent.right).toBeGreaterThan(7);
      expect(extent.top).toBeGreaterThan(9);
      expect(extent.bottom).toBeLessThan(-1);
    }
  });
  it('finds the point of the stage under a place of the drawing, upstage up', () => {
    const extent = { left: -5, right: 5, bottom: -2, top: 6 };
    const box = { left: 40, top: 90, width: 500, height: 400 };
    for (const point of [
      { x: -5, y: 6 },
      { x: 0, y: 0 },
      { x: 3.21, y: -1.5 },
    ]) {
      const at = onDrawing(extent, point);
      const client = { x: box.left + (at.x / 100) * box.width, y: box.top + (at.y / 100) * box.height };
      expect(onStage(extent, box, client)).toEqual(point);
    }
    expect(onDrawing(extent, { x: 0, y: 6 }).y).toBe(0);
  });
  it('names a unit above its lamp where the name would cover another', () => {
    const places = [
      { id: 'c', x: 1, y: 2 },
      { id: 'a', x: 0, y: 2 },
      { id: 'b', x: 0.5, y: 2.1 },
      { id: 'd', x: 0.5, y: 5 },
    ];
    expect([...namedAbove(places, 60)]).toEqual(['b']);
    expect([...namedAbove(places, 200)]).toEqual([]);
  });
  it('selects what a frame holds, drawn in any direction', () => {
    const units = [unit('in', 1, 1), unit('out', 4, 1), unit('nowhere', null)];
    expect(within(units, { x: 2, y: 0 }, { x: 0, y: 2 })).toEqual(['in']);
  });
});
