<script lang="ts">
  import { plural } from '../../lib/words';
  import { useBench } from '../../state/bench.svelte';
  import { useRig } from '../../state/rig.svelte';
  import Paper from './Paper.svelte';

  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
</script>

<svelte:head><title>Sheets · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(0,1fr)_320px]">
  <section class="grid min-h-0 grid-rows-[auto_1fr] px-5 py-2.5">
    <div class="flex items-center gap-3 pb-2.5">
      <h2>Sheets</h2>
      <span class="dim flex-1 text-[12.5px]">A4, black on white</span>
      <a class="btn btn-primary" href="/api/rigs/{session.id}/sheets.pdf" download>Save the PDF</a>
    </div>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div
      class="scroll rounded-md p-4"
      style:background="var(--well)"
      tabindex="0"
      role="region"
      aria-label="What the sheets say"
    >
      <Paper {rig} />
    </div>
  </section>
  <aside class="pane rule scroll border-l p-4">
    <h3 class="mb-2">What is on it</h3>
    <ul class="dim grid gap-2 text-[12.5px]">
      <li>Patch list: {plural(rig.fixtures.length, 'unit')} with address, mode and what to set.</li>
      <li>
        Fader map: {rig.desk ? `every fader of ${rig.desk.name} that moves something` : 'choose a desk to have one'}.
      </li>
      <li>Programming steps: {plural(rig.looks.length, 'look')}, by bank and scene.</li>
    </ul>
    <p class="dim rule mt-4 border-t pt-3 text-[12px]">
      A plan on paper never replaces the maker's manual, local codes or licensed people.
    </p>
  </aside>
</main>
