<script lang="ts" generics="Item extends { id: string }">
  import { createVirtualizer } from '@tanstack/svelte-virtual';
  import { untrack, type Snippet } from 'svelte';

  /**
   * Rows of a table's body. Of a long list only those in sight are there, and whichever is looked for comes into sight; a short one
   * is there whole.
   */
  let {
    items,
    row,
    columns,
    height,
    shown = null,
  }: {
    items: readonly Item[];
    /** One row; `measure` goes onto its tr. */
    row: Snippet<[item: Item, measure: (node: HTMLElement) => void]>;
    columns: number;
    /** What a row is high at first, in pixels; each is measured. */
    height: number;
    /** Id of the row that should be in sight. */
    shown?: string | null;
  } = $props();

  const LONG = 60;
  const isLong = $derived(items.length > LONG);
  let top: HTMLElement | undefined = $state();
  const scroller = $derived(top?.closest<HTMLElement>('.scroll') ?? null);
  const virtualizer = untrack(() =>
    createVirtualizer<HTMLElement, HTMLElement>({
      count: items.length,
      getScrollElement: () => scroller,
      estimateSize: () => height,
      overscan: 8,
    }),
  );
  /** What stands in the scroller above the rows. */
  const margin = () =>
    top && scroller ? top.getBoundingClientRect().top - scroller.getBoundingClientRect().top + scroller.scrollTop : 0;

  let hasBegun = false;
  const hang = (list: readonly Item[]) =>
    $virtualizer.setOptions({
      count: list.length,
      getItemKey: (index) => list[index]?.id ?? index,
      getScrollElement: () => scroller,
      scrollMargin: margin(),
    });

  $effect(() => {
    const list = items;
    if (!scroller || list.length <= LONG) return;
    if (hasBegun) return untrack(() => hang(list));
    // Where the rows begin is asked once the rest of the page is laid out anyway.
    const frame = requestAnimationFrame(() => {
      hasBegun = true;
      hang(list);
    });
    return () => cancelAnimationFrame(frame);
  });
  $effect(() => {
    const index = shown === null ? -1 : items.findIndex((one) => one.id === shown);
    if (isLong && scroller && index >= 0) untrack(() => $virtualizer.scrollToIndex(index, { align: 'auto' }));
  });

  const inSight = $derived(isLong ? $virtualizer.getVirtualItems() : []);
  const before = $derived((inSight[0]?.start ?? 0) - (inSight.length ? $virtualizer.options.scrollMargin : 0));
  const after = $derived(
    inSight.length
      ? $virtualizer.getTotalSize() - ((inSight.at(-1)?.end ?? 0) - $virtualizer.options.scrollMargin)
      : items.length * height,
  );
  const measure = (index: number) => (node: HTMLElement) => {
    node.dataset.index = String(index);
    $virtualizer.measureElement(node);
  };
</script>

{#if isLong}
  <tr bind:this={top} style:height="{before}px" aria-hidden="true"><td colspan={columns}></td></tr>
  {#each inSight as { index, key } (key)}{@const item = items[index]}{#if item}{@render row(
        item,
        measure(index),
      )}{/if}{/each}
  <tr style:height="{after}px" aria-hidden="true"><td colspan={columns}></td></tr>
{:else}
  {#each items as item (item.id)}{@render row(item, () => {})}{/each}
{/if}

<style>
  td {
    padding: 0;
  }
</style>
