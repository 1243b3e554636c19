<script lang="ts">
  import { wordsOf } from '../api/errors';
  import ImportButton from './ImportButton.svelte';

  /** What the library holds of one kind: each can be opened, copied, exported and taken off. */
  let {
    kind,
    path,
    entries,
    open,
    stays,
    onOpen,
    onCopy,
    onNew,
    onTakeOff,
  }: {
    /** In words, as in "A new desk". */
    kind: string;
    /** Of the kind in the API, as in "/api/desks". */
    path: string;
    entries: readonly { id: string; name: string; words: string }[];
    /** Name of the one that is open. */
    open: string;
    /** What becomes of those in use when one is taken off. */
    stays: string;
    onOpen: (id: string) => unknown;
    onCopy: (id: string, name: string) => unknown;
    onNew: () => unknown;
    onTakeOff: (id: string) => Promise<unknown>;
  } = $props();
  let problem = $state<string | null>(null);

  async function takeOff(id: string) {
    try {
      await onTakeOff(id);
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
<button class="btn mb-2 w-full" onclick={onNew}>A new {kind}</button>
<ul class="grid gap-1">
  {#each entries as one (one.id)}
    <li class="entry" class:open={one.name === open}>
      <button class="block w-full min-w-0 cursor-pointer text-left" onclick={() => onOpen(one.id)}>
        <b class="block truncate font-[620]"><bdi>{one.name}</bdi></b>
        <span class="dim block text-[12px]">{one.words}</span>
      </button>
      {#if one.name === open}
        <span class="mt-1 flex flex-wrap gap-x-2.5 text-[12px]">
          <button class="link-repair" onclick={() => onCopy(one.id, `${one.name} copy`)}>Copy</button>
          <a class="link-repair" href="{path}/{one.id}/export" download>Export</a>
          <button class="link-repair" onclick={() => takeOff(one.id)}>Off the shelf</button>
        </span>
      {/if}
    </li>
  {:else}<li class="dim text-[12.5px]">No {kind} is described yet.</li>{/each}
</ul>
{#if problem}<p class="text-error mt-2 text-[12.5px]" role="alert">{problem}</p>{/if}
<p class="dim mt-3 text-[12px]">{stays}</p>

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
