<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { answered, api } from '../../api/client';
  import { ApiError, wordsOf } from '../../api/errors';
  import { typesQuery } from '../../api/queries';
  import { numberOf } from '../../lib/numbers';
  import { baseOf, figure, plural } from '../../lib/words';
  import { useBench } from '../../state/bench.svelte';
  import { p, navigate } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';
  import CoverDrawing from './CoverDrawing.svelte';

  /** How many units cover a wall, a stage or a front, with the picture of it; taken over they hang on the plan. */
  const session = useRig();
  untrack(() => useBench().leave());
  let typed = $state({ beam: '25', throw: '3', width: '6', overlap: '20', centre: '0', y: '0', height: '3' });
  let typeId = $state('');
  let modeKey = $state('');
  let name = $state<string | null>(null);
  let problem = $state<ApiError | null>(null);
  const asked = $derived({
    beam: numberOf(typed.beam),
    throw: numberOf(typed.throw),
    width: numberOf(typed.width),
    overlap: numberOf(typed.overlap) / 100,
  });
  const cover = createQuery(() => ({
    queryKey: ['cover', asked],
    placeholderData: (before) => before,
    retry: false,
    queryFn: () => answered(api.POST('/api/cover', { body: asked })),
  }));
  const refused = $derived(cover.error instanceof ApiError ? cover.error : null);
  const types = createQuery(() => typesQuery(''));
  const list = $derived((types.data?.types ?? []).filter((one) => one.modes.some((mode) => mode.channels > 0)));
  const type = $derived(list.find((one) => one.id === typeId) ?? list[0]);
  const modes = $derived((type?.modes ?? []).filter((one) => one.channels > 0));
  const mode = $derived(modes.find((one) => one.key === modeKey) ?? modes[0]);
  const called = $derived(name ?? (type ? baseOf(type.model) : ''));
  const FIELDS = [
    ['beam', 'Beam angle, °'],
    ['throw', 'Throw to it, m'],
    ['width', 'Width to cover, m'],
    ['overlap', 'Overlap, %'],
  ] as const;
  const WHERE = [
    ['centre', 'Right of centre, m'],
    ['y', 'Upstage, m'],
    ['height', 'Above the floor, m'],
  ] as const;
  /** What is said of a field, by the form or by the change. */
  const wrong = (key: string) => refused?.at(key) ?? problem?.at(key);

  async function hang(event: SubmitEvent) {
    event.preventDefault();
    if (!type || !mode) return;
    problem = await session.change(
      {
        do: 'cover-width',
        type: type.id,
        mode: mode.key,
        name: called,
        ...asked,
        centre: numberOf(typed.centre),
        y: numberOf(typed.y),
        height: typed.height.trim() === '' ? null : numberOf(typed.height),
      },
      true,
    );
    if (!problem) void navigate('/rigs/:rig/patch', { params: { rig: session.id } });
  }
</script>

{#snippet field(key: keyof typeof typed, label: string)}
  <label class="grid gap-0.5"
    ><span class="dim">{label}</span>
    <input class="input mono h-8" inputmode="decimal" bind:value={typed[key]} />
    {#if wrong(key)}<span class="text-error text-[11.5px]" role="alert">{wrong(key)}</span>{/if}
  </label>
{/snippet}

<svelte:head><title>How many cover it · {session.rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[300px_minmax(0,1fr)] max-[760px]:block max-[760px]:overflow-auto">
  <form
    class="pane rule scroll grid grid-cols-2 content-start gap-x-2.5 gap-y-2 border-r p-4 text-[12.5px]"
    onsubmit={hang}
  >
    <h2 class="col-span-2 mb-1">How many cover it</h2>
    {#each FIELDS as [key, label] (key)}{@render field(key, label)}{/each}
    <h3 class="rule col-span-2 mt-1 border-t pt-3">Hang them</h3>
    <label class="col-span-2 grid gap-0.5"
      ><span class="dim">Fixture</span>
      <select class="select h-8" value={type?.id} onchange={(event) => (typeId = event.currentTarget.value)}>
        {#each list as one (one.id)}<option value={one.id}>{one.maker} {one.model}</option>{:else}<option value=""
            >none on the shelf</option
          >{/each}
      </select></label
    >
    <label class="grid gap-0.5"
      ><span class="dim">Mode</span>
      <select class="select h-8" value={mode?.key} onchange={(event) => (modeKey = event.currentTarget.value)}>
        {#each modes as one (one.key)}<option value={one.key}>{one.name}</option>{/each}
      </select></label
    >
    <label class="grid gap-0.5"
      ><span class="dim">Called</span>
      <input class="input h-8" dir="auto" value={called} oninput={(event) => (name = event.currentTarget.value)} />
      {#if problem?.at('name')}<span class="text-error text-[11.5px]" role="alert">{problem.at('name')}</span>{/if}
    </label>
    {#each WHERE as [key, label] (key)}{@render field(key, label)}{/each}
    {#if problem && ![...FIELDS, ...WHERE].some(([key]) => problem?.at(key)) && !problem.at('name')}<p
        class="text-error col-span-2"
        role="alert"
      >
        {problem.message}
      </p>{/if}
    <div class="col-span-2 mt-1 flex flex-wrap gap-2">
      <button class="btn btn-primary" disabled={session.busy || !type || !cover.data}
        >Hang {plural(cover.data?.count ?? 0, 'unit')}</button
      >
      <a class="btn btn-quiet" href={p('/rigs/:rig/lines', { params: { rig: session.id } })}>Back to Lines</a>
    </div>
  </form>
  <section class="scroll p-5" aria-label="The picture of it">
    {#if cover.data}
      <p class="mb-3 text-[15px]" role="status">
        <b class="font-[620]">{plural(cover.data.count, 'unit')}</b>
        {cover.data.spacing == null ? 'covers it' : `cover it, ${figure(cover.data.spacing)} m from one to the next`}: a
        beam is {figure(cover.data.diameter)} m wide there.
      </p>
      <CoverDrawing cover={cover.data} width={asked.width} distance={asked.throw} />
      <p class="dim mt-3 max-w-[560px] text-[12.5px]">
        A planning figure: beams are brightest in the middle, and the maker's angle counts to half of that. Overhead,
        each unit takes its clamp and a second bond.
      </p>
    {:else if cover.error && !refused?.violations.length}<p class="text-error" role="alert">
        {wordsOf(cover.error)}
      </p>{/if}
  </section>
</main>
