<script lang="ts">
  import { untrack } from 'svelte';
  import type { ApiError } from '../../api/errors';
  import { useRig } from '../../state/rig.svelte';

  /** A sender of one of the kits. */
  let { onDone }: { onDone: () => void } = $props();
  const KITS = ['Reed Link', 'Loon Pair'] as const;
  const session = useRig();
  let kit = $state<(typeof KITS)[number]>(untrack(() => KITS[0]));
  let label = $state('Sender');
  let problem = $state<ApiError | null>(null);

  async function add(event: SubmitEvent) {
    event.preventDefault();
    problem = await session.change({ do: 'add-link', kit, label }, true);
    if (!problem) onDone();
  }
</script>

<form class="pane rule mb-3 flex flex-wrap items-start gap-3 rounded-md border p-3" onsubmit={add}>
  <label class="grid gap-1"
    ><span class="dim text-[12px]">Kit</span>
    <select class="select" bind:value={kit}
      >{#each KITS as one (one)}<option>{one}</option>{/each}</select
    >
  </label>
  <label class="grid gap-1"
    ><span class="dim text-[12px]">What you call the sender</span>
    <input class="input" bind:value={label} dir="auto" />
    {#if problem}<span class="text-error text-[11.5px]" role="alert">{problem.at('label') ?? problem.message}</span
      >{/if}
  </label>
  <button class="btn btn-primary mt-[21px]">Add the sender</button>
</form>
