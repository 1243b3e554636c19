<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { wordsOf } from '../../api/errors';
  import { desksQuery, keys } from '../../api/queries';
  import ImportButton from '../../components/ImportButton.svelte';

  /** The desks of the library. */
  let {
    onOpen,
    onCopy,
    onNew,
    open,
  }: {
    onOpen: (id: string) => void;
    onCopy: (id: string, name: string) => void;
    onNew: () => void;
    open: string;
  } = $props();
  const client = useQueryClient();
  const desks = createQuery(() => desksQuery());
  let problem = $state<string | null>(null);

  async function takeOff(id: string) {
    try {
      client.setQueryData(keys.desks, await answered(api.POST('/api/desks/{id}/shelve', { params: { path: { id } } })));
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
<button class="btn mb-2 w-full" onclick={onNew}>A new desk</button>
<ul class="grid gap-1">
  {#each desks.data?.desks ?? [] as one (one.id)}
    <li class="entry" class:open={one.name === open}>
      <button class="block w-full min-w-0 cursor-pointer text-left" onclick={() => onOpen(one.id)}>
        <b class="block truncate font-[620]"><bdi>{one.name}</bdi></b>
        <span class="dim block text-[12px]">{one.words}</span>
      </button>
      {#if one.name === open}
        <span class="mt-1 flex flex-wrap gap-x-2.5 text-[12px]">
          <button class="link-repair" onclick={() => onCopy(one.id, `${one.name} copy`)}>Copy</button>
          <a class="link-repair" href="/api/desks/{one.id}/export" download>Export</a>
          <button class="link-repair" onclick={() => takeOff(one.id)}>Off the shelf</button>
        </span>
      {/if}
    </li>
  {:else}<li class="dim text-[12.5px]">No desk is described yet.</li>{/each}
</ul>
{#if problem}<p class="text-error mt-2 text-[12.5px]" role="alert">{problem}</p>{/if}
<p class="dim mt-3 text-[12px]">A desk that is taken off the shelf stays with the rigs that are played on it.</p>

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
