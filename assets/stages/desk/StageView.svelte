<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import LampBeam from '../../components/LampBeam.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Lamp } from '../../api/types';
  import { useBench } from '../../state/bench.svelte';
  import { useFaders } from '../../state/faders.svelte';
  import { Following } from '../../state/following.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** The stage alone, as the audience sees it, following the desk of another window. */
  const session = useRig();
  const faders = useFaders();
  useBench().leave();
  const rig = $derived(session.rig);
  const following = new Following(session.id, faders);
  onMount(() => following.begin());
  onDestroy(() => following.end());

  /** Rows by where things hang, what is farthest from the audience at the top; in a row from left to right. */
  const rows = $derived.by(() => {
    const byPlace: Record<string, { name: string; depth: number; lamps: { lamp: Lamp; x: number; roll: string }[] }> =
      {};
    for (const lamp of faders.lamps) {
      const unit = rig.fixtures.find((one) => one.id === lamp.fixtureId);
      if (!unit) continue;
      const name = unit.position ?? 'Elsewhere';
      const row = (byPlace[name] ??= { name, depth: -1, lamps: [] });
      row.depth = Math.max(row.depth, unit.spot?.y ?? -1);
      row.lamps.push({ lamp, x: unit.spot?.x ?? 1000, roll: unit.tape });
    }
    const sorted = Object.values(byPlace).sort((one, other) => other.depth - one.depth);
    for (const row of sorted) row.lamps.sort((one, other) => one.x - other.x);
    return sorted;
  });
</script>

<svelte:head><title>Stage · {rig.name}</title></svelte:head>
<main class="stage scroll">
  <p class="status" role="status">
    {#if following.isAway}The stand-in desk does not answer; trying again by itself.
    {:else if following.frame === null}Waiting for a desk: switch on "Send to the stand-in desk" in Desk, under "Try
      it".
    {:else}Following the desk of another window, change <span class="mono">{following.frame}</span>. Nothing is sent to
      lamps.{/if}
  </p>
  {#each rows as row (row.name)}
    <section aria-label={row.name}>
      <h3>{row.name}</h3>
      <div class="lamps">
        {#each row.lamps as { lamp, roll } (lamp.fixtureId)}
          <figure aria-label="{lamp.name}: {lamp.why ?? 'lit'}">
            <LampBeam cells={lamp.cells} selfRunning={lamp.selfRunning ?? null} wide={lamp.cells.length > 1} />
            <figcaption><Tape name={lamp.name} {roll} /></figcaption>
          </figure>
        {/each}
      </div>
    </section>
  {:else}<p class="status">No fixture hangs yet.</p>{/each}
</main>

<style>
  .stage {
    background: var(--house);
    color: var(--house-ink);
    color-scheme: dark;
    padding: 14px 22px;
    display: grid;
    align-content: start;
    gap: 14px;
  }
  .status {
    font-size: 12.5px;
    color: var(--house-dim);
  }
  h3 {
    color: var(--house-dim);
    font-weight: 560;
  }
  .lamps {
    display: flex;
    flex-wrap: wrap;
    gap: 18px 30px;
    padding: 6px 0;
  }
  figure {
    display: grid;
    justify-items: center;
    gap: 10px;
    zoom: 1.35;
  }
</style>
