<script lang="ts">
  import FirstSteps from '../../components/FirstSteps.svelte';
  import FindingList from '../../components/FindingList.svelte';
  import RecordLook from '../../components/RecordLook.svelte';
  import { isBeginning } from '../../lib/steps';
  import { plural } from '../../lib/words';
  import { useBench } from '../../state/bench.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';
  import CellCard from './CellCard.svelte';
  import LookCard from './LookCard.svelte';
  import { LookPick } from './lookPick.svelte';
  import NewLook from './NewLook.svelte';
  import LookTable from './LookTable.svelte';

  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
  const mine = $derived(rig.findings.filter((one) => one.stage === 'looks'));
  const chosen = $derived(rig.looks.find((one) => one.id === selection.look) ?? null);
  const room = $derived((rig.desk?.banks ?? 0) * (rig.desk?.scenesPerBank ?? 0));
  let recording = $state(false);
  const pick = new LookPick();
  const picked = $derived(pick.units.length ? (rig.looks.find((one) => one.id === pick.look) ?? null) : null);

  const next = $derived.by(() => {
    const perBank = rig.desk?.scenesPerBank ?? 6;
    for (let place = 0; place < 10_000; place += 1) {
      const [bank, number] = [Math.floor(place / perBank) + 1, (place % perBank) + 1];
      if (!rig.looks.some((one) => one.bank === bank && one.number === number)) return { bank, number };
    }
    return { bank: 1, number: 1 };
  });
</script>

<svelte:head><title>Looks · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(0,1fr)_340px]">
  <section class="grid min-h-0 grid-rows-[auto_1fr] px-5 py-2.5">
    <div class="flex items-center gap-3 pb-2.5">
      <h2>Looks</h2>
      <span class="dim flex-1 text-[12.5px]"
        >{room ? `${rig.looks.length} of ${room} scenes used` : plural(rig.looks.length, 'look')}</span
      >
      <NewLook {next} />
      <button class="btn btn-primary" onclick={() => (recording = true)}>Record a look</button>
    </div>
    {#if rig.looks.length === 0 && isBeginning(rig)}<div class="scroll">
        <FirstSteps here="looks" />
      </div>{:else}<LookTable {pick} />{/if}
  </section>
  <aside class="pane rule scroll border-l p-4" aria-label="The look">
    {#if picked}<CellCard look={picked} {pick} />{:else if chosen}{#key chosen.id}<LookCard
          look={chosen}
        />{/key}{:else}
      <p class="dim text-[12.5px]">
        Select a look to recall it, rename it, and read the steps to store it on the desk.
      </p>
    {/if}
    <h3 class="rule mt-4 mb-2 border-t pt-3">
      {mine.some((one) => one.severity !== 'note') ? 'To fix' : rig.looks.length ? 'Steady light' : 'No look yet'}
    </h3>
    <FindingList
      findings={mine}
      empty={rig.looks.length
        ? 'No look flashes over 3 a second, and each has its place on the desk.'
        : 'Looks that flash too fast, or have no place on the desk, are told here.'}
    />
  </aside>
</main>
<RecordLook bind:open={recording} bank={next.bank} number={next.number} />
