<script lang="ts">
  import type { Supply } from '../../api/types';
  import { figure } from '../../lib/words';

  /** Battery, fuse, driver and tape, terminal by terminal. */
  let { tape, name }: { tape: NonNullable<Supply['tape']>; name: string } = $props();
  const ROW = 26;
  const TOP = 30;
  const rows = $derived(tape.terminals.map((one, nth) => ({ ...one, y: TOP + 14 + nth * ROW })));
  const height = $derived(TOP + rows.length * ROW + 12);
  const words = $derived(rows.map((one) => `${one.driver} to ${one.tape} of the tape`).join('; '));
</script>

<svg viewBox="0 0 308 {height}" class="w-full" role="img" aria-label="Wiring of {name}: {words}">
  <g class="text">
    <text x="2" y="12">supply</text>
    <text x="92" y="12">driver</text>
    <text x="306" y="12" text-anchor="end">tape, {figure(tape.volts)} V</text>
  </g>
  <rect x="1" y={TOP - 8} width="40" height="46" rx="3" class="box" />
  <text x="21" y={TOP + 18} class="sign" text-anchor="middle">+</text>
  <text x="21" y={TOP + 34} class="sign" text-anchor="middle">−</text>
  <path class="wire" d="M41 {TOP + 14} H92" />
  <path class="wire thin" d="M41 {TOP + 30} H92" />
  <rect x="52" y={TOP + 8} width="28" height="12" rx="2" class="box fuse" />
  <text x="66" y={TOP + 3} class="small" text-anchor="middle"
    >{tape.fuse == null ? 'fuse?' : `${figure(tape.fuse)} A`}</text
  >
  <rect x="92" y={TOP - 8} width="76" height={rows.length * ROW + 12} rx="3" class="box" />
  <rect x="238" y={TOP - 8} width="69" height={rows.length * ROW + 12} rx="3" class="box" />
  {#each rows as row (row.driver)}
    <text x="163" y={row.y + 4} class="small" text-anchor="end"
      >{row.driver === 'Common plus' ? 'plus' : row.driver}</text
    >
    <path class="wire" class:thin={row.sign === '-'} d="M168 {row.y} H238" />
    <text x="203" y={row.y - 4} class="small" text-anchor="middle"
      >{row.sign === '+' ? '+' : '−'} {figure(row.amps)} A</text
    >
    <text x="243" y={row.y + 4} class="small">{row.tape === 'Common plus' ? 'plus' : row.tape}</text>
  {/each}
</svg>

<style>
  svg {
    font-size: 11px;
    fill: currentColor;
  }
  .box {
    fill: var(--color-base-300);
    stroke: var(--line);
  }
  .fuse {
    fill: var(--color-base-100);
    stroke: currentColor;
  }
  .wire {
    stroke: currentColor;
    stroke-width: 2.4;
    fill: none;
  }
  .thin {
    stroke-width: 1.2;
  }
  .text {
    opacity: 0.75;
  }
  .small {
    font-size: 10.5px;
  }
  .sign {
    font-size: 13px;
  }
</style>
