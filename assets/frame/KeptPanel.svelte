<script lang="ts">
  import { plural } from '../lib/words';
  import { rigOf } from '../api/writes';
  import { STAGES } from '../lib/stages';
  import { drafts, type Draft } from '../state/drafts.svelte';
  import { outbox, type Kept } from '../api/outbox.svelte';
  import { useRig } from '../state/rig.svelte';

  /** What this browser keeps: changes on their way, changes that were refused while nobody looked, and what was typed and not taken. */
  let { onClose }: { onClose: () => void } = $props();
  const session = useRig();
  const time = (at: number) => new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

  function again(kept: Kept) {
    outbox.again(kept, rigOf(kept.url) === session.id ? session.rig.version : null);
  }

  const words = (draft: Draft) => draft.words ?? draft.text;

  function where(draft: Draft): string {
    const key = draft.path.split('/')[3];
    return STAGES.find((one) => one.key === key)?.name ?? 'Rigs';
  }
</script>

<aside class="pane rule absolute top-0 right-0 bottom-0 z-20 flex w-[360px] flex-col border-l" aria-label="Kept here">
  <div class="flex items-center gap-2 p-3">
    <h2 class="flex-1">Kept in this browser</h2>
    <button class="btn btn-quiet" onclick={onClose}>Close</button>
  </div>
  <div class="scroll flex-1 px-3 pb-3 text-[12.5px]">
    {#if outbox.waiting.length}
      <h3 class="mt-1">On the way</h3>
      <p class="dim mb-1">
        Kept here, {outbox.waiting.length === 1 ? 'goes' : 'go'} out when the server is back, in this order.
      </p>
      <ol>
        {#each outbox.waiting as kept (kept.key)}
          <li class="rule border-t py-2">
            <bdi>{kept.words}</bdi><span class="dim block text-[11.5px]">{time(kept.at)}</span>
          </li>
        {/each}
      </ol>
    {/if}
    {#if outbox.refused.length}
      <h3 class="mt-3">Not taken</h3>
      <ul>
        {#each outbox.refused as kept (kept.key)}
          <li class="rule border-t py-2">
            <bdi>{kept.words}</bdi><span class="dim block text-[11.5px]">{time(kept.at)}</span>
            <span class="text-error block">{kept.refused}</span>
            <span class="flex gap-3"
              ><button class="link-repair" onclick={() => again(kept)}>Try it on the rig as it is now</button>
              <button class="link-repair" onclick={() => outbox.drop(kept)}>Let it go</button></span
            >
          </li>
        {/each}
      </ul>
    {/if}
    {#if drafts.open.length}
      <h3 class="mt-3">Typed, not taken yet</h3>
      <ul>
        {#each drafts.open as draft (draft.key)}
          <li class="rule border-t py-2">
            <span class="dim">{draft.label}</span>
            <bdi class="block truncate">{words(draft).split('\n')[0]}</bdi>
            {#if words(draft).includes('\n')}<span class="dim">{plural(words(draft).split('\n').length, 'line')}</span
              >{/if}
            <span class="flex gap-3"
              ><a class="link-repair" href={draft.path} onclick={onClose}>Go there ({where(draft)})</a>
              <button class="link-repair" onclick={() => drafts.drop(draft.key)}>Let it go</button></span
            >
          </li>
        {/each}
      </ul>
    {/if}
    {#if !outbox.entries.length && !drafts.open.length}<p class="dim">
        Nothing is kept: all that was typed is taken.
      </p>{/if}
  </div>
</aside>
