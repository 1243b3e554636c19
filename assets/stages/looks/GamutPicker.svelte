<script lang="ts">
  import type { Mix } from '../../api/types';
  import colours from './colours.jpg';
  import { PURE_LIGHT } from './pureLight';

  /** What the picked units can mix, in the diagram of equal steps, and where the colour that is asked lies. A pull picks another. */
  let {
    mix,
    onTry,
    onTake,
  }: {
    mix: Mix;
    /** While the hand moves. */
    onTry: (u: number, v: number) => void;
    /** When it lets go. */
    onTake: () => void;
  } = $props();

  let drawing: SVGSVGElement | undefined = $state();
  let isHeld = false;
  const id = $props.id();

  const at = (spot: { u: number; v: number }) => ({ x: 1000 * spot.u, y: 600 - 1000 * spot.v });
  const outline = (corners: readonly { u: number; v: number }[]) =>
    corners.map((one) => `${at(one).x},${at(one).y}`).join(' ');
  const units = $derived(mix.units.filter((one) => one.corners.length > 1));
  const asked = $derived(mix.colour && at(mix.colour));

  function aim(event: PointerEvent) {
    if (!isHeld || !drawing) return;
    const box = drawing.getBoundingClientRect();
    onTry(((event.clientX - box.left) / box.width) * 0.64, (1 - (event.clientY - box.top) / box.height) * 0.6);
  }
  function grab(event: PointerEvent) {
    isHeld = true;
    drawing?.setPointerCapture(event.pointerId);
    aim(event);
  }
  function letGo() {
    if (isHeld) onTake();
    isHeld = false;
  }
</script>

<div
  role="presentation"
  class="picker"
  onpointerdown={grab}
  onpointermove={aim}
  onpointerup={letGo}
  onpointercancel={() => (isHeld = false)}
>
  <svg bind:this={drawing} viewBox="0 0 640 600" role="img" aria-label="What they can mix">
    <defs>
      <clipPath {id}
        >{#each units as unit (unit.unitId)}<polygon points={outline(unit.corners)} />{/each}</clipPath
      >
    </defs>
    <polygon class="seen" points={PURE_LIGHT} />
    <image href={colours} width="640" height="600" preserveAspectRatio="none" clip-path="url(#{id})" />
    {#each units as unit, nth (unit.unitId)}
      <polygon class="reach" class:more={nth > 0} points={outline(unit.corners)} />
    {/each}
    {#if units[0]}
      {#each units[0].emitters as emitter (emitter.label)}
        <text x={at(emitter).x} y={at(emitter).y - 10}>{emitter.label}</text>
      {/each}
    {/if}
    {#each mix.units as unit (unit.unitId)}
      {@const reached = unit.ways[0]?.reached}
      {#if reached && asked}
        <line x1={asked.x} y1={asked.y} x2={at(reached).x} y2={at(reached).y} />
        <rect x={at(reached).x - 8} y={at(reached).y - 8} width="16" height="16" fill={reached.hex} />
      {/if}
    {/each}
    {#if asked}<circle class="outer" cx={asked.x} cy={asked.y} r="17" /><circle cx={asked.x} cy={asked.y} r="14" />{/if}
  </svg>
</div>

<style>
  .picker {
    touch-action: none;
    cursor: crosshair;
    background: oklch(0.13 0.008 65);
    border-radius: 6px;
    padding: 6px;
  }
  svg {
    display: block;
    width: 100%;
    contain: layout paint style;
  }
  .seen {
    fill: none;
    stroke: oklch(0.5 0.01 65);
    stroke-width: 2;
  }
  .reach {
    fill: none;
    stroke: #fff;
    stroke-width: 4;
  }
  .more {
    stroke-dasharray: 10 8;
  }
  text {
    font-size: 22px;
    text-anchor: middle;
    fill: #fff;
    paint-order: stroke;
    stroke: #000;
    stroke-width: 5px;
  }
  line {
    stroke: #fff;
    stroke-width: 2.5;
    stroke-dasharray: 7 6;
  }
  rect {
    stroke: #fff;
    stroke-width: 3.5;
  }
  circle {
    fill: none;
    stroke: #fff;
    stroke-width: 4;
  }
  .outer {
    stroke: #000;
    stroke-width: 9;
  }
</style>
