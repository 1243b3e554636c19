<script lang="ts">
  import type { Cover } from '../../api/types';
  import { figure } from '../../lib/words';

  /** Seen from above: what is lit at the top, the units below it, each beam as it opens. */
  let { cover, width, distance }: { cover: Cover; width: number; distance: number } = $props();
  const PAD = 0.6;
  const across = $derived(Math.max(width, cover.diameter) + 2 * PAD);
  /** A very long or a very short throw is drawn shorter, or longer, than it is. */
  const deep = $derived(Math.min(Math.max(distance, across * 0.18), across * 0.55));
  const unit = $derived(across / 60);
</script>

<svg
  viewBox="{-across / 2} {-unit * 5} {across} {deep + unit * 11}"
  class="max-h-[62vh] w-full"
  role="img"
  aria-label="{cover.count} beams of {figure(cover.diameter)} m over {figure(width)} m"
>
  {#each cover.places as x, nth (nth)}
    <path class="beam" d="M{x} {deep} L{x - cover.diameter / 2} 0 H{x + cover.diameter / 2} Z" />
    <rect class="unit" x={x - unit * 0.7} y={deep} width={unit * 1.4} height={unit * 1.4} rx={unit * 0.3} />
  {/each}
  <path class="wall" stroke-width={unit * 0.5} d="M{-width / 2} 0 H{width / 2}" />
  <g style:font-size="{unit * 1.15}px">
    <text x="0" y={-unit * 1.3} text-anchor="middle">{figure(width)} m</text>
    {#if cover.spacing != null && cover.places.length > 1}
      {@const [from, to] = [cover.places[0] ?? 0, cover.places[1] ?? 0]}
      <path class="measure" stroke-width={unit * 0.14} d="M{from} {deep + unit * 2.6} H{to}" />
      <text x={(from + to) / 2} y={deep + unit * 4.1} text-anchor="middle">{figure(cover.spacing)} m</text>
    {/if}
    <path class="measure" stroke-width={unit * 0.14} d="M{across / 2 - unit * 1.2} 0 V{deep}" />
    <text x={across / 2 - unit * 1.8} y={deep / 2} text-anchor="end">{figure(distance)} m</text>
  </g>
</svg>

<style>
  .beam {
    fill: color-mix(in oklab, var(--color-base-content) 16%, transparent);
    stroke: color-mix(in oklab, var(--color-base-content) 40%, transparent);
    stroke-width: 0.02;
  }
  .unit {
    fill: var(--color-base-content);
  }
  .wall,
  .measure {
    stroke: currentColor;
    fill: none;
  }
  text {
    fill: currentColor;
  }
</style>
