<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import ValueField from '../../components/ValueField.svelte';
  import type { Strip } from '../../api/types';
  import { threeDigits } from '../../lib/address';
  import { emitterHex, rangeAt } from '../../lib/ranges';
  import { useFaders, type Row } from '../../state/faders.svelte';
  import Travel from './Travel.svelte';

  /** One fader: what it does on tape, where it stands, and the ranges beside its travel. */
  let {
    strip,
    place,
    also = [],
    row = 'first',
    held = false,
    isChosen = false,
    onTouch = () => {},
  }: {
    strip: Strip;
    /** What it is called on the desk: "A3". */
    place: string;
    /** Addresses that it moves beside its own, while several buttons are down. */
    also?: readonly number[];
    row?: Row;
    held?: boolean;
    isChosen?: boolean;
    onTouch?: () => void;
  } = $props();
  const faders = useFaders();
  const value = $derived(faders.value(strip.address, row));
  const differs = $derived(also.some((one) => faders.value(one, row) !== value));
  const here = $derived(rangeAt(strip.ranges, value));
  const name = $derived(strip.label ?? 'nothing');
  const colour = $derived(here?.emitter ? emitterHex(here.emitter, here.hex) : (here?.hex ?? '#b9a98a'));
  const who = $derived(strip.units.map((one) => one.name).join(', '));
  const move = (next: number) => faders.setAll([strip.address, ...also], next, row);
</script>

<div class="strip" class:idle={strip.units.length === 0} class:chosen={isChosen}>
  <ValueField {value} label="Fader {place}, {name}" ranges={strip.ranges} onCommit={move} />
  <Travel
    {value}
    label="Fader {place}: {name}{who ? ` of ${who}` : ''}"
    ranges={strip.ranges}
    {colour}
    {held}
    named={isChosen}
    onMove={move}
    {onTouch}
  />
  <span class="now" title={here?.label}
    >{differs ? 'they differ' : strip.units.length ? (here?.label ?? 'no range') : ''}</span
  >
  {#if strip.units.length}<Tape {name} class="!text-[11.5px] !px-1" />{:else}<span class="faint h-[22px] text-[11px]"
      >idle</span
    >{/if}
  <span class="mono faint text-[10px]">{threeDigits(strip.address)}</span>
</div>

<style>
  .strip {
    container: strip / inline-size;
    isolation: isolate; /* What changes in one fader is painted in it alone. */
    contain: layout style;
    flex: 1 0 var(--least, 38px);
    max-width: 128px;
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 3px;
    min-width: 0;
    border-radius: 5px;
    padding: 3px 0;
  }
  .chosen {
    background: color-mix(in oklab, var(--color-base-300) 60%, transparent);
  }
  .idle > :global(.travel) {
    opacity: 0.6;
  }
  .strip :global(input.field) {
    width: min(46px, 100cqw);
    contain: layout paint style;
    display: block;
  }
  .now {
    width: 100%;
    height: 16px;
    contain: strict;
    text-align: center;
    font-size: 11px;
    font-stretch: 75%;
    color: var(--dim);
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .strip > :global(.tape) {
    max-width: 100%;
  }
</style>
