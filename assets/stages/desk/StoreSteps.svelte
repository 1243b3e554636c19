<script lang="ts">
  import Recipe from '../../components/Recipe.svelte';
  import Tape from '../../components/Tape.svelte';
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
    <Tape name={look.name} /><span class="dim text-[12.5px]">{look.where}</span>
  </p>
  <Recipe {look} />
{:else}
  <p class="dim text-[12.5px]">Record a look first; its steps are read here.</p>
{/if}
