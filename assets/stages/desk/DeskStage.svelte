<script lang="ts">
  import FindingList from '../../components/FindingList.svelte';
  import { useBench } from '../../state/bench.svelte';
  import { useRig } from '../../state/rig.svelte';
  import DeskBoard from './DeskBoard.svelte';
  import DeskChooser from './DeskChooser.svelte';

  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
  const mine = $derived(rig.findings.filter((one) => one.stage === 'desk'));
  const wrong = $derived(mine.filter((one) => one.severity !== 'note'));
  const unreached = $derived(wrong.filter((one) => ['hidden', 'out_of_reach', 'other_universe'].includes(one.code)));
  const others = $derived(wrong.filter((one) => !unreached.includes(one)));
  const twins = $derived(mine.filter((one) => one.severity === 'note'));
</script>

<svelte:head><title>Desk · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(0,1fr)_320px]">
  <section class="scroll grid content-start gap-2.5 px-5 py-2.5">
    <DeskChooser />
    {#if rig.desk}{#key rig.desk.id}<DeskBoard desk={rig.desk} />{/key}{:else}
      <p class="dim max-w-[60ch] py-8">
        Choose the desk you play on. Rigger then names each of its faders by what it does to the fixture that sits
        there.
      </p>
    {/if}
  </section>
  <aside class="pane rule scroll border-l p-4" aria-label="About this desk">
    {#if rig.desk}
      <h3 class="mb-2">What no fader reaches</h3>
      <FindingList findings={unreached} empty="Every channel of every fixture is on a fader." />
      {#if others.length}
        <h3 class="rule mt-4 mb-2 border-t pt-3">To look at</h3>
        <FindingList findings={others} />
      {/if}
      {#if twins.length}
        <h3 class="rule mt-4 mb-2 border-t pt-3">Moving together</h3>
        <FindingList findings={twins} />
      {/if}
      <p class="dim rule mt-4 border-t pt-3 text-[12px]">
        Hands off a moving head that powers up: it sweeps to find its ends.
      </p>
    {/if}
  </aside>
</main>
