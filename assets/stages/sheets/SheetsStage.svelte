<script lang="ts">
  import { wordsOf } from '../../api/errors';
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { groupsOf } from '../../lib/groups';
  import { plural } from '../../lib/words';
  import { useBench } from '../../state/bench.svelte';
  import { screenScale } from '../../state/screenScale.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';

  /** Everything that prints: chosen at the left, seen as it will come out, saved as a PDF. */
  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);

  const LINES = ['load', 'runs', 'pins', 'links', 'pairing', 'power', 'wiring'] as const;
  type Lines = (typeof LINES)[number];
  type Kind = 'rig' | 'list' | 'squares' | 'labels' | 'cards' | 'tape' | Lines;
  const KINDS: [Kind, string, string][] = [
    ['rig', 'The whole rig', 'Patch list, fader map, programming steps'],
    ['list', 'Patch list', 'One row a unit, by address, position or name'],
    ['squares', 'Squares of 512', 'A page a universe, the squares filled in'],
    ['labels', 'Labels', 'For the units, at true size'],
    ['cards', 'Setting cards', 'Switches drawn or the menu’s words, boxes to tick'],
    ['tape', 'Tape for the desk', 'Under its faders, over its keys, at true size'],
    ['load', 'Cable list', 'Cables, adapters and terminators to load'],
    ['runs', 'Data runs', 'Each cable in its order, with boxes to tick'],
    ['pins', 'Pin tables', 'Which contact carries what, by signal'],
    ['links', 'Link cards', 'Which sender is set to what, and who listens'],
    ['pairing', 'Pairing cards', 'Each receiver step by step, with its proof'],
    ['power', 'Power list', 'Circuits, packs by socket, batteries'],
    ['wiring', 'Wiring cards', 'LED tape: which terminal goes where, wire and fuse'],
  ];
  const isOfLines = (one: Kind): one is Lines => LINES.some((kind) => kind === one);
  const asked = new URLSearchParams(location.search).get('sheet');
  let kind = $state<Kind>(KINDS.find(([one]) => one === asked)?.[0] ?? 'rig');
  let paper = $state<'a4' | 'letter'>('a4');
  let order = $state<'address' | 'position' | 'name'>('position');
  let stock = $state<'strips' | 'sheet24' | 'sheet30'>('strips');
  let isLifeSize = $state(false);
  const groups = $derived(groupsOf(rig.units));
  const group = $derived(groups.find((one) => one === selection.group) ?? null);
  const query = $derived({ paper, order, stock, ...(group === null ? {} : { group }) });

  const pages = createQuery(() => ({
    queryKey: ['rig', session.id, 'sheets', rig.version, kind, query],
    placeholderData: (before) => before,
    retry: false,
    queryFn: () =>
      kind === 'rig'
        ? answered(api.GET('/api/rigs/{id}/sheets', { params: { path: { id: session.id } } }))
        : kind === 'tape'
          ? answered(api.GET('/api/rigs/{rig}/tape', { params: { path: { rig: session.id }, query: { paper } } }))
          : isOfLines(kind)
            ? answered(
                api.GET('/api/rigs/{rig}/line-sheets/{kind}', {
                  params: { path: { rig: session.id, kind }, query: { paper } },
                }),
              )
            : answered(
                api.GET('/api/rigs/{rig}/patch-sheets/{kind}', {
                  params: { path: { rig: session.id, kind }, query },
                }),
              ),
  }));
  const file = $derived(
    kind === 'rig'
      ? `/api/rigs/${session.id}/sheets.pdf`
      : kind === 'tape'
        ? `/api/rigs/${session.id}/tape.pdf?paper=${paper}`
        : isOfLines(kind)
          ? `/api/rigs/${session.id}/line-sheets/${kind}.pdf?paper=${paper}`
          : `/api/rigs/${session.id}/patch-sheets/${kind}.pdf?${new URLSearchParams(query)}`,
  );
  const hidden = $derived((pages.data?.count ?? 0) - (pages.data?.svg.length ?? 0));
</script>

<svelte:head><title>Sheets · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[280px_minmax(0,1fr)] max-[760px]:grid-cols-1">
  <aside class="pane rule scroll border-r p-4">
    <h2 class="mb-2.5">Sheets</h2>
    <div class="grid gap-1" role="group" aria-label="What to print">
      {#each KINDS as [one, words, about] (one)}
        <button class="kind" aria-pressed={kind === one} onclick={() => (kind = one)}
          ><b>{words}</b><span>{about}</span></button
        >
      {/each}
    </div>
    {#if kind !== 'rig'}
      <div class="rule mt-4 grid gap-2.5 border-t pt-3 text-[12.5px]">
        {#if kind === 'list' || kind === 'cards' || kind === 'labels'}
          <label class="grid gap-1"
            ><span class="dim">In the order of</span><select class="select w-full" bind:value={order}>
              <option value="position">hanging positions</option>
              <option value="address">addresses</option>
              <option value="name">names</option>
            </select></label
          >
        {/if}
        {#if kind === 'labels'}
          <label class="grid gap-1"
            ><span class="dim">On</span><select class="select w-full" bind:value={stock}>
              <option value="strips">strips to cut, 24 mm high</option>
              <option value="sheet24">adhesive sheets of 24, 70 × 37 mm</option>
              <option value="sheet30">adhesive sheets of 30, 2⅝ × 1 inch</option>
            </select></label
          >
        {/if}
        {#if kind !== 'labels' || stock === 'strips'}
          <label class="grid gap-1"
            ><span class="dim">Paper</span><select class="select w-full" bind:value={paper}>
              <option value="a4">A4</option>
              <option value="letter">Letter</option>
            </select></label
          >
        {/if}
        {#if groups.length && kind !== 'tape' && !isOfLines(kind)}
          <label class="grid gap-1"
            ><span class="dim">Units</span><select
              class="select w-full"
              value={group ?? ''}
              onchange={(event) => (selection.group = event.currentTarget.value || null)}
            >
              <option value="">all of them</option>
              {#each groups as one (one)}<option value={one}>{one}</option>{/each}
            </select></label
          >
        {/if}
        <label class="flex items-center gap-2"
          ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={isLifeSize} />Show at life size</label
        >
        {#if isLifeSize}
          <label class="flex items-center gap-1.5"
            ><span class="dim">100 mm measure on this screen</span><input
              class="input mono h-8 w-16 px-2"
              inputmode="decimal"
              value={screenScale.measured}
              oninput={(event) => screenScale.measure(event.currentTarget.value)}
            /><span class="dim">mm</span></label
          >
        {/if}
        {#if kind === 'tape' && rig.desk}<p class="dim text-[12px]">
            {rig.desk.name}: {rig.desk.pitch ?? '?'} mm from fader to fader. Print at actual size; lay a ruler on the printed
            one before you cut.
          </p>{/if}
        {#if kind === 'labels'}<p class="dim text-[12px]">
            Print at actual size, not fitted to the page; measure one label, or the line of 100 mm.
          </p>{/if}
      </div>
    {:else}
      <ul class="dim rule mt-4 grid gap-2 border-t pt-3 text-[12.5px]">
        <li>Patch list: {plural(rig.units.length, 'unit')} with address, mode and what to set.</li>
        <li>
          Fader map: {rig.desk ? `every fader of ${rig.desk.name} that moves something` : 'choose a desk to have one'}.
        </li>
        <li>Programming steps: {plural(rig.looks.length, 'look')}, by bank and scene.</li>
      </ul>
    {/if}
    <p class="dim rule mt-4 border-t pt-3 text-[12px]">
      A plan on paper never replaces the maker's manual, local codes or licensed people.
    </p>
  </aside>
  <section class="grid min-h-0 grid-rows-[auto_1fr] px-5 py-2.5">
    <div class="flex items-center gap-3 pb-2.5">
      <h2 class="flex-1">
        {KINDS.find(([one]) => one === kind)?.[1]}
        {#if pages.data}<span class="dim ml-1 text-[12.5px] font-[400]"
            >{plural(pages.data.count, 'page')}, {Math.round(pages.data.width)} × {Math.round(pages.data.height)} mm</span
          >{/if}
      </h2>
      {#if !pages.error}<a class="btn btn-primary" href={file} download>Save the PDF</a>{/if}
    </div>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div
      class="scroll rounded-md p-4"
      style:background="var(--well)"
      tabindex="0"
      role="region"
      aria-label="What the sheets say"
    >
      {#if pages.error}<p class="p-4 text-[13px]" role="alert">{wordsOf(pages.error)}</p>
      {:else if pages.data}
        {#each pages.data.svg as svg, index (index)}
          <img
            class="sheet"
            src="data:image/svg+xml;charset=utf-8,{encodeURIComponent(svg)}"
            style:width={isLifeSize
              ? `${pages.data.width * screenScale.factor}mm`
              : `min(100%, ${pages.data.width * 3.78}px)`}
            alt="Page {index + 1} of {pages.data.count}"
          />
          {#if kind === 'tape'}<p class="-mt-2 mb-3 text-center text-[12.5px]">
              <a class="link-repair" href="/api/rigs/{session.id}/tape/{index + 1}.svg?paper={paper}" download
                >Save page {index + 1} as SVG</a
              >
            </p>{/if}
        {/each}
        {#if hidden > 0}<p class="dim text-center text-[12.5px]">and {plural(hidden, 'more page')} in the PDF</p>{/if}
      {/if}
    </div>
  </section>
</main>

<style>
  .kind {
    display: grid;
    padding: 6px 10px;
    border: 1px solid transparent;
    border-radius: 5px;
    text-align: left;
    cursor: pointer;
  }
  .kind[aria-pressed='true'] {
    border-color: var(--line);
    background: var(--color-base-300);
  }
  .kind b {
    font-weight: 620;
  }
  .kind span {
    color: var(--dim);
    font-size: 12px;
  }
  .sheet {
    display: block;
    max-width: none;
    margin: 0 auto 14px;
    background: #fff;
  }
</style>
