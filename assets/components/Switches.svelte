<script lang="ts">
  import type { Switches } from '../api/types';

  /** The address switches of a unit, drawn as they must stand. */
  let { switches }: { switches: Switches } = $props();
</script>

{#if switches.pattern}
  <div class="bank" role="img" aria-label={switches.sum}>
    {#each switches.pattern as state, index (index)}
      <span class="slot" class:mode={index === 9}><i class:up={state === '1'}></i><b>{index + 1}</b></span>
    {/each}
  </div>
{/if}
<p class="dim mt-2 text-[12px]">
  {switches.sum}.{switches.count === 10 ? ' Switch 10 belongs to the mode.' : ''}
</p>

<style>
  .bank {
    display: inline-flex;
    gap: 3px;
    padding: 6px 7px 3px;
    background: var(--well);
    border: 1px solid var(--well-edge);
    border-radius: 5px;
  }
  .slot {
    display: grid;
    gap: 2px;
    justify-items: center;
  }
  .slot.mode {
    margin-left: 5px;
    opacity: 0.75;
  }
  i {
    position: relative;
    width: 15px;
    height: 28px;
    border-radius: 2px;
    background: var(--color-base-100);
    box-shadow: inset 0 0 0 1px var(--well-edge);
  }
  i::after {
    content: '';
    position: absolute;
    left: 2px;
    right: 2px;
    bottom: 2px;
    height: 11px;
    border-radius: 1px;
    background: var(--faint);
  }
  i.up::after {
    bottom: auto;
    top: 2px;
    background: var(--tape);
    box-shadow: 0 0 0 1px var(--tape-edge);
  }
  b {
    font: 500 9px 'Martian Mono Variable';
    color: var(--dim);
  }
</style>
