<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A button that opens a short list of things to do. Esc and a click elsewhere close it. */
  let { label, children }: { label: string; children: Snippet } = $props();
  let open = $state(false);
  let root: HTMLElement | undefined = $state();

  function away(event: Event) {
    if (open && root && !root.contains(event.target as Node)) open = false;
  }

  function keyed(event: KeyboardEvent) {
    if (event.key !== 'Escape' || !open) return;
    event.stopPropagation();
    open = false;
    root?.querySelector('button')?.focus();
  }
</script>

<svelte:window onpointerdown={away} onfocusin={away} />
<div class="relative" bind:this={root} onkeydown={keyed} role="presentation">
  <button class="btn" aria-expanded={open} onclick={() => (open = !open)}>{label}</button>
  {#if open}
    <ul class="list rule" onclick={() => (open = false)} role="presentation">{@render children()}</ul>
  {/if}
</div>

<style>
  .list {
    position: absolute;
    right: 0;
    top: calc(100% + 4px);
    z-index: 20;
    min-width: 230px;
    padding: 4px;
    background: var(--color-base-300);
    border-width: 1px;
    border-radius: 6px;
  }
  .list :global(a),
  .list :global(button) {
    display: block;
    width: 100%;
    padding: 6px 10px;
    border-radius: 4px;
    text-align: left;
    font-size: 12.5px;
    white-space: nowrap;
    cursor: pointer;
  }
  .list :global(a:hover),
  .list :global(button:hover) {
    background: var(--color-base-100);
  }
</style>
