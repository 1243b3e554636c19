<script lang="ts">
  import { untrack } from 'svelte';
  import { plural } from '../../lib/words';
  import { Numbering } from '../../state/numbering.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** Every address fault put right at once, with the fewest trips up the ladder. */
  const session = useRig();
  const FAULTS = ['clash', 'mixed', 'overrun', 'held', 'not_aligned', 'shared_button', 'out_of_reach'];
  const faults = $derived(
    session.rig.findings.filter((one) => one.inPatch && !one.knownId && FAULTS.includes(one.code)),
  );
  const numbering = untrack(() => new Numbering(session));
  const universes = $derived(Math.max(1, ...session.rig.units.map((one) => one.universe)));

  $effect(() => {
    if (faults.length < 2) return;
    numbering.universes = String(Math.min(64, universes));
    void session.rig.version;
    void numbering.ask();
  });
</script>

{#if faults.length > 1}
  {#if numbering.plan && numbering.plan.unplaced.length === 0 && numbering.plan.trips.length}
    <button
      class="btn btn-primary mb-3 h-7"
      disabled={session.busy || !numbering.isCurrent}
      onclick={() => numbering.take()}>Fix all: {plural(numbering.plan.trips.length, 'ladder trip')}</button
    >
  {:else if numbering.plan?.unplaced.length}
    <p class="dim mb-3 text-[12.5px]">
      Not all of it can be put right at once. {numbering.plan.unplaced[0]?.name}: {numbering.plan.unplaced[0]?.why}
    </p>
  {/if}
{/if}
