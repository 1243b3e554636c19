<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { desksQuery } from '../../api/queries';
  import { navigate } from '../../state/navigation';
  import { useBench } from '../../state/bench.svelte';
  import { Describing } from '../../state/describing.svelte';
  import { useRig } from '../../state/rig.svelte';
  import DeskAnswers from './DeskAnswers.svelte';
  import DeskHead from './DeskHead.svelte';
  import DeskShelf from './DeskShelf.svelte';
  import DeskSketch from './DeskSketch.svelte';

  /** Any small desk, described by what its operator can count and measure on it. */
  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
  const desks = createQuery(() => desksQuery());
  const describing = new Describing(useQueryClient(), session);
  untrack(() => rig.desk && void describing.startFrom(rig.desk.id));

  $effect(() => {
    // With every answer the whole is checked anew.
    void JSON.stringify(describing.document);
    untrack(() => describing.keepDraft());
    const timer = setTimeout(() => void describing.ask(), 90);
    return () => clearTimeout(timer);
  });
  const count = (field: 'buttons' | 'faders' | 'pages' | 'scenesPerBank') => Number(describing.typed[field]) || 0;
  const replaces = $derived((desks.data?.desks ?? []).find((one) => one.name === describing.name.trim()));
  const isSound = $derived(describing.check?.problems.length === 0 && describing.name.trim() !== '');

  async function keep(isPlayed: boolean) {
    if ((await describing.keep(isPlayed)) && isPlayed)
      await navigate('/rigs/:rig/desk', { params: { rig: session.id } });
  }
</script>

<svelte:head><title>Describe a desk · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[232px_minmax(0,1fr)_300px] max-[760px]:block max-[760px]:overflow-auto">
  <aside class="pane rule scroll border-r p-3.5" aria-label="Desks on the shelf">
    <DeskShelf
      onOpen={(id) => describing.startFrom(id)}
      onCopy={(id, name) => describing.startFrom(id, name)}
      onNew={() => describing.startBlank()}
      open={describing.name}
    />
  </aside>
  <section class="scroll grid content-start gap-2.5 px-5 py-2.5">
    <DeskHead />
    {#if describing.unkept !== null}
      <p class="rule flex flex-wrap items-baseline gap-x-3 rounded border px-3 py-1.5 text-[12.5px]" role="status">
        <span class="flex-1"
          >A description of <bdi>{describing.unkept || 'a desk without a name'}</bdi> was begun and not kept on the shelf.</span
        >
        <button class="link-repair" onclick={() => describing.goOn()}>Go on with it</button>
        <button class="link-repair" onclick={() => describing.letGo()}>Let it go</button>
      </p>
    {/if}
    <DeskAnswers {describing} />
  </section>
  <aside class="pane rule scroll border-l p-4" aria-label="What follows">
    <DeskSketch
      layout={describing.layout}
      buttons={count('buttons')}
      faders={count('faders')}
      pages={count('pages') || 1}
      scenes={count('scenesPerBank')}
      hasMaster={describing.master === 'all' || describing.master === 'dimmers'}
      isWide={describing.wide}
    />
    <h3 class="mt-3 mb-1">What follows</h3>
    <div role="status">
      {#if describing.check?.problems.length}
        <ul class="grid gap-1.5 text-[12.5px]">
          {#each describing.wrong as one (one.path + one.message)}<li class="text-error">
              {one.message}
            </li>{/each}
          {#each describing.open as one (one.path)}<li class="dim">{one.message}</li>{/each}
        </ul>
      {:else}
        <ul class="grid gap-1.5 text-[12.5px]">
          {#each describing.check?.facts ?? [] as fact (fact)}<li>{fact}</li>{/each}
        </ul>
        <p class="dim mt-2 text-[12px]">Check these at the desk; if one is not so, an answer is not.</p>
      {/if}
    </div>
    <div class="mt-4 grid gap-2">
      <button class="btn btn-primary" disabled={!isSound || session.busy} onclick={() => keep(true)}
        >Keep it and play on it</button
      >
      <button class="btn" disabled={!isSound} onclick={() => keep(false)}>Keep it on the shelf</button>
      {#if replaces}<p class="dim text-[12px]">
          It takes the place of {replaces.name} on the shelf. Other rigs keep the description they have.
        </p>{/if}
      {#if describing.problem}<p class="text-error text-[12.5px]" role="alert">{describing.problem}</p>{/if}
    </div>
  </aside>
</main>
