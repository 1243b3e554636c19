<script lang="ts">
  import type { Unit } from '../../api/types';
  import { useRig } from '../../state/rig.svelte';
  import CellNames from './CellNames.svelte';
  import CurveCard from './CurveCard.svelte';
  import OrderCard from './OrderCard.svelte';
  import SetCard from './SetCard.svelte';
  import SwapCard from './SwapCard.svelte';

  /** The selected unit: what to set on it, how it is kept in order, its curves, and what else could hang there. */
  let { unit }: { unit: Unit } = $props();
  const session = useRig();
  type Page = 'set' | 'order' | 'cells' | 'curves' | 'swap';
  const ALL: [Page, string][] = [
    ['set', 'Set on the unit'],
    ['order', 'In order'],
    ['cells', 'Cells'],
    ['curves', 'Curves and limits'],
    ['swap', 'Mode and type'],
  ];
  /** Only what has several cells has names for them; where each is one channel they are sockets. */
  const PAGES = $derived(
    ALL.filter(([one]) => one !== 'cells' || unit.cells.length > 0).map(([one, words]): [Page, string] => [
      one,
      one === 'cells' && unit.cells[0] && !unit.cells[0].label.startsWith('Cell') ? 'Sockets' : words,
    ]),
  );
  let asked = $state<Page>('set');
  const page = $derived(PAGES.some(([one]) => one === asked) ? asked : 'set');

  function along(event: KeyboardEvent) {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const at = PAGES.findIndex(([one]) => one === page);
    asked = PAGES[(at + by + PAGES.length) % PAGES.length]?.[0] ?? 'set';
    document.getElementById(`unit-${page}`)?.focus();
  }
</script>

<div class="grid content-start">
  <div class="rule mb-2.5 border-b">
    <div class="flex flex-wrap gap-x-4" role="tablist" aria-label="About {unit.name}" tabindex="-1" onkeydown={along}>
      {#each PAGES as [one, words] (one)}
        <button
          class="tab-word"
          role="tab"
          id="unit-{one}"
          aria-selected={page === one}
          aria-controls="unit-page"
          tabindex={page === one ? 0 : -1}
          onclick={() => (asked = one)}
          >{words}{one === 'curves' && unit.curves.length ? ` (${unit.curves.length})` : ''}</button
        >
      {/each}
    </div>
  </div>
  <div role="tabpanel" id="unit-page" aria-labelledby="unit-{page}">
    {#if page === 'set'}<SetCard rig={session.id} {unit} />
    {:else if page === 'order'}{#key unit.id}<OrderCard {unit} />{/key}
    {:else if page === 'cells'}<CellNames {unit} />
    {:else if page === 'curves'}{#key `${unit.id}/${unit.mode}`}<CurveCard {unit} />{/key}
    {:else}{#key unit.id}<SwapCard {unit} />{/key}{/if}
  </div>
</div>

<style>
  .tab-word {
    padding: 3px 1px 6px;
    white-space: nowrap;
    color: var(--dim);
    font-weight: 560;
    cursor: pointer;
    border-bottom: 2px solid transparent;
    margin-bottom: -1px;
  }
  .tab-word[aria-selected='true'] {
    color: var(--color-base-content);
    border-color: var(--color-primary);
  }
</style>
