<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import type { Desk } from '../../api/types';
  import { threeDigits } from '../../lib/address';
  import { flashes, rangeAt } from '../../lib/ranges';
  import type { DeskHand } from '../../state/deskHand.svelte';
  import { useFaders } from '../../state/faders.svelte';

  /** The fader under the hand: whom it moves, and its ranges, each one press away. */
  let { desk, hand }: { desk: Desk; hand: DeskHand } = $props();
  const faders = useFaders();
  const strip = $derived(desk.strips.find((one) => one.address === hand.touched?.address));
  const row = $derived(hand.touched?.row ?? 'first');
  const value = $derived(strip ? faders.value(strip.address, row) : 0);
  const here = $derived(strip ? rangeAt(strip.ranges, value) : undefined);
  const sent = $derived(strip ? (faders.sent[String(strip.address)] ?? 0) : 0);
</script>

{#if strip && strip.units.length}
  <section class="rule mb-4 border-b pb-3" aria-label="The fader you touch">
    <h3 class="flex items-baseline gap-2">
      Fader {strip.fader}, address <span class="mono">{threeDigits(strip.address)}</span>
    </h3>
    <p class="mt-1 flex flex-wrap items-center gap-1.5 text-[12.5px]">
      {#each strip.units as use (use.unitId)}<Tape name={use.name} class="!text-[11.5px]" /><span class="dim"
          >channel {use.channel}</span
        >{/each}
    </p>
    {#if sent !== value}<p class="mt-1 text-[12.5px]">
        Stands at <b class="mono">{value}</b>; <b class="mono">{sent}</b> is sent.
      </p>{/if}
    <ul class="mt-2 flex flex-wrap gap-1" aria-label="Ranges of this fader">
      {#each strip.ranges as range (range.from)}
        <li>
          <button
            class="stretch"
            class:here={range === here}
            onclick={() =>
              faders.setAll(
                [strip.address, ...hand.also(strip)],
                range.function === 'intensity' || range.function === 'emitter'
                  ? range.to
                  : Math.floor((range.from + range.to) / 2),
                row,
              )}
            ><span class="mono">{range.from}–{range.to}</span>
            {range.label}{#if flashes(range)}<b class="ml-1">flashes</b>{/if}</button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  .stretch {
    padding: 2px 6px;
    border: 1px solid var(--line);
    border-radius: 4px;
    font-size: 12px;
    text-align: left;
    cursor: pointer;
  }
  .stretch.here {
    border-color: var(--color-primary);
  }
</style>
