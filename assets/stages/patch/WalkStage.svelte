<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import { dayAndTime, plural } from '../../lib/words';
  import { p } from '../../state/navigation';
  import { useBench } from '../../state/bench.svelte';
  import PairingPanel from '../../components/PairingPanel.svelte';
  import SetCard from './SetCard.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** From unit to unit with a phone in one hand: what to set on each, ticked where it hangs. What is not done stays in sight. */
  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
  const units = $derived(rig.walk.flatMap((place) => rig.units[place] ?? []));
  const left = $derived(units.filter((one) => !one.setAt));
  const unproved = $derived(units.filter((one) => one.setAt && !one.provedAt));
  let onlyLeft = $state(false);
  const shown = $derived(onlyLeft ? left : units);
</script>

<svelte:head><title>Walk round · {rig.name}</title></svelte:head>
<main class="scroll">
  <div class="mx-auto max-w-[640px] px-4 py-3">
    <div class="flex items-center gap-2">
      <h2 class="flex-1">Walk round</h2>
      <a class="btn btn-quiet" href={p('/rigs/:rig/patch', { params: { rig: rig.id } })}>Back to Patch</a>
    </div>
    <p class="mb-1 text-[13px]" role="status">
      {units.length === 0
        ? 'Nothing hangs yet.'
        : left.length === 0
          ? `All ${units.length} are set.`
          : `${plural(left.length, 'unit')} of ${units.length} still to set.`}
      {#if unproved.length}{plural(unproved.length, 'setting')} not yet proved by off and on.{/if}
    </p>
    <p class="dim mb-3 text-[12.5px]">
      Secondary safety bond on every unit overhead; nobody below while you work. Prove each setting by switching the
      unit off and on. Local rules decide.
    </p>
    <label class="mb-3 flex items-center gap-2 text-[13px]"
      ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={onlyLeft} />Only what is left</label
    >
    <ol class="grid gap-3">
      {#each shown as unit (unit.id)}
        <li class="pane rule rounded border p-3" class:done={unit.setAt} aria-label={unit.name}>
          <div class="flex items-start gap-3">
            <div class="min-w-0 flex-1">
              <p class="dim text-[12.5px]"><bdi>{unit.position ?? 'hangs nowhere in particular'}</bdi></p>
              <p class="mt-0.5 flex flex-wrap items-center gap-2">
                <Tape name={unit.name} roll={unit.tape} /><span class="text-[13px]"
                  ><bdi>{unit.model}</bdi>, {unit.modeName}</span
                >
              </p>
            </div>
            <button
              class="btn {unit.setAt ? '' : 'btn-primary'} min-h-11 min-w-20"
              aria-pressed={unit.setAt !== null}
              disabled={session.busy}
              onclick={() => session.change({ do: 'tick-unit', unit: unit.id, isSet: !unit.setAt })}
              >{unit.setAt ? 'Set ✓' : 'It is set'}</button
            >
          </div>
          {#if unit.linkId && !unit.pairedAt}
            <details class="mt-2">
              <summary class="link-repair min-h-11 cursor-pointer content-center">How its receiver is paired</summary>
              <div class="mt-2"><PairingPanel {unit} isAsked /></div>
            </details>
          {/if}
          {#if unit.pairedAt}<p class="dim mt-1 text-[12.5px]">Paired {dayAndTime(unit.pairedAt)}</p>{/if}
          {#if unit.setAt}
            <p class="dim mt-1 text-[12.5px]">
              <b class="mono">{unit.place}</b>, set {dayAndTime(unit.setAt)}{unit.provedAt
                ? `, kept it through off and on ${dayAndTime(unit.provedAt)}`
                : ''}
            </p>
            <button
              class="btn mt-2 min-h-11"
              aria-pressed={!!unit.provedAt}
              disabled={session.busy}
              onclick={() => session.change({ do: 'prove-unit', unit: unit.id, isProved: !unit.provedAt })}
              >{unit.provedAt ? 'Kept it ✓' : 'Switched off and on: it kept it'}</button
            >
          {:else}
            <div class="mt-2"><SetCard rig={session.id} {unit} /></div>
            {#if unit.note}<p class="mt-2 text-[12.5px]"><bdi>{unit.note}</bdi></p>{/if}
          {/if}
        </li>
      {:else}
        <li class="dim">
          {rig.units.length ? 'Nothing is left to set.' : 'Nothing hangs yet: add units in Patch.'}
        </li>
      {/each}
    </ol>
  </div>
</main>
