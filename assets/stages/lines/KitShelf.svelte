<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { wordsOf } from '../../api/errors';
  import { keys, kitsQuery } from '../../api/queries';
  import ImportButton from '../../components/ImportButton.svelte';
  import type { DescribingKit } from '../../state/describingKit.svelte';

  /** The radio kits of the library. */
  let { describing }: { describing: DescribingKit } = $props();
  const client = useQueryClient();
  const kits = createQuery(() => kitsQuery());
  let problem = $state<string | null>(null);

  async function takeOff(id: string) {
    try {
      client.setQueryData(keys.kits, await answered(api.POST('/api/kits/{id}/shelve', { params: { path: { id } } })));
      problem = null;
    } catch (error) {
      problem = wordsOf(error);
    }
  }
</script>

<div class="mb-2 flex items-center gap-1.5">
  <h3 class="flex-1">On the shelf</h3>
  <ImportButton />
</div>
<button class="btn mb-2 w-full" onclick={() => describing.startBlank()}>A new kit</button>
<ul class="grid gap-1">
  {#each kits.data?.kits ?? [] as one (one.id)}
    <li class="entry" class:open={one.name === describing.name}>
      <button class="block w-full min-w-0 cursor-pointer text-left" onclick={() => describing.startFrom(one.id)}>
        <b class="block truncate font-[620]"><bdi>{one.name}</bdi></b>
        <span class="dim block text-[12px]">{one.words}</span>
      </button>
      {#if one.name === describing.name}
        <span class="mt-1 flex flex-wrap gap-x-2.5 text-[12px]">
          <button class="link-repair" onclick={() => describing.startFrom(one.id, `${one.name} copy`)}>Copy</button>
          <a class="link-repair" href="/api/kits/{one.id}/export" download>Export</a>
          <button class="link-repair" onclick={() => takeOff(one.id)}>Off the shelf</button>
        </span>
      {/if}
    </li>
  {:else}<li class="dim text-[12.5px]">No radio kit is described yet.</li>{/each}
</ul>
{#if problem}<p class="text-error mt-2 text-[12.5px]" role="alert">{problem}</p>{/if}
<p class="dim mt-3 text-[12px]">A kit that is taken off the shelf stays with the links that are of it.</p>

<style>
  .entry {
    padding: 6px 8px;
    border: 1px solid transparent;
    border-radius: 5px;
  }
  .entry:hover,
  .open {
    border-color: var(--line);
    background: var(--color-base-300);
  }
</style>
