<script lang="ts">
  /** A lamp's pattern as a bar of one second: nothing on a screen blinks. */
  let { pattern, words = '' }: { pattern: string; words?: string } = $props();
  const ticks = $derived(Array.from({ length: 10 }, (_, tick) => pattern[tick % Math.max(1, pattern.length)] === '1'));
</script>

<span class="bar" role="img" aria-label={words || pattern}>
  {#each ticks as isLit, tick (tick)}<i class:lit={isLit}></i>{/each}
</span>

<style>
  .bar {
    display: grid;
    grid-template-columns: repeat(10, 1fr);
    width: 84px;
    height: 10px;
    overflow: hidden;
    border: 1px solid var(--line);
    border-radius: 2px;
    background: var(--well);
  }
  .lit {
    background: var(--color-base-content);
  }
</style>
