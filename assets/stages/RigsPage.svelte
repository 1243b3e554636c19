<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../api/client';
  import { ApiError, wordsOf } from '../api/errors';
  import { keys, rigsQuery } from '../api/queries';
  import type { RigLine } from '../api/types';
  import ImportButton from '../components/ImportButton.svelte';
  import Tape from '../components/Tape.svelte';
  import { connection } from '../state/connection.svelte';
  import { theme } from '../state/theme.svelte';
  import Banner from '../frame/Banner.svelte';
  import { plural } from '../lib/words';
  import { navigate, p } from '../router';

  const client = useQueryClient();
  const rigs = createQuery(() => rigsQuery());
  let name = $state('');
  let venue = $state('');
  let problem = $state<ApiError | null>(null);
  let failed = $state<string | null>(null);
  let leaving = $state<string | null>(null);

  async function create(event: SubmitEvent) {
    event.preventDefault();
    try {
      const rig = await answered(api.POST('/api/rigs', { body: { name, venue } }));
      await client.invalidateQueries({ queryKey: keys.rigs });
      await navigate('/rigs/:rig/fixtures', { params: { rig: rig.id } });
    } catch (error) {
      problem = error instanceof ApiError ? error : new ApiError(0, { detail: wordsOf(error) });
    }
  }

  async function remove(rig: RigLine) {
    try {
      await answered(api.DELETE('/api/rigs/{id}', { params: { path: { id: rig.id } } }));
      failed = null;
    } catch (error) {
      failed = wordsOf(error);
    }
    leaving = null;
    await client.invalidateQueries({ queryKey: keys.rigs });
  }
</script>

<svelte:head><title>Rigger</title></svelte:head>
<div class="scroll h-full">
  {#if connection.away}<Banner words={connection.away} />{/if}
  <main class="mx-auto grid max-w-[980px] gap-6 px-6 py-8">
    <div class="flex items-center gap-3">
      <div class="flex-1">
        <h1 class="text-[20px]">Rigs</h1>
        <p class="dim text-[12.5px]">What hangs, where it listens, and what each fader does.</p>
      </div>
      <ImportButton />
      <button class="btn btn-quiet" onclick={() => theme.toggle()}
        >{theme.name === 'booth' ? 'Daylight' : 'Dark'} theme</button
      >
    </div>
    {#if failed}<p class="text-error" role="alert">{failed}</p>{/if}
    <ul class="grid gap-3">
      {#each rigs.data?.rigs ?? [] as rig (rig.id)}
        <li class="pane rule grid gap-2 rounded-md border p-4">
          <div class="flex items-baseline gap-3">
            <a class="text-[15px] font-[640] hover:underline" href={p('/rigs/:rig/desk', { params: { rig: rig.id } })}
              ><bdi>{rig.name}</bdi></a
            >
            <span class="dim flex-1 text-[12.5px]"
              ><bdi>{rig.venue}</bdi> · {plural(rig.tape.length, 'fixture')}{rig.desk ? ` · ${rig.desk}` : ''}</span
            >
            <a
              class="btn btn-primary h-7"
              href={p('/rigs/:rig/desk', { params: { rig: rig.id } })}
              aria-label="Open {rig.name}">Open</a
            >
            <a class="btn btn-quiet h-7" href="/api/rigs/{rig.id}/export" download>Export</a>
            {#if leaving === rig.id}
              <span class="text-[12.5px]">Delete it with its patch and looks?</span>
              <button class="btn h-7" onclick={() => remove(rig)}>Delete for good</button>
              <button class="btn btn-quiet h-7" onclick={() => (leaving = null)}>Keep it</button>
            {:else}
              <button class="btn btn-quiet h-7" onclick={() => (leaving = rig.id)} aria-label="Delete {rig.name}"
                >Delete</button
              >
            {/if}
          </div>
          <div class="flex flex-wrap gap-1.5">
            {#each rig.tape.slice(0, 24) as tape, index (index)}<Tape name={tape} />{/each}
            {#if rig.tape.length > 24}<span class="dim text-[12px]">and {rig.tape.length - 24} more</span>{/if}
          </div>
        </li>
      {:else}
        {#if rigs.isSuccess}<li class="dim">No rig yet. Make one below, or import one.</li>{/if}
      {/each}
    </ul>
    <form class="pane rule grid grid-cols-[1fr_1fr_auto] items-start gap-3 rounded-md border p-4" onsubmit={create}>
      <h2 class="col-span-3">New rig</h2>
      <label class="grid content-start gap-1"
        ><span class="dim text-[12px]">Show</span>
        <input class="input w-full" bind:value={name} aria-invalid={!!problem?.at('name')} dir="auto" />
        {#if problem?.at('name')}<span class="text-error text-[11.5px]" role="alert">{problem.at('name')}</span>{/if}
      </label>
      <label class="grid content-start gap-1"
        ><span class="dim text-[12px]">Venue</span>
        <input class="input w-full" bind:value={venue} aria-invalid={!!problem?.at('venue')} dir="auto" />
        {#if problem?.at('venue')}<span class="text-error text-[11.5px]" role="alert">{problem.at('venue')}</span>{/if}
      </label>
      <button class="btn btn-primary mt-[21px]">Make the rig</button>
      {#if problem && !problem.violations.length}<p class="text-error col-span-3" role="alert">
          {problem.message}
        </p>{/if}
    </form>
  </main>
</div>
