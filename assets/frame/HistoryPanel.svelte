<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { changesQuery } from '../api/queries';
  import { useRig } from '../state/rig.svelte';

  let { onClose }: { onClose: () => void } = $props();
  const session = useRig();
  const changes = createQuery(() => changesQuery(session.id, session.rig.version));
  let search = $state('');
  const shown = $derived(
    (changes.data?.changes ?? []).filter((one) => one.sentence.toLowerCase().includes(search.toLowerCase())),
  );
  const time = (at: string) =>
    new Date(at).toLocaleString(undefined, { month: 'short', day: 'numeric', hour: '2-digit', minute: '2-digit' });
</script>

<aside class="pane rule absolute top-0 right-0 bottom-0 z-20 flex w-[340px] flex-col border-l" aria-label="History">
  <div class="flex items-center gap-2 p-3">
    <h2 class="flex-1">History</h2>
    <button class="btn btn-quiet" onclick={onClose}>Close</button>
  </div>
  <div class="px-3 pb-2">
    <input class="input w-full px-2" placeholder="Find a change" aria-label="Find a change" bind:value={search} />
  </div>
  <ol class="scroll flex-1 px-3 pb-3">
    {#each shown as change (change.number)}
      <li class="rule border-t py-2 text-[12.5px]" class:dim={change.undone}>
        <span class:line-through={change.undone}>{change.sentence}</span>
        <span class="dim block text-[11.5px]">{time(change.at)}{change.undone ? ' · undone' : ''}</span>
      </li>
    {:else}
      <li class="dim text-[12.5px]">{search ? 'No change says that.' : 'Nothing has been changed yet.'}</li>
    {/each}
  </ol>
</aside>
