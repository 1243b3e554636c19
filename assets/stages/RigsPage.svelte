<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../api/client';
  import { ApiError, wordsOf } from '../api/errors';
  import { keys, rigsQuery } from '../api/queries';
  import type { RigLine } from '../api/types';
  import ImportButton from '../components/ImportButton.svelte';
  import Tape from '../components/Tape.svelte';
  import { kept } from '../state/kept';
  import { unique } from '../lib/unique';
  import { plural } from '../lib/words';
  import { navigate, p } from '../state/navigation';
  import { drafts } from '../state/drafts.svelte';
  import KeepingFrame from './keeping/KeepingFrame.svelte';

  const client = useQueryClient();
  const rigs = createQuery(() => rigsQuery());
  const venues = $derived(unique((rigs.data?.rigs ?? []).map((one) => one.venue)));
  let name = $state('');
  let venue = $state('');
  let problem = $state<ApiError | null>(null);
  let failed = $state<string | null>(null);
  let thrown = $state<RigLine | null>(null);

  async function create(event: SubmitEvent) {
    event.preventDefault();
    try {
      const rig = await answered(api.POST('/api/rigs', { body: { name, venue } }));
      drafts.dropAll('new-rig.');
      await client.invalidateQueries({ queryKey: keys.rigs });
      await navigate('/rigs/:rig/patch', { params: { rig: rig.id } });
    } catch (error) {
      problem = error instanceof ApiError ? error : new ApiError(0, { detail: wordsOf(error) });
    }
  }

  async function duplicate(rig: RigLine) {
    try {
      await answered(api.POST('/api/rigs/{id}/duplicate', { params: { path: { id: rig.id } } }));
      failed = null;
    } catch (error) {
      failed = wordsOf(error);
    }
    await client.invalidateQueries({ queryKey: keys.rigs });
  }

  async function throwAway(rig: RigLine) {
    try {
      await answered(api.DELETE('/api/rigs/{id}', { params: { path: { id: rig.id } } }));
      [failed, thrown] = [null, rig];
    } catch (error) {
      failed = wordsOf(error);
    }
    await Promise.all([keys.rigs, keys.wastebasket].map((queryKey) => client.invalidateQueries({ queryKey })));
  }

  async function bringBack(rig: RigLine) {
    const path = { kind: 'rig' as const, id: rig.id };
    try {
      await answered(api.POST('/api/wastebasket/{kind}/{id}/bring-back', { params: { path } }));
      [failed, thrown] = [null, null];
    } catch (error) {
      failed = wordsOf(error);
    }
    await Promise.all([keys.rigs, keys.wastebasket].map((queryKey) => client.invalidateQueries({ queryKey })));
  }
</script>

<KeepingFrame title="Rigs" words="What hangs, where it listens, and what each fader does.">
  {#snippet actions()}<ImportButton />{/snippet}
  {#if failed}<p class="text-error" role="alert">{failed}</p>{/if}
  {#if thrown}<p class="rule flex items-baseline gap-3 rounded border px-3 py-2 text-[12.5px]" role="status">
      <span class="flex-1"><bdi>{thrown.name}</bdi> is in the wastebasket, whole, with its history.</span>
      <button class="link-repair" onclick={() => thrown && bringBack(thrown)}>Bring it back</button>
    </p>{/if}
  <ul class="grid gap-3">
    {#each rigs.data?.rigs ?? [] as rig (rig.id)}
      <li class="pane rule grid gap-2 rounded-md border p-4">
        <div class="flex flex-wrap items-baseline gap-3">
          <a
            class="text-[15px] font-[640] hover:underline"
            href={p(rig.tape.length ? '/rigs/:rig/desk' : '/rigs/:rig/patch', { params: { rig: rig.id } })}
            ><bdi>{rig.name}</bdi></a
          >
          <span class="dim flex-[1_1_240px] text-[12.5px]"
            ><bdi>{rig.venue}</bdi> · {plural(rig.tape.length, 'unit')}{rig.desk ? ` · ${rig.desk}` : ''}</span
          >
          <a
            class="btn btn-primary h-7"
            href={p(rig.tape.length ? '/rigs/:rig/desk' : '/rigs/:rig/patch', { params: { rig: rig.id } })}
            aria-label="Open {rig.name}">Open</a
          >
          <a class="btn btn-quiet h-7" href="/api/rigs/{rig.id}/export" download>Export</a>
          <button class="btn btn-quiet h-7" onclick={() => duplicate(rig)} aria-label="Duplicate {rig.name}"
            >Duplicate</button
          >
          <button class="btn btn-quiet h-7" onclick={() => throwAway(rig)} aria-label="Throw {rig.name} away"
            >Throw away</button
          >
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
  {#if venues.length}
    <p class="dim flex flex-wrap items-baseline gap-x-3 text-[12.5px]">
      Export the venue, with all its rigs, charts and desks:
      {#each venues as one (one)}<a
          class="link-repair"
          href="/api/venues/export?venue={encodeURIComponent(one)}"
          download><bdi>{one}</bdi></a
        >{/each}
    </p>
  {/if}
  <form class="pane rule grid grid-cols-[1fr_1fr_auto] items-start gap-3 rounded-md border p-4" onsubmit={create}>
    <h2 class="col-span-3">New rig</h2>
    <label class="grid content-start gap-1"
      ><span class="dim text-[12px]">Show</span>
      <input
        class="input w-full"
        bind:value={name}
        {@attach kept(
          'new-rig.name',
          'Show of a new rig',
          () => name,
          (text) => (name = text),
        )}
        aria-invalid={!!problem?.at('name')}
        dir="auto"
      />
      {#if problem?.at('name')}<span class="text-error text-[11.5px]" role="alert">{problem.at('name')}</span>{/if}
    </label>
    <label class="grid content-start gap-1"
      ><span class="dim text-[12px]">Venue</span>
      <input
        class="input w-full"
        bind:value={venue}
        {@attach kept(
          'new-rig.venue',
          'Venue of a new rig',
          () => venue,
          (text) => (venue = text),
        )}
        aria-invalid={!!problem?.at('venue')}
        dir="auto"
      />
      {#if problem?.at('venue')}<span class="text-error text-[11.5px]" role="alert">{problem.at('venue')}</span>{/if}
    </label>
    <button class="btn btn-primary mt-[21px]">Make the rig</button>
    {#if problem && !problem.violations.length}<p class="text-error col-span-3" role="alert">
        {problem.message}
      </p>{/if}
  </form>
</KeepingFrame>
