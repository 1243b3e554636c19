<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { desksQuery } from '../../api/queries';
  import { p, route } from '../../state/navigation';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** Which desk this rig is played on, and what there is to do with it. */
  const session = useRig();
  const faders = useFaders();
  const desks = createQuery(() => desksQuery());
  const desk = $derived(session.rig.desk);
  const shelf = $derived(desks.data?.desks ?? []);
  const isOwn = $derived(desk != null && !shelf.some((one) => one.id === desk.id));
  const newer = $derived(isOwn ? shelf.find((one) => one.name === desk?.name) : undefined);
  const VIEWS = [
    ['desk', 'Play'],
    ['desk/plan', 'Plan it for me'],
    ['desk/describe', 'Describe'],
  ] as const;

  const choose = (desk: string | null) => session.change({ do: 'choose-desk', desk });
  const join = (isWide: boolean) => session.change({ do: 'join-rows', isWide });
</script>

<div class="flex flex-wrap items-center gap-x-3 gap-y-1.5">
  <label class="flex items-center gap-2"
    ><h2>Desk</h2>
    <select
      class="select w-40"
      aria-label="Desk"
      title={desk?.words}
      value={desk?.id ?? ''}
      onchange={(event) => choose(event.currentTarget.value || null)}
    >
      <option value="">none</option>
      {#if isOwn && desk}<option value={desk.id}
          >{desk.name}{newer && desk.layout !== 'preset' ? ', as it was' : ''}</option
        >{/if}
      {#each shelf.filter((one) => !(newer === one && desk?.layout === 'preset')) as one (one.id)}<option value={one.id}
          >{one.name}</option
        >{/each}
    </select>
  </label>
  {#if desk}
    <nav class="flex gap-1" aria-label="The desk">
      {#each VIEWS as [path, words] (path)}
        <a
          class="btn h-8 px-2.5"
          class:btn-active={route.pathname === `/rigs/${session.id}/${path}`}
          aria-current={route.pathname === `/rigs/${session.id}/${path}` ? 'page' : undefined}
          href={p(`/rigs/:rig/${path}`, { params: { rig: session.id } })}>{words}</a
        >
      {/each}
      <a class="btn h-8 px-2.5" href={p('/rigs/:rig/preflight', { params: { rig: session.id } })}>Pre-flight</a>
      <a class="btn h-8 px-2.5" href="{p('/rigs/:rig/sheets', { params: { rig: session.id } })}?sheet=tape"
        >Print the tape</a
      >
    </nav>
    {#if route.pathname === `/rigs/${session.id}/desk`}
      <button class="btn btn-quiet ml-auto h-8 px-2.5" onclick={() => faders.clear()}>All faders to 0</button>
    {/if}
    {#if desk.layout === 'preset'}
      <label class="flex items-center gap-2 text-[12.5px]"
        ><input
          type="checkbox"
          class="toggle toggle-sm"
          checked={desk.isWide}
          disabled={session.busy}
          onchange={(event) => join(event.currentTarget.checked)}
        />One wide row</label
      >
    {/if}
  {:else}
    <a class="btn h-8" href={p('/rigs/:rig/desk/describe', { params: { rig: session.id } })}>Describe a desk</a>
  {/if}
  {#if newer && desk && !desk.isOnShelf && desk.layout !== 'preset'}
    <p class="text-[12.5px]">
      The library describes {desk.name} anew.
      <button class="link-repair" disabled={session.busy} onclick={() => choose(newer.id)}>Take that description</button
      >
    </p>
  {/if}
</div>
