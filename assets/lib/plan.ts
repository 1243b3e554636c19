import type { Unit, Support } from '../api/types';

export type Point = { x: number; y: number };
/** The part of the stage that is drawn, in metres; bottom is towards the audience. */
export type Extent = { left: number; right: number; bottom: number; top: number };

const MARGIN = 0.8;
/** A small stage, while little stands on it. */
const LEAST: Extent = { left: -4, right: 4, bottom: -1, top: 4 };

/** All that stands on the plan, with a margin, widened to the shape of the drawing: its width by its height. */
export function extentOf(units: readonly Unit[], supports: readonly Support[], shape: number): Extent {
  const spots = units.flatMap((one) => (one.spot ? [one.spot] : []));
  const xs = [...spots.map((one) => one.x), ...supports.flatMap(({ fromX, toX }) => [fromX, toX])];
  const ys = [...spots.map((one) => one.y), ...supports.flatMap(({ fromY, toY }) => [fromY, toY])];
  const left = Math.min(LEAST.left, ...xs) - MARGIN;
  const right = Math.max(LEAST.right, ...xs) + MARGIN;
  const bottom = Math.min(LEAST.bottom, ...ys) - MARGIN;
  const top = Math.max(LEAST.top, ...ys) + MARGIN;
  const wider = Math.max(0, (top - bottom) * shape - (right - left)) / 2;
  const higher = Math.max(0, (right - left) / shape - (top - bottom)) / 2;
  return { left: left - wider, right: right + wider, bottom: bottom - higher, top: top + higher };
}

/** Room that a name takes, in pixels. */
const NAME = { width: 58, height: 20 };

/** Those whose names go above their lamp, because below it they would cover another name. */
export function namedAbove(places: readonly { id: string; x: number; y: number }[], metre: number): Set<string> {
  const below: { x: number; y: number }[] = [];
  const above = new Set<string>();
  for (const one of places.toSorted((a, b) => a.x - b.x)) {
    const covers = below.some(
      (other) => Math.abs(other.x - one.x) * metre < NAME.width && Math.abs(other.y - one.y) * metre < NAME.height,
    );
    if (covers) above.add(one.id);
    else below.push(one);
  }
  return above;
}

/** Where a point is in the drawing, in hundredths of its width and height from the upper left. */
export function onDrawing(extent: Extent, { x, y }: Point): Point {
  return {
    x: ((x - extent.left) / (extent.right - extent.left)) * 100,
    y: ((extent.top - y) / (extent.top - extent.bottom)) * 100,
  };
}

/** The point of the stage under a place of the drawing, to the centimetre. */
export function onStage(
  extent: Extent,
  box: { left: number; top: number; width: number; height: number },
  client: Point,
): Point {
  return {
    x: centimetre(extent.left + ((client.x - box.left) / box.width) * (extent.right - extent.left)),
    y: centimetre(extent.top - ((client.y - box.top) / box.height) * (extent.top - extent.bottom)),
  };
}

export const centimetre = (metres: number) => Math.round(metres * 100) / 100;

/** Units whose place lies between two corners. */
export function within(units: readonly Unit[], one: Point, other: Point): string[] {
  const between = (value: number, a: number, b: number) => value >= Math.min(a, b) && value <= Math.max(a, b);
  return units
    .filter(({ spot }) => spot && between(spot.x, one.x, other.x) && between(spot.y, one.y, other.y))
    .map((unit) => unit.id);
}
