<script lang="ts">
  import { lampWords } from '../../lib/lamps';
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
  /** At another window's seat its desk is what is seen; else what the stand-in for the real desk sends. */
  const isAlong = new URLSearchParams(location.search).has('seat');
  const following = new Following(session.id, faders);
  if (!isAlong) {
    onMount(() => following.begin());
    onDestroy(() => following.end());
  }

  /** Units no farther apart than this in depth stand in one row. */
  const DEPTH = 0.6;
  type Shown = { lamp: Lamp; roll: string; where: string; x: number; y: number };

  /** Rows from far upstage to the edge, in each what hangs there from left to right as the audience sees it. */
  const rows = $derived.by(() => {
    const placed: Shown[] = [];
    const others: Shown[] = [];
    for (const lamp of faders.lamps) {
      const unit = rig.units.find((one) => one.id === lamp.unitId);
      if (!unit) continue;
      const { x, y } = unit.spot ?? { x: 0, y: 0 };
      (unit.spot ? placed : others).push({ lamp, roll: unit.tape, where: unit.position ?? '', x, y });
    }
    placed.sort((one, other) => other.y - one.y || one.x - other.x);
    const found: Shown[][] = [];
    for (const one of placed) {
      const row = found.at(-1);
      if (row?.[0] && row[0].y - one.y <= DEPTH) row.push(one);
      else found.push([one]);
    }
    return { found: found.map((row) => row.sort((one, other) => one.x - other.x)), others };
  });
  const width = $derived.by(() => {
    const all = rows.found.flat().map((one) => one.x);
    return { from: Math.min(...all, 0), to: Math.max(...all, 1) };
  });
  const percent = (x: number) => 5 + (90 * (x - width.from)) / Math.max(0.1, width.to - width.from);
</script>

<svelte:head><title>Stage · {rig.name}</title></svelte:head>
<main class="stage scroll">
  <p class="said" role="status">
    {#if isAlong && faders.isAway}Playback is away for a moment: it comes back by itself.
    {:else if isAlong}Playing along with the desk of another window. Nothing is sent to lamps.
    {:else if following.isAway}The stand-in desk does not answer; trying again by itself.
    {:else if following.frame === null}Waiting for a desk: switch on "Send to the stand-in desk" in Desk, under "Try
      it".
    {:else}Following the stand-in desk, change <span class="mono">{following.frame}</span>. Nothing is sent to lamps.{/if}
  </p>
  {#snippet shown({ lamp, roll, where }: Shown, left: number | null)}
    <figure
      class:at={left !== null}
      style:left={left === null ? undefined : `${left}%`}
      aria-label="{lamp.name}: {lampWords(lamp)}"
      title={where}
    >
      <LampBeam cells={lamp.cells} selfRunning={lamp.selfRunning ?? null} wide={lamp.cells.length > 1} />
      <figcaption><Tape name={lamp.name} {roll} /></figcaption>
    </figure>
  {/snippet}
  {#each rows.found as row, index (index)}
    <div class="row">
      {#each row as one (one.lamp.unitId)}{@render shown(one, percent(one.x))}{/each}
    </div>
  {/each}
  {#if rows.others.length}
    <div class="others">
      {#each rows.others as one (one.lamp.unitId)}{@render shown(one, null)}{/each}
    </div>
  {/if}
  {#if faders.lamps.length === 0}<p class="said">No unit hangs yet.</p>{/if}
</main>

<style>
  .stage {
    background: var(--house);
    color: var(--house-ink);
    color-scheme: dark;
    padding: 14px 22px;
    display: flex;
    flex-direction: column;
    gap: 6px;
  }
  .said {
    font-size: 12.5px;
    color: var(--house-dim);
  }
  .row {
    position: relative;
    flex: 1 1 96px;
    min-height: 90px;
    max-height: 150px;
  }
  .others {
    display: flex;
    flex-wrap: wrap;
    gap: 18px 26px;
    border-top: 1px solid oklch(0.3 0.012 65);
    padding-top: 12px;
  }
  figure {
    display: grid;
    justify-items: center;
    gap: 6px;
  }
  .at {
    position: absolute;
    transform: translateX(-50%);
  }
</style>
