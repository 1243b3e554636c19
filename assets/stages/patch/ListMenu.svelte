<script lang="ts">
  import { untrack } from 'svelte';
  import Dialog from '../../components/Dialog.svelte';
  import Menu from '../../components/Menu.svelte';
  import { BringList } from '../../state/bringList.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { p } from '../../state/navigation';
  import BringListView from './BringListView.svelte';
  import HoldsView from './HoldsView.svelte';
  import LargeSetView from './LargeSetView.svelte';

  /** The patch as a list, on paper, and sums for large sets. */
  const session = useRig();
  const list = untrack(() => new BringList(session));
  let bringing = $state(false);
  let counting = $state(false);
  let holding = $state(false);
  let picker: HTMLInputElement | undefined = $state();

  function picked() {
    const file = picker?.files?.[0];
    if (!file) return;
    bringing = true;
    void list.read(file);
    if (picker) picker.value = '';
  }
</script>

<Menu label="List">
  <li><a href={p('/rigs/:rig/walk', { params: { rig: session.id } })}>Walk round, unit by unit</a></li>
  <li><a href="/api/rigs/{session.id}/patch-list.csv" download>Save the list (.csv)</a></li>
  <li><button onclick={() => picker?.click()}>Bring a list…</button></li>
  <li><a href={p('/rigs/:rig/sheets', { params: { rig: session.id } })}>Print lists, squares and labels</a></li>
  <li><button onclick={() => (holding = true)}>Hold slots for others…</button></li>
  <li><button onclick={() => (counting = true)}>Work out a large set…</button></li>
</Menu>
<input
  bind:this={picker}
  type="file"
  accept=".csv,.tsv,.txt,text/csv"
  class="hidden"
  aria-label="Patch list to bring"
  onchange={picked}
/>
<Dialog title="Bring a patch list" bind:open={bringing}
  ><BringListView {list} onDone={() => (bringing = false)} /></Dialog
>
<Dialog title="Slots held for others" bind:open={holding}><HoldsView /></Dialog>
<Dialog title="A large set" bind:open={counting}><LargeSetView /></Dialog>
