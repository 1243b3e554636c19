<script lang="ts">
  /** What a fader's travel becomes: the fader from left to right, the value from the foot up. */
  let { values }: { values: readonly number[] } = $props();
  const line = $derived(values.map((value, at) => `${at},${255 - value}`).join(' '));
  const flatTo = $derived(values.findIndex((value) => value !== values[0]) - 1);
  const flatFrom = $derived(values.findLastIndex((value) => value !== values.at(-1)) + 1);
</script>

<svg
  viewBox="-1 -1 257 257"
  role="img"
  aria-label="From fader to value: {values[0]} at 0, {values[128]} at 128, {values[255]} at 255"
>
  <rect class="ground" x="-1" y="-1" width="257" height="257" />
  {#each [64, 128, 192] as at (at)}<line class="grid" x1={at} x2={at} y1="0" y2="255" /><line
      class="grid"
      x1="0"
      x2="255"
      y1={at}
      y2={at}
    />{/each}
  {#if flatTo > 0}<rect class="dead" x="0" y="0" width={flatTo} height="255" />{/if}
  {#if flatFrom < 255 && flatTo > -2}<rect class="dead" x={flatFrom} y="0" width={255 - flatFrom} height="255" />{/if}
  <line class="straight" x1="0" y1="255" x2="255" y2="0" />
  <polyline points={line} />
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    aspect-ratio: 1;
  }
  svg * {
    vector-effect: non-scaling-stroke;
  }
  .ground {
    fill: var(--well);
    stroke: var(--well-edge);
  }
  .grid {
    stroke: var(--line);
    opacity: 0.6;
  }
  .dead {
    fill: var(--color-warning);
    opacity: 0.18;
  }
  .straight {
    stroke: var(--faint);
    stroke-dasharray: 3 4;
  }
  polyline {
    fill: none;
    stroke: var(--color-primary);
    stroke-width: 2;
  }
</style>
