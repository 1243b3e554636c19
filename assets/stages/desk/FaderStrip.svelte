<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import ValueField from '../../components/ValueField.svelte';
  import type { Strip } from '../../api/types';
  import { threeDigits } from '../../lib/address';
  import { emitterHex, flashes, percentAt, rangeAt } from '../../lib/ranges';
  import { useFaders } from '../../state/faders.svelte';

  /** One fader: what it does on tape, where it stands, and the ranges beside its travel. */
  let { strip, page }: { strip: Strip; page: string } = $props();
  const faders = useFaders();
  const value = $derived(faders.value(strip.address));
  const here = $derived(rangeAt(strip.ranges, value));
  const name = $derived(strip.label ?? 'nothing');
  const colour = $derived(here?.emitter ? emitterHex(here.emitter, here.hex) : (here?.hex ?? '#b9a98a'));
  const who = $derived(strip.fixtures.map((one) => one.name).join(', '));
</script>

<div class="strip" class:idle={strip.fixtures.length === 0}>
  <ValueField
    {value}
    label="Fader {page}{strip.fader}, {name}"
    ranges={strip.ranges}
    onCommit={(next) => faders.set(strip.address, next)}
  />
  <div class="travel">
    <div class="track" aria-hidden="true">
      <span class="fill" style:height="{(value / 255) * 100}%" style:background={colour}></span>
    </div>
    {#if strip.ranges.length > 1}
      <div class="zones" aria-hidden="true">
        {#each strip.ranges as range, index (index)}
          {@const from = percentAt(range.from)}
          <span
            class:flash={flashes(range)}
            class:here={range === here}
            style:bottom="{from}%"
            style:height="{percentAt(range.to + 1) - from}%"
            title="{range.label}: {range.from}–{range.to}"
          ></span>
        {/each}
      </div>
    {/if}
    <span class="cap" style:bottom="calc({(value / 255) * 100}% - 9px)" aria-hidden="true"></span>
    <input
      type="range"
      min="0"
      max="255"
      {value}
      oninput={(event) => faders.set(strip.address, Number(event.currentTarget.value))}
      aria-label="Fader {page}{strip.fader}: {name}{who ? ` of ${who}` : ''}"
      aria-valuetext="{value}{here ? `, ${here.label}` : ''}"
    />
  </div>
  <span class="now" title={here?.label}>{strip.fixtures.length ? (here?.label ?? 'no range') : ''}</span>
  {#if strip.fixtures.length}<Tape {name} class="!text-[11.5px] !px-1.5" />{:else}<span class="faint text-[11px]"
      >idle</span
    >{/if}
  <span class="mono faint text-[10px]">{threeDigits(strip.address)}</span>
</div>

<style>
  .strip {
    flex: 1 0 62px;
    max-width: 96px;
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 4px;
    min-width: 0;
  }
  .idle {
    opacity: 0.72;
  }
  .travel {
    position: relative;
    width: 42px;
    height: clamp(170px, calc(100vh - 430px), 460px);
    margin: 4px 0 9px;
  }
  .track {
    position: absolute;
    inset: 0 7px;
    background: var(--well);
    border-radius: 4px;
    box-shadow: inset 0 0 0 1px var(--well-edge);
  }
  .fill {
    position: absolute;
    left: 11px;
    right: 11px;
    bottom: 0;
    border-radius: 2px;
  }
  .zones {
    position: absolute;
    right: -6px;
    top: 0;
    bottom: 0;
    width: 7px;
  }
  .zones span {
    position: absolute;
    left: 0;
    right: 0;
    border: 1px solid var(--color-base-200);
    border-width: 1px 0;
    background: var(--line);
  }
  .zones .flash {
    background: repeating-linear-gradient(0deg, var(--dim) 0 2px, var(--line) 2px 5px);
  }
  .zones .here {
    background-color: var(--color-primary);
  }
  .cap {
    position: absolute;
    left: 1px;
    right: 1px;
    height: 18px;
    border-radius: 4px;
    background: linear-gradient(
      oklch(0.86 0.01 85),
      oklch(0.62 0.012 80) 47%,
      oklch(0.22 0.01 70) 48% 53%,
      oklch(0.6 0.012 80) 54%,
      oklch(0.78 0.01 85)
    );
    box-shadow: 0 3px 7px #0008;
    pointer-events: none;
  }
  input {
    position: absolute;
    inset: -9px 0;
    width: 42px;
    height: calc(100% + 18px);
    writing-mode: vertical-lr;
    direction: rtl;
    opacity: 0;
    cursor: ns-resize;
    margin: 0;
  }
  .travel:has(input:focus-visible) {
    outline: 2px solid var(--color-primary);
    outline-offset: 3px;
    border-radius: 4px;
  }
  .now {
    max-width: 100%;
    height: 16px;
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
