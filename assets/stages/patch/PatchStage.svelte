<script lang="ts">
  import { untrack } from 'svelte';
  import FirstSteps from '../../components/FirstSteps.svelte';
  import FindingList from '../../components/FindingList.svelte';
  import { useBench } from '../../state/bench.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';
  import AddUnits from './AddUnits.svelte';
  import { Adding } from '../../state/adding.svelte';
  import { Numbering } from '../../state/numbering.svelte';
  import NumberThem from './NumberThem.svelte';
  import AllRight from './AllRight.svelte';
  import Arrangements from './Arrangements.svelte';
  import ListMenu from './ListMenu.svelte';
  import PatchList from './PatchList.svelte';
  import UnitCard from './UnitCard.svelte';

  const session = useRig();
  const bench = useBench();
  bench.leave();
  // From the first steps one comes here to hang something at once.
  let adding = $state.raw<Adding | null>(
    untrack(() => (new URLSearchParams(location.search).has('add') ? new Adding(session) : null)),
  );
  let numbering = $state.raw<Numbering | null>(null);
  const rig = $derived(session.rig);
  const chosen = $derived(rig.units.find((one) => one.id === selection.unit) ?? null);
  const hasButtons = $derived(rig.desk?.layout === 'buttons' || rig.desk?.layout === 'zones');
  const ofPatch = $derived(rig.findings.filter((one) => one.stage === 'patch'));
  /** Those that share slots share a button too: that is told once. */
  const isToldAlready = (ids: readonly string[]) =>
    ofPatch.some((one) => one.severity === 'error' && ids.every((id) => one.unitIds.includes(id)));
  const ofDesk = $derived(
    rig.findings.filter(
      (one) =>
        one.stage === 'desk' &&
        one.inPatch &&
        (one.severity !== 'note' || one.knownId) &&
        !(one.code === 'shared_button' && isToldAlready(one.unitIds)),
    ),
  );
  const mine = $derived([...ofPatch, ...ofDesk]);
  const wrong = $derived(mine.filter((one) => one.severity !== 'note'));
  const known = $derived(mine.filter((one) => one.knownId));
  const shown = $derived(chosen ? mine.filter((one) => one.unitIds.includes(chosen.id)) : [...wrong, ...known]);

  const takeDown = (unit: string) => session.change({ do: 'remove-unit', unit });
</script>

<svelte:head><title>Patch · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(430px,470px)_minmax(0,1fr)]">
  <section class="rule grid min-h-0 grid-rows-[auto_1fr] border-r" aria-label="Patch list">
    <div class="flex items-center gap-2 px-4 py-2.5">
      <h2 class="flex-1">Patch</h2>
      <ListMenu />
      <button
        class="btn"
        onclick={() => ([numbering, adding] = [numbering ? null : new Numbering(session), null])}
        aria-expanded={numbering !== null}
        disabled={rig.units.length === 0}>Number them for me</button
      >
      <button
        class="btn {rig.units.length ? 'btn-primary' : ''}"
        onclick={() => ([adding, numbering] = [adding ? null : new Adding(session), null])}
        aria-expanded={adding !== null}>Add units</button
      >
    </div>
    <div class="scroll">
      {#if adding}<AddUnits {adding} onDone={() => (adding = null)} />{/if}
      {#if numbering}<NumberThem {numbering} onDone={() => (numbering = null)} />{/if}
      {#if rig.units.length === 0}<div class="px-4">
          <FirstSteps here="patch" onHang={() => (adding = new Adding(session))} />
        </div>{:else}<PatchList />{/if}
    </div>
  </section>
  <section class="grid min-h-0 grid-cols-[minmax(0,1fr)] grid-rows-[minmax(0,1fr)_auto]">
    <Arrangements places={numbering?.places ?? {}} coming={adding?.preview?.units ?? []} />
    <div
      class="rule scroll mx-4 grid h-[226px] gap-6 border-t py-3 {chosen
        ? 'grid-cols-[1fr_1.8fr]'
        : 'grid-cols-[1fr_1fr]'}"
    >
      <div>
        <div class="mb-2 flex min-h-7 items-center">
          <h3 class="flex-1">
            {chosen
              ? 'About this unit'
              : wrong.length
                ? 'To fix'
                : rig.units.length
                  ? 'All clear'
                  : 'Nothing hangs yet'}
          </h3>
          {#if chosen}<button class="btn btn-quiet h-7" onclick={() => takeDown(chosen.id)} disabled={session.busy}
              >Take it down</button
            >{/if}
        </div>
        {#if !chosen}<AllRight />{/if}
        <FindingList
          findings={shown}
          empty={chosen
            ? 'It shares no address with another and fits its universe.'
            : rig.units.length === 0
              ? 'Add units first: what is wrong with their addresses is told here.'
              : hasButtons
                ? `No clash, no overrun, and every unit at a place of ${rig.desk?.name}.`
                : 'No clash, no overrun.'}
        />
      </div>
      {#if chosen}<UnitCard unit={chosen} />{:else}
        <div>
          <h3 class="mb-2 flex min-h-7 items-center">Set on the unit</h3>
          <p class="dim text-[12.5px]">Select a unit to see its switches or the words of its menu.</p>
        </div>
      {/if}
    </div>
  </section>
</main>
