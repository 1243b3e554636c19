<script lang="ts">
  import type { Desk } from '../../api/types';
  import { useFaders } from '../../state/faders.svelte';
  import SideFader from './SideFader.svelte';

  /** The faders and keys that stand over all the others: cross faders, master, blackout. */
  let { desk }: { desk: Desk } = $props();
  const faders = useFaders();
  const hasMaster = $derived(desk.master === 'all' || desk.master === 'dimmers');
</script>

{#if hasMaster || desk.crossfades}
  <div class="own" role="group" aria-label="Of the desk itself">
    <div class="flex">
      {#if desk.crossfades}
        <SideFader name={desk.keys.crossA} value={faders.crossA} onMove={(value) => faders.setCross('crossA', value)} />
        <SideFader name={desk.keys.crossB} value={faders.crossB} onMove={(value) => faders.setCross('crossB', value)} />
      {/if}
      {#if hasMaster}<SideFader
          name={desk.keys.master}
          value={faders.master}
          onMove={(value) => faders.setMaster(value)}
        />{/if}
    </div>
    {#if hasMaster}
      <button
        class="dark"
        class:on={faders.isBlackout}
        aria-pressed={faders.isBlackout}
        onclick={() => faders.toggleBlackout()}>{desk.keys.blackout}</button
      >
    {/if}
  </div>
{/if}

<style>
  .own {
    --travel: var(--whole);
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: space-between;
    padding-left: 12px;
    border-left: 1px solid var(--line);
  }
  .dark {
    min-width: 58px;
    max-width: 120px;
    padding: 6px 8px;
    border: 1px solid var(--color-error);
    border-radius: 5px;
    font-size: 12px;
    font-weight: 620;
    color: var(--color-error);
    cursor: pointer;
  }
  .dark.on {
    background: var(--color-error);
    color: var(--color-error-content);
  }
</style>
