<script lang="ts">
  import Presses from '../../components/Presses.svelte';
  import Switches from '../../components/Switches.svelte';
  import UnitDisplay from '../../components/UnitDisplay.svelte';
  import type { Fixture } from '../../api/types';
  import { addressText } from '../../lib/address';

  /** What to set on a unit: address, mode and run state, in its own words, switches and keys. */
  let { rig, fixture }: { rig: string; fixture: Fixture } = $props();
</script>

{#if fixture.switches}
  {#key `${fixture.id}/${fixture.address}`}<Switches switches={fixture.switches} />{/key}
{:else if fixture.display}
  <p class="flex items-center gap-3">
    <UnitDisplay text={fixture.display} /><span class="dim text-[12px]"
      >on its display, for {addressText(fixture.universe, fixture.address)}</span
    >
  </p>
{:else}
  <p class="text-[12.5px]">Address <b class="mono">{addressText(fixture.universe, fixture.address)}</b></p>
{/if}
{#if fixture.keys}{#key fixture.id}<Presses {rig} {fixture} />{/key}{/if}
{#if fixture.setup}<p class="mt-2 text-[12.5px]">{fixture.setup}</p>{/if}
{#if fixture.receiver}<p class="mt-1 text-[12.5px]">Receiver on <bdi>{fixture.receiver}</bdi></p>{/if}
{#if fixture.pan === 'unit' || fixture.tilt === 'unit'}
  <p class="mt-1 text-[12.5px]">
    Turn round in its menu: {[fixture.pan === 'unit' ? 'pan' : '', fixture.tilt === 'unit' ? 'tilt' : '']
      .filter(Boolean)
      .join(' and ')}.
  </p>
{/if}
{#if fixture.setting.length}
  <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[12px]" aria-label="What it is like to set">
    {#each fixture.setting as line (line.about + line.words)}<dt class="faint">{line.about}</dt>
      <dd class="dim">{line.words}</dd>{/each}
  </dl>
{/if}
