<script lang="ts">
  import { untrack } from 'svelte';
  import type { AddPreview } from '../../api/types';
  import { threeDigits } from '../../lib/address';
  import type { Laid } from '../../lib/tapes';
  import { useRig } from '../../state/rig.svelte';
  import { selection, type Arrangement } from '../../state/selection.svelte';
  import { TapeDrag } from '../../state/tapeDrag.svelte';
  import StagePlan from './StagePlan.svelte';
  import TapeRows from './TapeRows.svelte';

  /** The patch three ways: as the desk sees it, in rows of 32, and from above the stage. */
  let {
    places = {},
    coming = [],
  }: {
    /** Where units would stand by a plan that is only looked at; the others stand where they are. */
    places?: Readonly<Record<string, { universe: number; address: number }>>;
    /** Units that would be hung. */
    coming?: AddPreview['units'];
  } = $props();
  const session = useRig();
  const rig = $derived(session.rig);
  const drag = untrack(() => new TapeDrag(session));
  const desk = $derived(rig.desk);
  const moved = $derived(new Set(Object.keys(places)));
  const ghosts = $derived<Laid[]>(
    coming.map((one, index) => {
      const twin = coming.findIndex((other) => other.universe === one.universe && other.address === one.address);
      const twinOf = twin < index ? `ghost ${twin}` : null;
      return { ...one, id: `ghost ${index}`, twinOf, tape: 'cream' };
    }),
  );
  const ghostIds = $derived(new Set(ghosts.map((one) => one.id)));
  const units = $derived<Laid[]>([
    ...rig.units.map((one) => {
      const place = drag.places[one.id] ?? places[one.id];
      return place ? { ...one, ...place, last: place.address + one.last - one.address } : one;
    }),
    ...ghosts,
  ]);
  const universes = $derived(
    [...new Set([desk?.universe ?? 1, ...units.map((one) => one.universe)])].sort((a, b) => a - b),
  );
  /** What is asked for, else where something new would hang, else the desk's own. */
  const universe = $derived(selection.universe ?? ghosts[0]?.universe ?? desk?.universe ?? 1);
  const usage = $derived(rig.universes.find((one) => one.universe === universe));
  const canDesk = $derived(!!desk && desk.starts.length > 0 && desk.universe === universe);
  const shown = $derived(selection.arrangement === 'desk' && !canDesk ? 'rows' : selection.arrangement);
  const isPlan = $derived(moved.size > 0);

  const WAYS: [Arrangement, string][] = [
    ['desk', 'As the desk sees it'],
    ['rows', 'Rows of 32'],
    ['plan', 'Stage plan'],
  ];
</script>

<div class="grid min-h-0 grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr] px-4 py-2.5">
  <div class="flex items-center gap-3 pb-2">
    {#if shown === 'plan'}<h2>Stage plan</h2>
    {:else if universes.length > 1}
      <select
        class="select w-auto"
        aria-label="Universe"
        value={universe}
        onchange={(event) => (selection.universe = Number(event.currentTarget.value))}
      >
        {#each universes as one (one)}<option value={one}>Universe {one}</option>{/each}
      </select>
    {:else}<h2>Universe {universe}</h2>{/if}
    <span class="dim min-w-0 flex-1 truncate text-[12.5px]"
      >{#if shown === 'plan'}metres, from above{:else if drag.active}<b class="mono" aria-live="polite"
          >{universes.length > 1 ? `u${drag.universe} ` : ''}{threeDigits(drag.address)}</b
        >
        {drag.words}
        <span class="faint">Enter drops it, Esc puts it back</span>{:else if isPlan}As the plan would have it; nothing
        has changed yet.{:else if coming.length}Outlined: what would hang here. Nothing has changed yet.{:else if usage}{usage.used}
        of 512 used, {usage.free} free{usage.gapFrom
          ? `, longest gap ${threeDigits(usage.gapFrom)}–${threeDigits(usage.gapTo ?? usage.gapFrom)}`
          : ''}{:else}all 512 free{/if}</span
    >
    <div class="join" role="group" aria-label="Arrangement">
      {#each WAYS as [way, words] (way)}
        <button
          class="btn join-item"
          class:bg-base-300={shown === way}
          disabled={way === 'desk' && !canDesk}
          aria-pressed={shown === way}
          onclick={() => (selection.arrangement = way)}>{words}</button
        >
      {/each}
    </div>
  </div>
  {#if shown === 'plan'}<StagePlan />{:else}
    <div class="scroll">
      <TapeRows {units} {universe} asRows={shown === 'rows'} {drag} {moved} ghosts={ghostIds} />
    </div>
  {/if}
</div>
