<script lang="ts">
  import { calc } from '../api/client';
  import { wordsOf } from '../api/errors';
  import type { Switches } from '../api/types';

  /** The address switches of a unit, drawn as they must stand; flipped, they say which address they spell. */
  let { switches }: { switches: Switches } = $props();
  /** The switches as somebody finds them, once one was flipped. */
  let tried = $state<string | null>(null);
  let words = $state('');

  async function flip(index: number) {
    const now = tried ?? switches.pattern ?? '0'.repeat(switches.count);
    tried = now.slice(0, index) + (now[index] === '1' ? '0' : '1') + now.slice(index + 1);
    const on = [...tried].flatMap((state, place) => (state === '1' ? [place + 1] : []));
    try {
      const { address } = await calc<{ address: number }>('dip', { on, base: switches.base });
      words = `Switches that stand so spell address ${address}.`;
    } catch (error) {
      words = wordsOf(error);
    }
  }
</script>

{#if tried ?? switches.pattern}
  <div class="bank" role="group" aria-label={switches.sum}>
    {#each tried ?? switches.pattern ?? '' as state, index (index)}
      <button
        type="button"
        class="slot"
        class:mode={index === 9}
        aria-pressed={state === '1'}
        aria-label="Switch {index + 1}"
        onclick={() => flip(index)}><i class:up={state === '1'}></i><b>{index + 1}</b></button
      >
    {/each}
  </div>
{/if}
<p class="dim mt-2 text-[12px]" aria-live="polite">
  {#if tried}
    {words}
    <button type="button" class="link-repair" onclick={() => (tried = null)}>As it must stand</button>
  {:else}{switches.sum}.{switches.count === 10 ? ' Switch 10 belongs to the mode.' : ''}
    <span class="faint">Flip them as you find them to read their address.</span>{/if}
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
    cursor: pointer;
    gap: 2px;
    justify-items: center;
  }
  .slot.mode {
    margin-left: 5px;
  }
  .slot.mode i {
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
