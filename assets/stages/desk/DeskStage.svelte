<script lang="ts">
  import { onDestroy } from 'svelte';
  import FirstSteps from '../../components/FirstSteps.svelte';
  import { useBench } from '../../state/bench.svelte';
  import { DeskHand } from '../../state/deskHand.svelte';
  import { DeskTest } from '../../state/deskTest.svelte';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import ChooseDesk from './ChooseDesk.svelte';
  import DeskBoard from './DeskBoard.svelte';
  import DeskFaults from './DeskFaults.svelte';
  import DeskHead from './DeskHead.svelte';
  import StoreSteps from './StoreSteps.svelte';
  import TouchedFader from './TouchedFader.svelte';
  import TryDesk from './TryDesk.svelte';

  const session = useRig();
  const faders = useFaders();
  useBench().leave();
  const rig = $derived(session.rig);
  const test = new DeskTest(session.id, faders);
  const hand = new DeskHand(() => rig.desk as NonNullable<typeof rig.desk>, test);
  onDestroy(() => test.stop());

  const wrong = $derived(rig.findings.filter((one) => one.stage === 'desk' && one.severity !== 'note').length);
  type Side = 'told' | 'try' | 'store';
  let side = $state<Side>('told');
  const SIDES = $derived<[Side, string][]>([
    ['told', wrong ? `To fix (${wrong})` : 'To fix'],
    ['try', 'Try it'],
    ['store', 'Store a look'],
  ]);
</script>

<svelte:head><title>Desk · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(0,1fr)_320px] max-[760px]:block max-[760px]:overflow-auto">
  <section class="scroll grid content-start gap-2.5 px-5 py-2.5">
    <DeskHead />
    {#if rig.desk}{#key rig.desk.id}<DeskBoard desk={rig.desk} {hand} />{/key}{:else}
      <ChooseDesk />
    {/if}
  </section>
  <aside class="pane rule scroll border-l p-4" aria-label="About this desk">
    {#if rig.desk && rig.units.length}
      <div class="mb-3 grid grid-cols-3 gap-1" role="group" aria-label="What to read">
        {#each SIDES as [key, words] (key)}
          <button
            class="btn h-8 px-1"
            class:btn-active={side === key}
            aria-pressed={side === key}
            onclick={() => (side = key)}>{words}</button
          >
        {/each}
      </div>
      {#if side === 'told'}
        <TouchedFader desk={rig.desk} {hand} />
        <DeskFaults />
      {:else if side === 'try'}
        <TryDesk desk={rig.desk} {hand} />
      {:else}
        <StoreSteps />
      {/if}
    {:else}<FirstSteps here="desk" />{/if}
  </aside>
</main>
