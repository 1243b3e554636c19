<script lang="ts">
  import type { ApiError } from '../api/errors';
  import type { Unit } from '../api/types';
  import { useRig } from '../state/rig.svelte';

  /** What answered when each fader was raised alone: colours in the wrong order are put right in what the outputs listen to. */
  let { unit }: { unit: Unit } = $props();
  const session = useRig();
  let seen = $state<number[]>([]);
  let isOpen = $state(false);
  let problem = $state<ApiError | null>(null);
  const said = $derived(unit.labels.map((_, nth) => seen[nth] ?? nth + 1));
  const isOther = $derived(said.some((channel, nth) => channel !== nth + 1));

  async function correct() {
    problem = await session.change({ do: 'correct-outputs', unit: unit.id, seen: [...said] }, true);
    if (!problem) seen = [];
  }
</script>

<details class="mt-3 text-[12.5px]" bind:open={isOpen}>
  <summary class="dim cursor-pointer">Another colour answered?</summary>
  <p class="mt-1">
    Raise each fader alone and say what came. The wires stay; each output is given another fader, and the steps above
    change.
  </p>
  <div class="mt-2 grid gap-1.5">
    {#each unit.labels as label, nth (nth)}
      <label class="grid grid-cols-[1fr_120px] items-center gap-2"
        ><span>With <b class="font-[620]">{label}</b> up came</span>
        <select
          class="select h-8"
          aria-label="What came with {label} of {unit.name}"
          value={String(said[nth])}
          onchange={(event) => {
            const channel = Number(event.currentTarget.value);
            seen = said.map((one, at) => (at === nth ? channel : one));
          }}
        >
          {#each unit.labels as other, at (at)}<option value={String(at + 1)}>{other}</option>{/each}
        </select></label
      >
    {/each}
  </div>
  {#if problem}<p class="text-error mt-1.5" role="alert">{problem.at('seen') ?? problem.message}</p>{/if}
  {#if isOther}<button class="btn mt-2" disabled={session.busy} onclick={correct}>Put the colours right</button>
  {:else}<p class="faint mt-1">As it stands, every colour comes with its own fader.</p>{/if}
</details>
