<script lang="ts">
  import Presses from '../../components/Presses.svelte';
  import Switches from '../../components/Switches.svelte';
  import UnitDisplay from '../../components/UnitDisplay.svelte';
  import type { Unit } from '../../api/types';

  /** What to set on a unit: address, mode and run state, in its own words, switches and keys. */
  let { rig, unit }: { rig: string; unit: Unit } = $props();
</script>

{#if unit.switches}
  {#key `${unit.id}/${unit.address}`}<Switches switches={unit.switches} />{/key}
{:else if unit.display}
  <p class="flex items-center gap-3">
    <UnitDisplay text={unit.display} /><span class="dim text-[12px]">on its display, for {unit.place}</span>
  </p>
{:else}
  <p class="text-[12.5px]">Address <b class="mono">{unit.place}</b></p>
{/if}
{#if unit.keys || (unit.display && !unit.switches)}{#key unit.id}<Presses {rig} {unit} />{/key}{/if}
{#if unit.setup}<p class="mt-2 text-[12.5px]">{unit.setup}</p>{/if}
{#if unit.receiver}<p class="mt-1 text-[12.5px]">Receiver on <bdi>{unit.receiver}</bdi></p>{/if}
{#if unit.pan === 'unit' || unit.tilt === 'unit'}
  <p class="mt-1 text-[12.5px]">
    Turn round in its menu: {[unit.pan === 'unit' ? 'pan' : '', unit.tilt === 'unit' ? 'tilt' : '']
      .filter(Boolean)
      .join(' and ')}.
  </p>
{/if}
{#if unit.setting.length}
  <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[12px]" aria-label="What it is like to set">
    {#each unit.setting as line (line.about + line.words)}<dt class="faint">{line.about}</dt>
      <dd class="dim">{line.words}</dd>{/each}
  </dl>
{/if}
