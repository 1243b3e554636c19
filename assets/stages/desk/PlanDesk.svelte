<script lang="ts">
  import { onMount } from 'svelte';
  import Tape from '../../components/Tape.svelte';
  import { Advising } from '../../state/advice.svelte';
  import { useBench } from '../../state/bench.svelte';
  import { useRig } from '../../state/rig.svelte';
  import DeskHead from './DeskHead.svelte';

  /** Say what is wanted of each unit, and read which mode, button and address that takes. */
  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
  const advising = new Advising(session);
  onMount(() => void advising.begin());

  $effect(() => advising.keep());
  $effect(() => {
    // Every wish, and every change of the rig or its desk, is planned anew.
    void [JSON.stringify(advising.wishes), rig.version];
    if (!rig.desk) return;
    const timer = setTimeout(() => void advising.ask(), 80);
    return () => clearTimeout(timer);
  });
  const rows = $derived(Object.fromEntries((advising.advice?.rows ?? []).map((one) => [one.unitId, one])));
  const roll = (id: string) => rig.units.find((one) => one.id === id)?.tape ?? 'cream';
  const stays = (id: string) => rig.units.some((one) => one.id === id && (one.isLocked || one.isOut));
</script>

<svelte:head><title>Plan for the desk · {rig.name}</title></svelte:head>
<main class="scroll">
  <div class="grid gap-2.5 px-5 py-2.5">
    <DeskHead />
    {#if !rig.desk}
      <p class="dim py-6">Choose a desk first: the plan gives its buttons.</p>
    {:else}
      <div class="flex flex-wrap items-center gap-3">
        <p class="dim max-w-[72ch] flex-1 text-[12.5px]">
          Say what you want of each unit. It gets the mode with the fewest channels that has all of it, and the next
          free
          {rig.desk.starts.length ? rig.desk.keys.button.toLowerCase() : 'faders'}. With Shift, a want goes to every
          unit of that type.
        </p>
        {#if advising.advice}<p class="text-[13px] font-[620]" role="status">{advising.advice.sentence}</p>{/if}
        <button
          class="btn btn-primary"
          disabled={!advising.advice || !advising.isCurrent || advising.advice.changes === 0 || session.busy}
          onclick={() => advising.take()}>Take this plan over</button
        >
      </div>
      {#if advising.problem}<p class="text-error text-[12.5px]" role="alert">{advising.problem}</p>{/if}
      {#if advising.isTaken && advising.advice?.changes === 0}<p class="text-[12.5px]" role="status">
          Taken over as one change: Ctrl Z takes it back. What to set on each unit stands in Patch and on the
          walk-round.
        </p>{/if}
      {#each advising.advice?.warnings ?? [] as warning (warning)}<p class="text-warning text-[12.5px]">
          {warning}
        </p>{/each}
      <div class="scroll">
        <table class="w-full text-[12.5px]">
          <thead>
            <tr class="dim text-left">
              <th>Unit</th><th>What you want of it</th><th>Together with</th><th>Now</th><th>Planned</th><th
                >What changes</th
              ><th><span class="sr-only">Leave it</span></th>
            </tr>
          </thead>
          <tbody>
            {#each advising.units as unit, index (unit.unitId)}
              {@const row = rows[unit.unitId]}
              <tr class:left={unit.isLeft}>
                <td>
                  <span class="flex items-center gap-1.5">
                    <span class="flex flex-col">
                      <button
                        class="nudge"
                        disabled={index === 0}
                        aria-label="{unit.name} earlier"
                        onclick={() => advising.move(unit, -1)}>▲</button
                      >
                      <button
                        class="nudge"
                        disabled={index === advising.units.length - 1}
                        aria-label="{unit.name} later"
                        onclick={() => advising.move(unit, 1)}>▼</button
                      >
                    </span>
                    <Tape name={unit.name} roll={roll(unit.unitId)} />
                  </span>
                </td>
                <td>
                  <span class="flex flex-wrap gap-1" role="group" aria-label="Wanted of {unit.name}">
                    {#each unit.possible as want (want)}
                      <button
                        class="want"
                        class:on={unit.wants.includes(want)}
                        disabled={unit.isLeft}
                        aria-pressed={unit.wants.includes(want)}
                        onclick={(event) => advising.toggle(unit, want, event.shiftKey)}>{advising.words[want]}</button
                      >
                    {/each}
                    {#if !unit.possible.length}<span class="dim">nothing to choose</span>{/if}
                  </span>
                </td>
                <td>
                  {#if advising.partners(unit).length}
                    <select
                      class="select h-7 w-28"
                      aria-label="{unit.name} together with"
                      disabled={unit.isLeft}
                      value={unit.with ?? ''}
                      onchange={(event) => (unit.with = event.currentTarget.value || null)}
                    >
                      <option value="">alone</option>
                      {#each advising.partners(unit) as one (one.unitId)}<option value={one.unitId}>{one.name}</option
                        >{/each}
                    </select>
                  {/if}
                </td>
                <td class="whitespace-nowrap">
                  {#if row}<span class="mono">{row.fromPlace}</span><br /><span class="dim">{row.fromMode}</span>{/if}
                </td>
                <td class="whitespace-nowrap">
                  {#if unit.isLeft}<span class="dim">stays as it is</span>
                  {:else if row?.toPlace}<span class="mono" class:new={row.toPlace !== row.fromPlace}
                      >{row.toPlace}</span
                    ><br /><span class={row.toMode === row.fromMode ? 'dim' : 'new'}>{row.toMode}</span>
                  {:else if row}<b class="text-error">no place</b>{/if}
                </td>
                <td>
                  {#if row && !unit.isLeft}
                    {#if row.isChanged}one ladder trip{row.costs.length ? '; ' : ''}{/if}{row.costs.join('; ')}
                    {#if !row.isChanged && row.toPlace && !row.costs.length}<span class="dim">nothing</span>{/if}
                  {/if}
                </td>
                <td class="dim whitespace-nowrap">
                  <label class="flex items-center gap-1"
                    ><input
                      type="checkbox"
                      class="checkbox checkbox-xs"
                      bind:checked={unit.isLeft}
                      disabled={stays(unit.unitId)}
                    />leave it</label
                  >
                </td>
              </tr>
            {:else}
              <tr><td colspan="7" class="dim">Nothing hangs yet: add units in Patch.</td></tr>
            {/each}
          </tbody>
        </table>
      </div>
      <p class="dim text-[12px]">
        A ladder trip is a unit that has to be set anew. Nobody under work in the air; local rules decide.
      </p>
    {/if}
  </div>
</main>

<style>
  th,
  td {
    padding: 4px 10px 4px 0;
    vertical-align: middle;
    border-bottom: 1px solid var(--line);
  }
  th {
    font-weight: 560;
    position: sticky;
    top: 0;
    background: var(--color-base-100);
  }
  td {
    line-height: 1.25;
  }
  .left > td:not(:last-child) {
    opacity: 0.62;
  }
  .want {
    padding: 1px 6px;
    border: 1px solid var(--line);
    border-radius: 4px;
    color: var(--dim);
    cursor: pointer;
  }
  .want.on {
    border-color: var(--color-primary);
    color: var(--color-base-content);
    background: color-mix(in oklab, var(--color-primary) 16%, transparent);
  }
  .nudge {
    font-size: 8px;
    line-height: 1.2;
    padding: 0 2px;
    color: var(--dim);
    cursor: pointer;
  }
  .nudge:disabled {
    visibility: hidden;
  }
  .new {
    color: var(--color-base-content);
    font-weight: 620;
  }
</style>
