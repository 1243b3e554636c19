<script lang="ts">
  import type { Strip } from '../../api/types';
  import type { DeskHand } from '../../state/deskHand.svelte';
  import type { Row } from '../../state/faders.svelte';
  import FaderStrip from './FaderStrip.svelte';

  /** A row of faders as they stand on the desk. */
  let {
    strips,
    hand,
    name,
    row = 'first',
    prefix = '',
    group = 'Faders',
  }: { strips: readonly Strip[]; hand: DeskHand; name?: string; row?: Row; prefix?: string; group?: string } = $props();
</script>

<div class="min-w-0">
  {#if name}<p class="dim pb-0.5 text-[11.5px]">{name}</p>{/if}
  <div class="strips" role="group" aria-label={group} data-arrows="faders">
    {#each strips as strip (strip.address)}
      <FaderStrip
        {strip}
        {row}
        place="{prefix}{strip.fader}"
        also={hand.also(strip)}
        held={hand.isHeld(strip.address)}
        isChosen={hand.touched?.address === strip.address && hand.touched.row === row}
        onTouch={() => hand.touch(strip.address, row)}
      />
    {/each}
  </div>
</div>

<style>
  .strips {
    display: flex;
    gap: 2px;
    overflow-x: auto;
    scrollbar-width: thin;
  }
</style>
