<script lang="ts">
  import type { LayoutKey } from '../../state/describing.svelte';

  /** A desk from its counts alone: keys, faders, pages, scenes. */
  let {
    layout,
    buttons = 0,
    faders = 0,
    pages = 1,
    scenes = 0,
    hasMaster = false,
    isWide = false,
    small = false,
  }: {
    layout: LayoutKey;
    buttons?: number;
    faders?: number;
    pages?: number;
    scenes?: number;
    hasMaster?: boolean;
    isWide?: boolean;
    small?: boolean;
  } = $props();
  const upTo = (count: number, most: number) =>
    Array.from({ length: Math.max(0, Math.min(most, Math.floor(count) || 0)) });
  const rows = $derived(layout === 'preset' ? 2 : 1);
</script>

<span class="desk" class:small aria-hidden="true">
  {#if layout === 'buttons'}<span class="keys"
      >{#each upTo(buttons, 24) as _, index (index)}<i></i>{/each}</span
    >{/if}
  <span class="body">
    {#if layout === 'buttons' && pages > 1}<span class="col"
        >{#each upTo(pages, 4) as _, index (index)}<i></i>{/each}</span
      >{/if}
    {#if layout === 'zones'}
      {#each upTo(buttons, 8) as _, zone (zone)}<span class="zone"
          >{#each upTo(faders, 8) as _, index (index)}<b></b>{/each}</span
        >{/each}
    {:else}
      <span class="rows">
        {#each upTo(rows, 2) as _, row (row)}<span class="faders"
            >{#each upTo(faders, 24) as _, index (index)}<b></b>{/each}</span
          >{/each}
      </span>
      {#if layout === 'flat' && pages > 1}<span class="col"
          >{#each upTo(pages, 6) as _, index (index)}<i></i>{/each}</span
        >{/if}
    {/if}
    {#if layout === 'preset' && !isWide}<span class="faders own"><b></b><b></b></span>{/if}
    {#if hasMaster}<span class="faders own"><b></b></span>{/if}
    {#if scenes}<span class="col"
        >{#each upTo(scenes, 6) as _, index (index)}<i></i>{/each}</span
      >{/if}
  </span>
</span>

<style>
  .desk {
    display: grid;
    gap: 6px;
    padding: 10px;
    border: 1px solid var(--line);
    border-radius: 6px;
    background: var(--color-base-200);
    height: 128px;
    grid-template-rows: auto 1fr;
  }
  .small {
    height: 58px;
    padding: 5px;
    gap: 3px;
  }
  .keys,
  .faders,
  .zone {
    display: flex;
    gap: 3px;
  }
  .keys i {
    flex: 1;
    height: 9px;
    border-radius: 2px;
    background: var(--dim);
  }
  .small .keys i {
    height: 5px;
  }
  .body {
    display: flex;
    gap: 8px;
    min-height: 0;
    grid-row: 2;
  }
  .rows {
    flex: 1;
    display: grid;
    gap: 5px;
  }
  .faders,
  .zone {
    justify-content: space-around;
  }
  .zone {
    flex: 1;
    border: 1px solid var(--line);
    border-radius: 3px;
    padding: 2px;
  }
  b {
    position: relative;
    width: 3px;
    height: 100%;
    border-radius: 2px;
    background: var(--line);
  }
  b::after {
    content: '';
    position: absolute;
    left: -3px;
    right: -3px;
    top: 60%;
    height: 5px;
    border-radius: 1px;
    background: var(--dim);
  }
  .small b::after {
    height: 3px;
    left: -2px;
    right: -2px;
  }
  .own {
    gap: 9px;
    padding-left: 8px;
    border-left: 1px solid var(--line);
  }
  .col {
    display: flex;
    flex-direction: column;
    gap: 3px;
    justify-content: center;
  }
  .col i {
    width: 14px;
    height: 8px;
    border-radius: 2px;
    background: var(--dim);
  }
  .small .col i {
    width: 7px;
    height: 4px;
  }
</style>
