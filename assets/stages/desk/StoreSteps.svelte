<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import { plural } from '../../lib/words';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** How a look is written into the real desk, in the desk's own words. */
  const session = useRig();
  const faders = useFaders();
  let chosen = $state<string | null>(null);
  const looks = $derived(session.rig.looks);
  const look = $derived(looks.find((one) => one.id === (chosen ?? faders.recalled)) ?? looks[0]);
</script>

{#if look}
  <label class="grid gap-1 text-[12.5px]"
    ><span class="dim">Look</span>
    <select class="select w-full" value={look.id} onchange={(event) => (chosen = event.currentTarget.value)}>
      {#each looks as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
    </select></label
  >
  <p class="mt-2.5 mb-1.5 flex items-center gap-2">
    <Tape name={look.name} /><span class="dim text-[12.5px]">bank {look.bank}, scene {look.number}</span>
  </p>
  {#if look.problem}<p class="text-error text-[12.5px]" role="alert">{look.problem}</p>{/if}
  <ol class="grid list-decimal gap-1 pl-5 text-[12.5px]" aria-label="Steps">
    {#each look.lines as line, index (index)}<li>{line}</li>{/each}
  </ol>
  {#if look.unreachable.length}
    <p class="mt-2.5 text-[12.5px] font-[620]">
      {plural(look.unreachable.length, 'value')} this desk cannot send
    </p>
    <ul class="dim grid gap-0.5 text-[12.5px]">
      {#each look.unreachable.slice(0, 8) as one (one.unitId + one.channel)}
        <li><bdi>{one.unit}</bdi> {one.label} ({one.channel}) at {one.value}</li>
      {/each}
      {#if look.unreachable.length > 8}<li>and {look.unreachable.length - 8} more</li>{/if}
    </ul>
  {/if}
{:else}
  <p class="dim text-[12.5px]">Record a look first; its steps are read here.</p>
{/if}
