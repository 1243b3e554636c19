<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { wordsOf } from '../../api/errors';
  import { keys, wastebasketQuery } from '../../api/queries';
  import type { Thrown } from '../../api/types';
  import Tape from '../../components/Tape.svelte';
  import { plural } from '../../lib/words';
  import KeepingFrame from './KeepingFrame.svelte';

  const client = useQueryClient();
  const basket = createQuery(() => wastebasketQuery());
  const thrown = $derived(basket.data?.thrown ?? []);
  let problem = $state<string | null>(null);
  let asking = $state(false);
  const KINDS: Record<string, string> = { rig: 'rig', chart: 'chart', desk: 'desk', kit: 'radio kit' };
  const moment = (at: string) => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

  async function work(call: () => ReturnType<typeof emptied>) {
    try {
      const after = await call();
      await client.invalidateQueries();
      client.setQueryData(keys.wastebasket, after);
      problem = null;
    } catch (error) {
      problem = wordsOf(error);
    }
    asking = false;
  }
  const emptied = () => answered(api.POST('/api/wastebasket/empty', {}));
  const brought = (one: Thrown) =>
    answered(
      api.POST('/api/wastebasket/{kind}/{id}/bring-back', {
        params: { path: { kind: one.kind as 'rig', id: one.id } },
      }),
    );
</script>

<KeepingFrame
  title="Wastebasket"
  words="What was thrown away stays here, whole, until somebody empties the wastebasket."
>
  {#snippet actions()}
    {#if asking}
      <span class="text-[12.5px]">Delete {plural(thrown.length, 'thing')} for good?</span>
      <button class="btn" onclick={() => work(emptied)}>Delete for good</button>
      <button class="btn btn-quiet" onclick={() => (asking = false)}>Keep them</button>
    {:else if thrown.length}<button class="btn" onclick={() => (asking = true)}>Empty the wastebasket</button>{/if}
  {/snippet}
  {#if problem}<p class="text-error" role="alert">{problem}</p>{/if}
  {#each basket.data?.kept ?? [] as words (words)}<p class="dim text-[12.5px]" role="status">{words}</p>{/each}
  <ul class="grid gap-2" aria-label="Thrown away">
    {#each thrown as one (one.id)}
      <li class="pane rule flex flex-wrap items-center gap-3 rounded-md border px-4 py-3">
        <Tape name={one.name} />
        <span class="dim flex-[1_1_240px] text-[12.5px]"
          >{KINDS[one.kind] ?? one.kind} · {one.holds} · thrown away {moment(one.thrownAt)}</span
        >
        <button class="btn h-7" onclick={() => work(() => brought(one))} aria-label="Bring {one.name} back"
          >Bring it back</button
        >
      </li>
    {:else}
      {#if basket.isSuccess}<li class="dim">It is empty.</li>{/if}
    {/each}
  </ul>
</KeepingFrame>
