<script lang="ts">
  import { asTree } from '../../lib/runs';
  import { useRig } from '../../state/rig.svelte';
  import RunLane from './RunLane.svelte';

  /** Every data run as a lane; one that begins at a splitter stands in below the run that ends in it. */
  const session = useRig();
  const lanes = $derived(asTree(session.rig.runs));
</script>

<div class="grid gap-1.5">
  {#each lanes as { run, depth } (run.id)}
    <RunLane {run} {depth} />
  {:else}
    <p class="dim max-w-[520px] text-[12.5px]">
      No data run is planned. A run leads from an output of the desk, or of a splitter, from unit to unit; at its end
      comes a terminator. Units on the stage plan can be cabled for you.
    </p>
  {/each}
</div>
