<script lang="ts">
  import type { Support } from '../../api/types';
  import type { Extent, Point } from '../../lib/plan';

  /** What units stand on and hang from: a metre grid, the stage edge, the centre line, beams and stands. One unit is a metre. */
  let {
    extent,
    supports,
    band,
    chosen,
  }: {
    extent: Extent;
    supports: readonly Support[];
    /** Two corners of what is being selected. */
    band: readonly [Point, Point] | null;
    chosen: string | null;
  } = $props();
  const wide = $derived(extent.right - extent.left);
  const high = $derived(extent.top - extent.bottom);
  /** Metres between two lines of the grid: not more than forty of them. */
  const step = $derived([1, 2, 5, 10, 20, 50].find((one) => Math.max(wide, high) / one <= 40) ?? 50);
  const lines = (from: number, to: number) =>
    Array.from(
      { length: Math.floor(to / step) - Math.ceil(from / step) + 1 },
      (_, index) => (Math.ceil(from / step) + index) * step,
    );
</script>

<svg viewBox="{extent.left} {-extent.top} {wide} {high}" aria-hidden="true">
  <rect class="house" x={extent.left} y="0" width={wide} height={Math.max(0, -extent.bottom)} />
  {#each lines(extent.left, extent.right) as x (x)}<line
      class="grid"
      x1={x}
      x2={x}
      y1={-extent.top}
      y2={-extent.bottom}
    />{/each}
  {#each lines(extent.bottom, extent.top) as y (y)}<line
      class="grid"
      x1={extent.left}
      x2={extent.right}
      y1={-y}
      y2={-y}
    />{/each}
  <line class="centre" x1="0" x2="0" y1={-extent.top} y2={-extent.bottom} />
  <line class="edge" x1={extent.left} x2={extent.right} y1="0" y2="0" />
  {#each supports as one (one.id)}
    {#if one.kind === 'beam'}
      <line class="beam" class:chosen={chosen === one.id} x1={one.fromX} x2={one.toX} y1={-one.fromY} y2={-one.toY} />
    {:else}
      <circle class="stand" class:chosen={chosen === one.id} cx={one.fromX} cy={-one.fromY} r="0.28" />
    {/if}
  {/each}
  {#if band}
    <rect
      class="band"
      x={Math.min(band[0].x, band[1].x)}
      y={-Math.max(band[0].y, band[1].y)}
      width={Math.abs(band[0].x - band[1].x)}
      height={Math.abs(band[0].y - band[1].y)}
    />
  {/if}
</svg>
<span class="foot">audience · a square is {step} m</span>
<span class="head">upstage</span>

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  svg * {
    vector-effect: non-scaling-stroke;
  }
  .house {
    fill: var(--color-base-100);
    opacity: 0.45;
  }
  .grid {
    stroke: var(--line);
    stroke-width: 1;
    opacity: 0.4;
  }
  .centre {
    stroke: var(--dim);
    stroke-width: 1;
    stroke-dasharray: 6 5;
    opacity: 0.7;
  }
  .edge {
    stroke: var(--dim);
    stroke-width: 2;
  }
  .beam {
    stroke: var(--faint);
    stroke-width: 5;
    stroke-linecap: round;
  }
  .stand {
    fill: none;
    stroke: var(--faint);
    stroke-width: 3;
  }
  .chosen {
    stroke: var(--color-primary);
  }
  .band {
    fill: none;
    stroke: var(--color-primary);
    stroke-width: 1;
    stroke-dasharray: 4 3;
  }
  .foot,
  .head {
    position: absolute;
    left: 50%;
    transform: translateX(-50%);
    font-size: 11px;
    color: var(--dim);
    pointer-events: none;
  }
  .foot {
    bottom: 3px;
  }
  .head {
    top: 3px;
  }
</style>
