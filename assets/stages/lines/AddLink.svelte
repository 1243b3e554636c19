<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import type { ApiError } from '../../api/errors';
  import { kitsQuery } from '../../api/queries';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';

  /** A sender of one of the kits on the shelf. */
  let { onDone }: { onDone: () => void } = $props();
  const session = useRig();
  const kits = createQuery(() => kitsQuery());
  let chosen = $state('');
  let label = $state('Sender');
  let problem = $state<ApiError | null>(null);
  const all = $derived(kits.data?.kits ?? []);
  const kit = $derived(chosen || (all.find((one) => one.id === session.rig.links.at(-1)?.kitId) ?? all[0])?.id || '');

  async function add(event: SubmitEvent) {
    event.preventDefault();
    problem = await session.change({ do: 'add-link', kit, label }, true);
    if (!problem) onDone();
  }
</script>

<form class="pane rule mb-3 flex flex-wrap items-start gap-3 rounded-md border p-3" onsubmit={add}>
  <label class="grid gap-1"
    ><span class="dim text-[12px]">Kit</span>
    <select class="select" value={kit} onchange={(event) => (chosen = event.currentTarget.value)}
      >{#each all as one (one.id)}<option value={one.id}>{one.name}</option>{:else}<option value=""
          >none is described</option
        >{/each}</select
    >
  </label>
  <label class="grid gap-1"
    ><span class="dim text-[12px]">What you call the sender</span>
    <input class="input" bind:value={label} dir="auto" />
    {#if problem}<span class="text-error text-[11.5px]" role="alert">{problem.at('label') ?? problem.message}</span
      >{/if}
  </label>
  <button class="btn btn-primary mt-[21px]" disabled={kit === ''}>Add the sender</button>
  <a class="link-repair mt-[30px] text-[12.5px]" href={p('/rigs/:rig/lines/kits', { params: { rig: session.id } })}
    >Describe another kit</a
  >
</form>
