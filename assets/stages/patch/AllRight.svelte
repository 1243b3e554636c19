<script lang="ts">
  import { untrack } from 'svelte';
  import { plural } from '../../lib/words';
  import { Numbering } from '../../state/numbering.svelte';
  import { useRig } from '../../state/rig.svelte';

  /**
   * Every fault of addresses put right at once, with the fewest trips up the ladder: at a desk of buttons or zones each unit gets its own;
   * where there are too few, those that share slots are parted at least.
   */
  const session = useRig();
  const SHARING = ['clash', 'mixed', 'overrun', 'held'];
  const FAULTS = [...SHARING, 'not_aligned', 'shared_button', 'out_of_reach'];
  const counted = (codes: readonly string[]) =>
    session.rig.findings.filter((one) => one.inPatch && !one.knownId && codes.includes(one.code)).length;
  const faults = $derived(counted(FAULTS));
  const clashes = $derived(counted(SHARING));
  const numbering = untrack(() => new Numbering(session));
  const parting = untrack(() => new Numbering(session));
  parting.spacing = 'packed';
  const universes = $derived(Math.max(1, ...session.rig.units.map((one) => one.universe)));
  const isAll = $derived(numbering.plan !== null && numbering.plan.unplaced.length === 0);

  $effect(() => {
    if (faults < 2) return;
    for (const one of [numbering, parting]) one.universes = String(Math.min(64, universes));
    void session.rig.version;
    void numbering.ask();
    if (clashes > 1) void parting.ask();
  });
</script>

{#snippet fix(words: string, plan: Numbering)}
  {#if plan.plan?.trips.length && plan.plan.unplaced.length === 0}
    <button class="btn btn-primary mb-3 h-7" disabled={session.busy || !plan.isCurrent} onclick={() => plan.take()}
      >{words}: {plural(plan.plan.trips.length, 'ladder trip')}</button
    >
  {/if}
{/snippet}

{#if faults > 1}
  {#if isAll}{@render fix('Fix all', numbering)}
  {:else if numbering.plan?.unplaced.length}
    {#if clashes > 1}{@render fix('Fix the clashes', parting)}{/if}
    <p class="dim mb-3 text-[12.5px]">
      Not all of it can be put right at once. {numbering.plan.unplaced[0]?.name}: {numbering.plan.unplaced[0]?.why}
    </p>
  {/if}
{/if}
