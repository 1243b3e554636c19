<script lang="ts">
  import { untrack } from 'svelte';
  import { useRig } from '../../state/rig.svelte';
  import type { Goal, Numbering, Spacing } from '../../state/numbering.svelte';
  import Tape from '../../components/Tape.svelte';

  /** How the rig is to be numbered, and every ladder trip that it would cost; the tape at the right shows it before anything changes. */
  let { numbering, onDone }: { numbering: Numbering; onDone: () => void } = $props();
  const session = useRig();
  untrack(() => numbering.begin());
  const rig = $derived(session.rig);
  const hasButtons = $derived((rig.desk?.starts.length ?? 0) > 0);
  const GOALS: [Goal, string][] = [
    ['fewest', 'Fewest trips: only what must move'],
    ['fresh', 'Afresh, in the order of the list'],
  ];
  const SPACINGS: [Spacing, string][] = [
    ['packed', 'packed, without gaps'],
    ['buttons', 'where the desk’s buttons begin'],
    ['round', 'round numbers: 1 and every so many'],
    ['stride', 'in steps from an address on'],
    ['blocks', 'blocks of a type, spare room between'],
  ];
  const locked = $derived(rig.units.filter((one) => one.isLocked));

  $effect(() => numbering.keep());
  $effect(() => {
    // Every wish, and every change of the rig, is planned anew.
    void [numbering.wish, rig.version];
    const timer = setTimeout(() => void numbering.ask(), 80);
    return () => clearTimeout(timer);
  });

  function leave() {
    numbering.letGo();
    onDone();
  }

  async function take() {
    if (await numbering.take()) leave();
  }
</script>

<section class="pane rule mx-4 mb-3 rounded border p-3.5" aria-label="Number them for me">
  <div class="flex items-center gap-2">
    <h3 class="flex-1">Number them for me</h3>
    <button class="btn btn-quiet h-7" onclick={leave}>Leave it</button>
  </div>
  <div class="mt-2 grid gap-1.5" role="radiogroup" aria-label="What matters">
    {#each GOALS as [key, words] (key)}
      <label class="flex items-center gap-2 text-[12.5px]"
        ><input type="radio" class="radio radio-sm" name="goal" value={key} bind:group={numbering.goal} />{words}</label
      >
    {/each}
  </div>
  <div class="mt-2.5 flex flex-wrap items-end gap-2">
    <label class="grid gap-0.5"
      ><span class="dim text-[12px]">{numbering.goal === 'fewest' ? 'Those that move go' : 'Spacing'}</span>
      <select class="select h-8 w-60" bind:value={numbering.spacing} aria-label="Spacing">
        {#each SPACINGS.filter(([key]) => (key !== 'buttons' || hasButtons) && (key !== 'blocks' || numbering.goal === 'fresh')) as [key, words] (key)}<option
            value={key}>{words}</option
          >{/each}
      </select></label
    >
    {#if numbering.spacing === 'round' || numbering.spacing === 'stride'}
      <label class="grid gap-0.5"
        ><span class="dim text-[12px]">Step</span><input
          class="input mono h-8 w-16 px-2"
          inputmode="numeric"
          bind:value={numbering.step}
        /></label
      >
    {/if}
    {#if numbering.spacing === 'blocks' && numbering.goal === 'fresh'}
      <label class="grid gap-0.5"
        ><span class="dim text-[12px]">Spare slots</span><input
          class="input mono h-8 w-16 px-2"
          inputmode="numeric"
          bind:value={numbering.spare}
        /></label
      >
    {/if}
    {#if numbering.spacing === 'stride'}
      <label class="grid gap-0.5"
        ><span class="dim text-[12px]">From</span><input
          class="input mono h-8 w-16 px-2"
          inputmode="numeric"
          bind:value={numbering.first}
        /></label
      >
    {/if}
    <label class="grid gap-0.5"
      ><span class="dim text-[12px]">Universes</span><input
        class="input mono h-8 w-16 px-2"
        inputmode="numeric"
        bind:value={numbering.universes}
      /></label
    >
  </div>
  {#if numbering.problem}<p class="text-error mt-2 text-[12.5px]" role="alert">{numbering.problem}</p>{/if}
  {#if locked.length}
    <p class="dim mt-2 flex flex-wrap items-center gap-1.5 text-[12px]">
      Locked:
      {#each locked.slice(0, 12) as one (one.id)}<button
          class="btn h-6 px-2"
          onclick={() => numbering.lock(one.id, false)}
          title="Let it move again"><bdi>{one.name}</bdi> ×</button
        >{/each}
      {#if locked.length > 12}and {locked.length - 12} more{/if}
    </p>
  {/if}
  {#if numbering.plan}
    {@const plan = numbering.plan}
    <p class="mt-3 mb-1.5 text-[12.5px] font-[600]" role="status">{plan.sentence}</p>
    <ul class="scroll grid max-h-[210px] gap-1.5 text-[12.5px]" aria-label="Ladder trips">
      {#each plan.unplaced as one (one.unitId)}
        <li class="flex items-center gap-2"><Tape name={one.name} /><span class="text-error">{one.why}</span></li>
      {/each}
      {#each plan.trips as trip (trip.unitId)}
        <li class="flex items-center gap-2">
          <span class="w-[76px] shrink-0"><Tape name={trip.name} /></span>
          <span class="min-w-0 flex-1"
            ><span class="mono">{trip.from} → {trip.to}</span>{#if numbering.goal === 'fewest'}<span class="dim">
                : {trip.why}</span
              >{/if}</span
          >
          <button class="dim cursor-pointer hover:underline" onclick={() => numbering.lock(trip.unitId, true)}
            >keep it there</button
          >
        </li>
      {/each}
    </ul>

    <div class="mt-3 flex gap-2">
      <button
        class="btn btn-primary"
        disabled={!numbering.isCurrent || plan.trips.length === 0 || plan.unplaced.length > 0 || session.busy}
        onclick={take}>Take these addresses</button
      >
    </div>
  {/if}
</section>
