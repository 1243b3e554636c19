<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import type { ApiError } from '../../api/errors';
  import { typesQuery } from '../../api/queries';
  import { addressText } from '../../lib/address';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';

  let { onDone }: { onDone: () => void } = $props();
  const session = useRig();
  let search = $state('');
  const types = createQuery(() => ({ ...typesQuery(search), placeholderData: (before) => before }));
  const isLong = $derived(search !== '' || (types.data?.total ?? 0) > 12);
  const list = $derived((types.data?.types ?? []).filter((one) => one.modes.some((mode) => mode.channels > 0)));

  let typeId = $state('');
  let modeKey = $state('');
  let count = $state('1');
  let name = $state<string | null>(null);
  let twinOf = $state('');
  let atButtons = $state(true);
  let problem = $state<ApiError | null>(null);

  const type = $derived(list.find((one) => one.id === typeId) ?? list[0]);
  const modes = $derived((type?.modes ?? []).filter((one) => one.channels > 0));
  const mode = $derived(modes.find((one) => one.key === modeKey) ?? modes[0]);
  const twin = $derived(session.rig.fixtures.find((one) => one.id === twinOf));
  const hasButtons = $derived((session.rig.desk?.starts.length ?? 0) > 0);
  const base = $derived(name ?? (twin ? twin.name.replace(/\s+\d+$/, '') : (type?.model.replace(/\s+\d+$/, '') ?? '')));

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const before = new Set(session.rig.fixtures.map((one) => one.id));
    problem = await session.write(
      (version) =>
        answered(
          api.POST('/api/rigs/{rig}/fixtures', {
            params: { path: { rig: session.id } },
            body: {
              version,
              typeId: twin?.typeId ?? type?.id ?? '',
              mode: twin?.mode ?? mode?.key ?? '',
              count: Number(count),
              name: base,
              atButtons: atButtons && hasButtons,
              twinOf: twin ? twin.id : null,
            },
          }),
        ),
      true,
    );
    if (problem) return;
    selection.fixture = session.rig.fixtures.find((one) => !before.has(one.id))?.id ?? null;
    onDone();
  }
</script>

<form class="pane rule grid grid-cols-2 gap-3 border-y px-4 py-3" onsubmit={add}>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">Fixture</span>
    {#if isLong}<input
        class="input h-7 w-full px-2"
        placeholder="Find in the library"
        aria-label="Find in the library"
        bind:value={search}
      />{/if}
    <select
      class="select w-full"
      disabled={!!twin}
      value={type?.id}
      onchange={(event) => (typeId = event.currentTarget.value)}
    >
      {#each list as one (one.id)}<option value={one.id}>{one.maker} {one.model}</option>{/each}
    </select>
  </label>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">Mode</span>
    <select
      class="select w-full"
      disabled={!!twin}
      value={mode?.key}
      onchange={(event) => (modeKey = event.currentTarget.value)}
    >
      {#each modes as one (one.key)}<option value={one.key}>{one.name}, {one.channels} channels</option>{/each}
    </select>
    {#if problem?.at('mode')}<span class="text-error text-[11.5px]" role="alert">{problem.at('mode')}</span>{/if}
  </label>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">How many</span>
    <input class="input mono w-full" inputmode="numeric" bind:value={count} aria-invalid={!!problem?.at('count')} />
    {#if problem?.at('count')}<span class="text-error text-[11.5px]" role="alert">{problem.at('count')}</span>{/if}
  </label>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">Name on the tape</span>
    <input
      class="input w-full"
      value={base}
      oninput={(event) => (name = event.currentTarget.value)}
      dir="auto"
      aria-invalid={!!problem?.at('name')}
    />
    {#if problem?.at('name')}<span class="text-error text-[11.5px]" role="alert">{problem.at('name')}</span>{/if}
  </label>
  <label class="grid content-start gap-1"
    ><span class="dim text-[12px]">Address</span>
    <select class="select w-full" bind:value={twinOf}>
      <option value="">The next free ones</option>
      {#each session.rig.fixtures as one (one.id)}<option value={one.id}
          >Twin of {one.name}, {addressText(one.universe, one.address)}</option
        >{/each}
    </select>
  </label>
  {#if hasButtons && !twin}
    <label class="flex items-center gap-2 self-end pb-1.5 text-[12.5px]"
      ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={atButtons} /> Where the desk's buttons begin</label
    >
  {/if}
  <div class="col-span-2 flex items-center gap-2">
    <button class="btn btn-primary" disabled={session.busy || (!type && !twin)}
      >{twin ? 'Hang as twin' : 'Hang them'}</button
    >
    <button type="button" class="btn btn-quiet" onclick={onDone}>Cancel</button>
    {#if list.length === 0 && types.isSuccess}<span class="dim text-[12px]"
        >No chart has channels yet: write one in Fixtures.</span
      >{/if}
    {#if problem && !problem.violations.length}<span class="text-error text-[12px]" role="alert">{problem.message}</span
      >{/if}
  </div>
  <p class="dim col-span-2 text-[11.5px]">
    Overhead: rated clamps, a secondary safety bond on each unit, and nobody below while you work. Local rules decide.
  </p>
</form>
