<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import Dialog from '../components/Dialog.svelte';
  import { typesQuery } from '../api/queries';
  import { STAGES } from '../lib/stages';
  import { navigate } from '../state/navigation';
  import { selection } from '../state/selection.svelte';
  import { useRig } from '../state/rig.svelte';

  let { open = $bindable() }: { open: boolean } = $props();
  const session = useRig();
  let search = $state('');
  const types = createQuery(() => ({ ...typesQuery(search), placeholderData: (before) => before }));
  let at = $state(0);

  type Hit = { name: string; what: string; go: () => void };
  const rig = $derived({ rig: session.id });
  const all = $derived<Hit[]>([
    ...session.rig.units.map((one) => ({
      name: one.name,
      what: `unit at ${one.place}`,
      go: () => {
        selection.unit = one.id;
        void navigate('/rigs/:rig/patch', { params: rig });
      },
    })),
    ...session.rig.looks.map((one) => ({
      name: one.name,
      what: `look at bank ${one.bank}, scene ${one.number}`,
      go: () => {
        selection.look = one.id;
        void navigate('/rigs/:rig/looks', { params: rig });
      },
    })),
    ...session.rig.links.map((one) => ({
      name: one.label,
      what: `sender on ${one.name}`,
      go: () => void navigate('/rigs/:rig/lines', { params: rig }),
    })),
    ...STAGES.map((one) => ({
      name: one.name,
      what: 'stage',
      go: () => void navigate(`/rigs/:rig/${one.key}`, { params: rig }),
    })),
  ]);
  /** Charts are looked up in the library, by what they can do too. */
  const charts = $derived<Hit[]>(
    (types.data?.types ?? []).map((one) => ({
      name: `${one.maker} ${one.model}`,
      what: `chart, ${one.kind}`,
      go: () => void navigate('/rigs/:rig/fixtures/:type', { params: { ...rig, type: one.id } }),
    })),
  );
  const hits = $derived(
    [
      ...all.filter((one) => `${one.name} ${one.what}`.toLowerCase().includes(search.trim().toLowerCase())),
      ...charts,
    ].slice(0, 12),
  );

  function take(hit: Hit | undefined) {
    if (!hit) return;
    open = false;
    search = '';
    hit.go();
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === 'ArrowDown') at = Math.min(hits.length - 1, at + 1);
    else if (event.key === 'ArrowUp') at = Math.max(0, at - 1);
    else if (event.key === 'Enter') take(hits[at]);
    else return;
    event.preventDefault();
  }
</script>

<Dialog title="Find" bind:open>
  <input
    class="input mb-3 w-full px-2"
    placeholder="A unit, look, chart, sender or stage"
    aria-label="Find"
    bind:value={search}
    oninput={() => (at = 0)}
    onkeydown={keyed}
  />
  <ul>
    {#each hits as hit, index (hit.what + hit.name)}
      <li>
        <button
          class="flex w-full items-center gap-3 rounded px-2 py-1.5 text-left"
          class:bg-base-300={index === at}
          onclick={() => take(hit)}
        >
          <bdi class="font-[600]">{hit.name}</bdi><span class="dim text-[12px]">{hit.what}</span>
        </button>
      </li>
    {:else}
      <li class="dim">Nothing here is called that.</li>
    {/each}
  </ul>
</Dialog>
