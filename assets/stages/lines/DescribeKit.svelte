<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { kitsQuery } from '../../api/queries';
  import { useBench } from '../../state/bench.svelte';
  import { DescribingKit } from '../../state/describingKit.svelte';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';
  import KitAnswers from './KitAnswers.svelte';
  import KitShelf from './KitShelf.svelte';

  /** Any radio kit, described by what its maker's leaflet says. */
  const session = useRig();
  untrack(() => useBench().leave());
  const kits = createQuery(() => kitsQuery());
  const describing = new DescribingKit(useQueryClient());
  untrack(() => session.rig.links[0] && void describing.startFrom(session.rig.links[0].kitId));

  $effect(() => {
    // With every answer the whole is checked anew.
    void JSON.stringify(describing.document);
    untrack(() => describing.keepDraft());
    const timer = setTimeout(() => void describing.ask(), 90);
    return () => clearTimeout(timer);
  });
  const replaces = $derived((kits.data?.kits ?? []).find((one) => one.name === describing.name.trim()));
  const isSound = $derived(
    describing.check?.problems.length === 0 && describing.name.trim() !== '' && describing.unread.length === 0,
  );
</script>

<svelte:head><title>Describe a radio kit · {session.rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[232px_minmax(0,1fr)_300px] max-[760px]:block max-[760px]:overflow-auto">
  <aside class="pane rule scroll border-r p-3.5" aria-label="Radio kits on the shelf">
    <KitShelf {describing} />
  </aside>
  <section class="scroll px-5 py-2.5" aria-label="The kit's leaflet">
    <div class="mb-2.5 flex flex-wrap items-center gap-3">
      <h2>Radio kit</h2>
      <span class="dim flex-1 text-[12.5px]">As its maker's leaflet says it; what is not said stays empty.</span>
      <a class="btn btn-quiet" href={p('/rigs/:rig/lines', { params: { rig: session.id } })}>Back to Lines</a>
    </div>
    {#if describing.unkept !== null}
      <p
        class="rule mb-2.5 flex flex-wrap items-baseline gap-x-3 rounded border px-3 py-1.5 text-[12.5px]"
        role="status"
      >
        <span class="flex-1"
          >A description of <bdi>{describing.unkept || 'a kit without a name'}</bdi> was begun and not kept on the shelf.</span
        >
        <button class="link-repair" onclick={() => describing.goOn()}>Go on with it</button>
        <button class="link-repair" onclick={() => describing.letGo()}>Let it go</button>
      </p>
    {/if}
    <KitAnswers {describing} />
  </section>
  <aside class="pane rule scroll border-l p-4" aria-label="What follows">
    <h3 class="mb-1">What follows</h3>
    <div role="status">
      {#if describing.check?.problems.length}
        <ul class="grid gap-1.5 text-[12.5px]">
          {#each describing.check.problems as one (one.path + one.message)}<li
              class={one.code === 'missing' ? 'dim' : 'text-error'}
            >
              {one.message}
            </li>{/each}
        </ul>
      {:else}
        <ul class="grid gap-1.5 text-[12.5px]">
          {#each describing.check?.facts ?? [] as fact (fact)}<li>{fact}</li>{/each}
        </ul>
        <p class="dim mt-2 text-[12px]">Check these on the kit; if one is not so, an answer is not.</p>
      {/if}
    </div>
    <div class="mt-4 grid gap-2">
      <button class="btn btn-primary" disabled={!isSound} onclick={() => describing.keep()}>Keep it on the shelf</button
      >
      {#if replaces}<p class="dim text-[12px]">
          It takes the place of {replaces.name} on the shelf. Links keep the description they have.
        </p>{/if}
      {#if describing.problem}<p class="text-error text-[12.5px]" role="alert">{describing.problem}</p>{/if}
    </div>
  </aside>
</main>
