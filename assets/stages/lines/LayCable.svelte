<script lang="ts">
  import { untrack } from 'svelte';
  import Tape from '../../components/Tape.svelte';
  import { figure, plural } from '../../lib/words';
  import type { Laying } from '../../state/laying.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** Cable from place to place of the stage plan: on one run or on more, each with what it takes and what it gives. */
  let { laying, onDone }: { laying: Laying; onDone: () => void } = $props();
  const session = useRig();
  untrack(() => laying.begin());
  const rig = $derived(session.rig);
  const unitOf = (id: string) => rig.units.find((one) => one.id === id);
  const splitters = $derived(rig.runs.flatMap((run) => run.items.filter((item) => item.splitter)));

  $effect(() => laying.keep());
  $effect(() => {
    // Every wish, and every change of the rig, is planned anew.
    void [laying.wish, rig.version];
    const timer = setTimeout(() => void laying.ask(), 80);
    return () => clearTimeout(timer);
  });

  function leave() {
    laying.letGo();
    onDone();
  }
</script>

<section class="pane rule mb-3 rounded border p-3.5" aria-label="Lay the cable for me">
  <div class="flex items-center gap-2">
    <h3 class="flex-1">Lay the cable for me</h3>
    <button class="btn btn-quiet h-7" onclick={leave}>Leave it</button>
  </div>
  <div class="mt-2 flex flex-wrap items-end gap-2.5 text-[12.5px]">
    {#if splitters.length}
      <label class="grid gap-0.5"
        ><span class="dim">From</span>
        <select class="select h-8" bind:value={laying.splitter}>
          <option value="">{rig.desk?.name ?? 'the desk'}</option>
          {#each splitters as one (one.id)}<option value={one.id}>{one.splitter}</option>{/each}
        </select></label
      >
    {/if}
    {#if !laying.splitter}
      <label class="grid gap-0.5"
        ><span class="dim">Desk, right of centre</span><input
          class="input mono h-8 w-20 px-2"
          bind:value={laying.x}
        /></label
      >
      <label class="grid gap-0.5"
        ><span class="dim">upstage</span><input class="input mono h-8 w-16 px-2" bind:value={laying.y} /></label
      >
      <label class="grid gap-0.5"
        ><span class="dim">up, metres</span><input class="input mono h-8 w-16 px-2" bind:value={laying.height} /></label
      >
    {/if}
    <label class="grid gap-0.5"
      ><span class="dim">Up to so many runs</span>
      <select class="select h-8 w-20" bind:value={laying.runs}>
        {#each [1, 2, 3, 4, 5, 6, 7, 8] as many (many)}<option value={String(many)}>{many}</option>{/each}
      </select></label
    >
    <label class="grid gap-0.5"
      ><span class="dim">Devices on each</span><input
        class="input mono h-8 w-16 px-2"
        bind:value={laying.perRun}
      /></label
    >
  </div>
  {#if laying.problem}<p class="text-error mt-2 text-[12.5px]" role="alert">{laying.problem}</p>{/if}
  <ul class="mt-3 grid gap-2.5">
    {#each laying.plan?.offers ?? [] as offer (offer.runs.length)}
      <li class="rule grid gap-1 border-t pt-2">
        <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
          <b class="font-[620]">{plural(offer.runs.length, 'run')}</b>
          <span class="dim flex-1 text-[12.5px]">{offer.words}</span>
          <button
            class="btn h-8"
            disabled={session.busy || !laying.isCurrent}
            onclick={async () => (await laying.take(offer)) && leave()}>{offer.take.label}</button
          >
        </div>
        {#each offer.runs as one, nth (nth)}
          <p class="flex flex-wrap items-center gap-x-1.5 gap-y-1 text-[12px]">
            <span class="dim mono w-14">{figure(one.metres)} m</span>
            {#each one.units as id, place (id)}<span class="mono faint text-[11px]"
                >{figure(one.cables[place] ?? 0)}</span
              ><Tape name={unitOf(id)?.name ?? ''} roll={unitOf(id)?.tape} />{/each}
          </p>
        {/each}
        {#if offer.unplaced.length}<p class="text-warning text-[12.5px]">
            No room on these runs: {offer.unplaced.map((id) => unitOf(id)?.name).join(', ')}.
          </p>{/if}
      </li>
    {/each}
  </ul>
  {#if laying.plan?.offThePlan.length}<p class="dim mt-2 text-[12.5px]">
      Not on the stage plan yet, and left out: {laying.plan.offThePlan.map((id) => unitOf(id)?.name).join(', ')}.
    </p>{/if}
  <p class="faint mt-2 text-[11.5px]">
    Cable follows beams and walls: along, across and up. Lengths are those in the van. What hangs on runs from there is
    laid anew.
  </p>
</section>
