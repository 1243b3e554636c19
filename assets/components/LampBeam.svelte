<script lang="ts">
  import type { LampCell } from '../api/types';
  import { figure } from '../lib/words';

  /** A lamp's light as it would fall. It never flashes on screen: a rate is written instead. */
  let {
    cells,
    selfRunning = null,
    wide = false,
  }: { cells: readonly LampCell[]; selfRunning?: string | null; wide?: boolean } = $props();

  const flash = $derived(Math.max(0, ...cells.map((one) => one.flash)));
  const lit = $derived(cells.some((one) => one.brightness > 0));

  /** Light adds up in the eye more like the square root: a tenth is still well seen. */
  const colour = (cell: LampCell) =>
    cell.hex && cell.brightness > 0
      ? `color-mix(in oklab, ${cell.hex} ${Math.round(18 + 82 * Math.sqrt(cell.brightness))}%, transparent)`
      : 'transparent';
</script>

<span class="lamp" class:wide>
  <span class="eye"></span>
  <span class="beam" class:self={selfRunning} class:flashing={flash > 0 && lit}>
    {#each cells as cell (cell.cell)}<i style:background="linear-gradient({colour(cell)}, transparent)"></i>{/each}
  </span>
  {#if flash > 0 && lit}<b class="mono">{figure(flash)} Hz</b>{/if}
  {#if selfRunning}<b class="mono">auto</b>{/if}
</span>

<style>
  .lamp {
    contain: strict;
    position: relative;
    display: block;
    width: 58px;
    height: 68px;
  }
  .wide {
    width: 120px;
  }
  .eye {
    position: absolute;
    top: 0;
    left: 50%;
    width: 16px;
    height: 7px;
    margin-left: -8px;
    border-radius: 3px;
    background: oklch(0.42 0.01 60);
  }
  .beam {
    position: absolute;
    inset: 3px 0 0;
    display: flex;
    clip-path: polygon(38% 0, 62% 0, 100% 100%, 0 100%);
    background: oklch(0.3 0.008 65 / 0.35);
  }
  .beam i {
    flex: 1;
  }
  .self {
    background: repeating-linear-gradient(135deg, oklch(0.5 0.01 70 / 0.5) 0 5px, transparent 5px 11px);
  }
  .flashing i {
    mask: repeating-linear-gradient(#000 0 6px, transparent 6px 10px);
  }
  b {
    position: absolute;
    bottom: 2px;
    left: 0;
    right: 0;
    text-align: center;
    font-size: 9.5px;
    color: var(--house-ink);
    text-shadow: 0 0 4px #000;
  }
</style>
