<script lang="ts">
  import { untrack } from 'svelte';
  import FindingList from '../../components/FindingList.svelte';
  import FirstSteps from '../../components/FirstSteps.svelte';
  import Menu from '../../components/Menu.svelte';
  import { figure, plural } from '../../lib/words';
  import { useBench } from '../../state/bench.svelte';
  import { cabling } from '../../state/cabling.svelte';
  import { Laying } from '../../state/laying.svelte';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';
  import AddLink from './AddLink.svelte';
  import EveningPanel from './EveningPanel.svelte';
  import PowerLanes from './PowerLanes.svelte';
  import SupplyPanel from './SupplyPanel.svelte';
  import DataRuns from './DataRuns.svelte';
  import ItemPanel from './ItemPanel.svelte';
  import LayCable from './LayCable.svelte';
  import PairingPanel from '../../components/PairingPanel.svelte';
  import PinTables from './PinTables.svelte';
  import RadioLinks from './RadioLinks.svelte';
  import RunPanel from './RunPanel.svelte';
  import VanPanel from './VanPanel.svelte';
  import WithoutDesk from './WithoutDesk.svelte';

  const session = useRig();
  untrack(() => useBench().leave());
  const rig = $derived(session.rig);
  const mine = $derived(rig.findings.filter((one) => one.stage === 'lines'));
  const wrong = $derived(mine.filter((one) => one.severity !== 'note' && !one.knownId));
  const metres = $derived(rig.runs.reduce((sum, one) => sum + one.metres, 0));
  const pairing = $derived(rig.units.find((one) => one.id === cabling.pairing && one.linkId));
  const powered = $derived(rig.units.find((one) => one.id === cabling.power));
  const run = $derived(rig.runs.find((one) => one.id === cabling.run));
  const at = $derived(
    rig.runs
      .flatMap((one) => one.items.map((item) => ({ run: one, item })))
      .find((one) => one.item.id === cabling.item),
  );

  let laying = $state.raw<Laying | null>(null);
  let isAddingLink = $state(false);
  let isPacking = $state(false);
  let pins = $state(false);

  // Nothing is pulled for long: another stage, or another rig, puts the plug back.
  $effect(() => () => cabling.putBack());
  $effect(() => {
    void rig.version;
    untrack(() => cabling.putBack());
  });

  /** On a phone what is set stands below the lanes: it comes into sight. */
  let panel: HTMLElement | undefined = $state();
  $effect(() => {
    if ((cabling.run || cabling.item || cabling.pairing || cabling.power || cabling.evening) && innerWidth <= 760)
      panel?.scrollIntoView();
  });

  async function addRun() {
    const problem = await session.change({ do: 'add-run' });
    if (!problem) cabling.look({ run: session.made[0] ?? null });
  }
  const sheet = (kind: string) => `${p('/rigs/:rig/sheets', { params: { rig: session.id } })}?sheet=${kind}`;
</script>

<svelte:head><title>Lines · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(0,1fr)_340px] max-[760px]:block">
  <section class="scroll px-5 py-2.5 max-[760px]:px-3" aria-label="Lines">
    <div class="flex flex-wrap items-center gap-x-3 gap-y-2 pb-2.5">
      <h2>Lines</h2>
      <span class="dim flex-1 text-[12.5px] whitespace-nowrap"
        >{plural(rig.runs.length, 'data run')}{metres ? `, ${figure(metres)} m` : ''}; {plural(
          rig.links.length,
          'radio link',
        )}</span
      >
      <Menu label="Lists">
        <li><a href={sheet('load')}>Cable list for the van</a></li>
        <li><a href={sheet('runs')}>Data runs, to lay them by</a></li>
        <li><a href={sheet('power')}>Power list</a></li>
        <li><button onclick={() => cabling.look({ evening: true })}>The evening and the mains</button></li>
        <li><a href={p('/rigs/:rig/lines/cover', { params: { rig: session.id } })}>How many cover a wall</a></li>
        <li><button onclick={() => (pins = true)}>Which pin carries what</button></li>
        <li><button onclick={() => (isPacking = true)}>Cable in the van</button></li>
        <li><a href={p('/rigs/:rig/lines/kits', { params: { rig: session.id } })}>Radio kits on the shelf</a></li>
        <li><a href={p('/rigs/:rig/lines/bench', { params: { rig: session.id } })}>A radio kit on the bench</a></li>
      </Menu>
      <button
        class="btn"
        aria-expanded={laying !== null}
        disabled={rig.units.length === 0}
        onclick={() => (laying = laying ? null : new Laying(session))}>Lay the cable for me</button
      >
      <button class="btn" onclick={() => (isAddingLink = !isAddingLink)} aria-expanded={isAddingLink}
        >Add a radio link</button
      >
      <button class="btn {rig.units.length ? 'btn-primary' : ''}" onclick={addRun} disabled={session.busy}
        >Add a data run</button
      >
    </div>
    {#if rig.units.length === 0}<FirstSteps here="lines" />{/if}
    {#if laying}<LayCable {laying} onDone={() => (laying = null)} />{/if}
    {#if isAddingLink}<AddLink onDone={() => (isAddingLink = false)} />{/if}
    <div class="lines rule border-t py-3">
      <div>
        <h3>Data</h3>
        <span class="faint text-[11.5px]">Press between two units to pull that plug.</span>
      </div>
      <DataRuns />
    </div>
    <div class="lines rule border-t py-3">
      <div>
        <h3>Radio</h3>
        <span class="faint text-[11.5px]">Sender and receiver must be set alike.</span>
      </div>
      <RadioLinks />
    </div>
    {#if rig.units.length}
      <div class="lines rule border-t py-3">
        <div>
          <h3>Power</h3>
          <span class="faint text-[11.5px]">What hangs on each breaker.</span>
        </div>
        <PowerLanes />
      </div>
      <div class="lines rule border-t py-3">
        <div>
          <h3>Without a desk</h3>
          <span class="faint text-[11.5px]">A leader, and those that follow it.</span>
        </div>
        <WithoutDesk />
      </div>
    {/if}
  </section>
  <aside
    class="pane rule scroll border-l p-4 max-[760px]:border-t max-[760px]:border-l-0"
    aria-label="About it"
    bind:this={panel}
  >
    {#if isPacking}<VanPanel onDone={() => (isPacking = false)} />
    {:else if pairing}<PairingPanel unit={pairing} />
    {:else if powered}<SupplyPanel unit={powered} />
    {:else if cabling.evening}<EveningPanel />
    {:else if at}<ItemPanel run={at.run} item={at.item} />
    {:else if run}<RunPanel {run} />{/if}
    <h3 class="mb-2">{wrong.length ? 'To fix' : rig.runs.length || rig.links.length ? 'All clear' : 'No lines yet'}</h3>
    <FindingList
      findings={mine}
      empty={rig.runs.length || rig.links.length
        ? 'Every run ends as it should, and every receiver hears its sender.'
        : 'What is wrong with cables and links is told here.'}
    />
    <p class="dim rule mt-4 border-t pt-3 text-[12px]">
      Cable overhead is tied off and bonded as local rules say. One sender for each name; a unit that still listens to a
      hand remote will fight the desk.
    </p>
  </aside>
</main>
<PinTables bind:open={pins} />

<style>
  .lines {
    display: grid;
    grid-template-columns: 96px minmax(0, 1fr);
    gap: 10px;
  }
  @media (max-width: 760px) {
    .lines {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
