<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { typesQuery } from '../../api/queries';
  import type { Adding, AddSpacing } from '../../state/adding.svelte';
  import { baseOf } from '../../lib/words';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';

  /** Many units at once; the tape at the right shows where they would go before they hang. */
  let { adding, onDone }: { adding: Adding; onDone: () => void } = $props();
  const session = useRig();
  const types = createQuery(() => ({ ...typesQuery(adding.search), placeholderData: (before) => before }));
  const isLong = $derived(adding.search !== '' || (types.data?.total ?? 0) > 12);
  const list = $derived((types.data?.types ?? []).filter((one) => one.modes.some((mode) => mode.channels > 0)));
  const type = $derived(list.find((one) => one.id === adding.typeId) ?? list[0]);
  const modes = $derived((type?.modes ?? []).filter((one) => one.channels > 0));
  const mode = $derived(modes.find((one) => one.key === adding.modeKey) ?? modes[0]);
  const hasButtons = $derived((session.rig.desk?.starts.length ?? 0) > 0);
  const problem = $derived(adding.problem);
  const SPACINGS: [AddSpacing, string][] = [
    ['buttons', 'where the desk’s buttons begin'],
    ['packed', 'packed, the next free ones'],
    ['round', 'round numbers: 1 and every so many'],
    ['stride', 'in steps from an address on'],
  ];

  // In a long library the chart that was looked at may be on another page of the list.
  $effect(() => {
    const wanted = selection.chart;
    if (types.isSuccess && wanted && adding.search === '' && adding.typeId === wanted.typeId)
      if (!list.some((one) => one.id === wanted.typeId)) adding.search = wanted.name;
  });
  $effect(() => adding.keep());
  $effect(() => {
    adding.what = type && mode ? { typeId: type.id, mode: mode.key, name: baseOf(type.model) } : null;
  });
  $effect(() => {
    void [adding.wish, session.rig.version];
    const timer = setTimeout(() => void adding.ask(), 80);
    return () => clearTimeout(timer);
  });

  function leave() {
    adding.letGo();
    onDone();
  }

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const hung = await adding.take();
    if (!hung) return;
    selection.unit = hung.id;
    selection.universe = hung.universe;
    onDone();
  }
</script>

{#snippet wrong(field: string)}{#if problem?.at(field)}<span class="text-error text-[11.5px]" role="alert"
      >{problem.at(field)}</span
    >{/if}{/snippet}

<form class="pane rule grid grid-cols-2 gap-3 border-y px-4 py-3" onsubmit={add}>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">Fixture</span>
    {#if isLong}<input
        class="input h-7 w-full px-2"
        placeholder="Find in the library"
        aria-label="Find in the library"
        bind:value={adding.search}
      />{/if}
    <select
      class="select w-full"
      aria-label="Fixture"
      disabled={!!adding.twin}
      value={type?.id}
      onchange={(event) => (adding.typeId = event.currentTarget.value)}
    >
      {#each list as one (one.id)}<option value={one.id}>{one.maker} {one.model}</option>{/each}
    </select>
  </label>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">Mode</span>
    <select
      class="select w-full"
      disabled={!!adding.twin}
      value={mode?.key}
      onchange={(event) => (adding.modeKey = event.currentTarget.value)}
    >
      {#each modes as one (one.key)}<option value={one.key}>{one.name}, {one.channels} channels</option>{/each}
    </select>
    {@render wrong('mode')}
  </label>
  <div class="grid grid-cols-2 content-start gap-2">
    <label class="grid content-start gap-1"
      ><span class="dim text-[12px]">How many</span>
      <input
        class="input mono w-full"
        inputmode="numeric"
        bind:value={adding.count}
        aria-invalid={!!problem?.at('count')}
      />
    </label>
    <label class="grid content-start gap-1"
      ><span class="dim text-[12px]">At one address</span>
      <select
        class="select w-full"
        bind:value={adding.together}
        disabled={!!adding.twin}
        aria-label="How many share an address"
      >
        <option value="1">each its own</option>
        <option value="2">pairs</option>
        <option value="3">threes</option>
        <option value="4">fours</option>
        <option value={adding.count}>all of them</option>
      </select>
    </label>
    <span class="col-span-2">{@render wrong('count')}{@render wrong('together')}</span>
  </div>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">Name on the tape</span>
    <input
      class="input w-full"
      value={adding.base}
      oninput={(event) => (adding.name = event.currentTarget.value)}
      dir="auto"
      aria-invalid={!!problem?.at('name')}
    />
    {@render wrong('name')}
  </label>
  <div class="flex items-end gap-2">
    <label class="grid min-w-0 flex-1 content-start gap-1"
      ><span class="dim text-[12px]">Address</span>
      <select class="select w-full" bind:value={adding.twinOf}>
        <option value="">of their own</option>
        {#each session.rig.units as one (one.id)}<option value={one.id}>Twin of {one.name}, {one.place}</option>{/each}
      </select>
      {@render wrong('twinOf')}
    </label>
    {#if !adding.twin}<label class="grid w-[84px] content-start gap-1"
        ><span class="dim text-[12px]">from</span><input
          class="input mono w-full px-2"
          placeholder="free"
          aria-label="Address of the first"
          autocomplete="off"
          bind:value={adding.at}
          aria-invalid={!!problem?.at('at')}
        /></label
      >{/if}
  </div>
  {#if !adding.twin}
    <div class="flex items-end gap-2">
      <label class="grid min-w-0 flex-1 content-start gap-1"
        ><span class="dim text-[12px]">Spacing</span>
        <select class="select w-full" bind:value={adding.spacing}>
          {#each SPACINGS.filter(([key]) => key !== 'buttons' || hasButtons) as [key, words] (key)}<option value={key}
              >{words}</option
            >{/each}
        </select></label
      >
      {#if adding.spacing === 'round' || adding.spacing === 'stride'}<label class="grid gap-1"
          ><span class="dim text-[12px]">Step</span><input
            class="input mono w-14 px-2"
            inputmode="numeric"
            bind:value={adding.step}
          /></label
        >{/if}
      {#if adding.spacing === 'stride'}<label class="grid gap-1"
          ><span class="dim text-[12px]">From</span><input
            class="input mono w-14 px-2"
            inputmode="numeric"
            bind:value={adding.first}
          /></label
        >{/if}
    </div>
  {/if}
  <div class="col-span-2 grid gap-2">
    {#if adding.preview}<p class="text-[12.5px]" role="status">{adding.preview.sentence}</p>{/if}
    {#each adding.preview?.notes ?? [] as note (note)}<p class="text-warning text-[12.5px]">{note}</p>{/each}
    {@render wrong('at')}{@render wrong('step')}{@render wrong('first')}
    {#if problem && !problem.violations.length}<p class="text-error text-[12.5px]" role="alert">
        {problem.message}
      </p>{/if}
    {#if list.length === 0 && types.isSuccess}<p class="dim text-[12px]">
        No chart has channels yet: write one in Fixtures.
      </p>{/if}
    <div class="flex items-center gap-2">
      <button class="btn btn-primary" disabled={session.busy || !adding.wish}
        >{adding.twin ? 'Hang as twin' : 'Hang them'}</button
      >
      <button type="button" class="btn btn-quiet" onclick={leave}>Cancel</button>
    </div>
  </div>
  <p class="dim col-span-2 text-[11.5px]">
    Overhead: rated clamps, a secondary safety bond on each unit, and nobody below while you work. Local rules decide.
  </p>
</form>
