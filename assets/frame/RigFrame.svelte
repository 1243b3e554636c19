<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { untrack, type Snippet } from 'svelte';
  import { answered, api } from '../api/client';
  import { ApiError } from '../api/errors';
  import { rigQuery, versionQuery } from '../api/queries';
  import { wake } from '../api/stream/listen';
  import type { Rig } from '../api/types';
  import { p, route } from '../state/navigation';
  import RigDesk from './RigDesk.svelte';

  let { children }: { children: Snippet } = $props();
  wake();
  const client = useQueryClient();
  const id = $derived(String(route.params.rig ?? ''));
  const rig = createQuery(() => rigQuery(id));
  const version = createQuery(() => versionQuery(id));

  $effect(() => {
    const newest = version.data?.version;
    const mine = untrack(() => rig.data?.version);
    // An earlier one too: a backup may have been brought back.
    if (newest !== undefined && mine !== undefined && newest !== mine)
      void client.invalidateQueries({ queryKey: ['rig', id] });
  });

  const gone = $derived(
    [rig.error, version.error].find((error): error is ApiError => error instanceof ApiError && error.status === 404),
  );

  async function bringBack() {
    await answered(api.POST('/api/wastebasket/{kind}/{id}/bring-back', { params: { path: { kind: 'rig', id } } }));
    await client.invalidateQueries();
  }
</script>

{#if gone}
  <main class="mx-auto max-w-[480px] p-10">
    {#if gone.type === 'thrown_away'}
      <h1>This rig is in the wastebasket</h1>
      <p class="dim my-3">It was thrown away, perhaps in another window. It can come back whole, with its history.</p>
      <button class="btn btn-primary" onclick={bringBack}>Bring it back</button>
      <a class="btn btn-quiet" href={p('/rigs')}>To the list of rigs</a>
    {:else}
      <h1>This rig is not there any more</h1>
      <p class="dim my-3">It was deleted for good, perhaps in another window.</p>
      <a class="btn btn-primary" href={p('/rigs')}>To the list of rigs</a>
    {/if}
  </main>
{:else if rig.data}
  {#key id}
    <RigDesk {id} rig={() => rig.data as Rig} {children} />
  {/key}
{/if}
