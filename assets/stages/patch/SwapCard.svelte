<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { typesQuery } from '../../api/queries';
  import type { Unit } from '../../api/types';
  import { useRig } from '../../state/rig.svelte';

  /** Another mode or another type in this unit's place: whether it fits there, and where there is room for it. */
  let { unit }: { unit: Unit } = $props();
  const session = useRig();
  let search = $state('');
  const types = createQuery(() => ({ ...typesQuery(search), placeholderData: (before) => before }));
  const list = $derived((types.data?.types ?? []).filter((one) => one.modes.some((mode) => mode.channels > 0)));
  let typeId = $state<string | null>(null);
  let modeKey = $state<string | null>(null);
  let problem = $state<string | null>(null);

  const type = $derived(list.find((one) => one.id === (typeId ?? unit.typeId)));
  const modes = $derived((type?.modes ?? []).filter((one) => one.channels > 0));
  const mode = $derived(
    modes.find((one) => one.key === modeKey) ??
      modes.find((one) => typeId === null && one.key === unit.mode) ??
      modes[0],
  );
  const isOther = $derived(!!type && !!mode && (type.id !== unit.typeId || mode.key !== unit.mode));
  const fit = createQuery(() => ({
    queryKey: ['rig', session.id, 'fit', session.rig.version, unit.id, type?.id, mode?.key],
    enabled: isOther,
    queryFn: () =>
      answered(
        api.GET('/api/rigs/{rig}/units/{id}/fit', {
          params: {
            path: { rig: session.id, id: unit.id },
            query: { mode: mode?.key ?? '', type: type?.id ?? null },
          },
        }),
      ),
  }));

  async function swap(makesRoom: boolean) {
    if (!mode || !type) return;
    const refused = await session.change(
      type.id === unit.typeId
        ? { do: 'set-mode', units: [unit.id], mode: mode.key, makesRoom }
        : { do: 'swap-type', unit: unit.id, type: type.id, mode: mode.key, makesRoom },
      true,
    );
    problem = refused?.firstWords ?? null;
    if (!refused) [typeId, modeKey] = [null, null];
  }
</script>

<div class="grid gap-2 text-[12.5px]">
  <div class="grid grid-cols-[1fr_1.3fr_1.3fr] gap-2">
    <input
      class="input h-7 px-2"
      placeholder="Find in the library"
      aria-label="Find in the library"
      bind:value={search}
    />
    <select
      class="select h-7 w-full"
      aria-label="Type of {unit.name}"
      value={type?.id}
      onchange={(event) => ([typeId, modeKey] = [event.currentTarget.value, null])}
    >
      {#each list as one (one.id)}<option value={one.id}>{one.maker} {one.model}</option>{/each}
      {#if !type}<option value={undefined}>{unit.maker} {unit.model}</option>{/if}
    </select>
    <select
      class="select h-7 w-full"
      aria-label="Mode of {unit.name}"
      value={mode?.key}
      onchange={(event) => (modeKey = event.currentTarget.value)}
    >
      {#each modes as one (one.key)}<option value={one.key}>{one.name}, {one.channels} ch</option>{/each}
    </select>
  </div>
  {#if !isOther}
    <p class="dim">
      This is what hangs there. Choose another mode or type, and it is checked against all that stands behind it.
    </p>
  {:else if fit.data}
    <p role="status" class:text-warning={!fit.data.fits}>{fit.data.words}</p>
    <div class="flex flex-wrap gap-2">
      {#if fit.data.offer}<button class="btn btn-primary h-7" disabled={session.busy} onclick={() => swap(true)}
          >{fit.data.offer}</button
        >{/if}
      <button class="btn h-7" class:btn-primary={fit.data.fits} disabled={session.busy} onclick={() => swap(false)}
        >{fit.data.fits ? 'Take it' : 'Leave it at its address all the same'}</button
      >
    </div>
    {#if type && type.id !== unit.typeId}<p class="dim">
        What is meant in a look is worked out anew for it. Of what was recorded from faders, channels whose names agree
        are kept: colours come out near, not equal. Undo puts it back.
      </p>{/if}
  {/if}
  {#if problem}<p class="text-error" role="alert">{problem}</p>{/if}
</div>
