<script lang="ts">
  import { emitterHex, flashes, percentAt } from '../lib/ranges';

  type LadderRange = {
    from: number;
    to: number;
    label: string;
    function: string;
    hex?: string | null;
    emitter?: string | null;
  };

  /** A channel from 0 to 255 with its ranges on it. The ladder is also the fader that tries it; without a value it is only looked at. */
  let {
    ranges,
    value,
    label,
    fine = false,
    onInput,
    onFocus = () => {},
    onEdge,
  }: {
    ranges: readonly LadderRange[];
    value?: number | undefined;
    label: string;
    fine?: boolean;
    onInput?: (value: number) => void;
    onFocus?: () => void;
    /** Given the range and the last value that it gets: then its upper edges can be dragged. */
    onEdge?: ((index: number, to: number) => unknown) | undefined;
  } = $props();

  let track: HTMLElement | undefined = $state();
  /** The edge that is being dragged, and where it is. */
  let dragged = $state<{ index: number; to: number } | null>(null);

  function valueAt(event: PointerEvent): number {
    const box = track?.getBoundingClientRect();
    if (!box) return 0;
    return Math.min(254, Math.max(0, Math.round(((event.clientX - box.left) / box.width) * 256) - 1));
  }

  function grab(event: PointerEvent, index: number, to: number) {
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    dragged = { index, to };
  }

  function drop() {
    const done = dragged;
    dragged = null;
    if (done && onEdge && ranges[done.index]?.to !== done.to) onEdge(done.index, done.to);
  }

  function kind(range: LadderRange): string {
    if (range.function === 'emitter' || range.function === 'intensity') return 'light';
    if (range.function === 'colour-preset' || (range.function === 'wheel' && range.hex)) return 'preset';
    if (flashes(range)) return 'flash';
    if (range.function === 'program' || range.function === 'reset') return 'own';
    if (range.function === 'closed') return 'closed';
    if (range.function === 'open') return 'open';
    return range.function === 'none' ? 'none' : 'other';
  }

  function fill(range: LadderRange): string | undefined {
    const shape = kind(range);
    if (shape === 'preset') return range.hex ?? undefined;
    if (shape !== 'light') return undefined;
    const full = range.function === 'emitter' ? emitterHex(range.emitter) : '#b9a98a';
    return `linear-gradient(90deg, color-mix(in oklab, ${full} 12%, #14110e), ${full})`;
  }
</script>

<div class="ladder" bind:this={track}>
  <div
    class="rungs"
    role={onInput ? undefined : 'img'}
    aria-label={onInput ? undefined : label}
    aria-hidden={onInput ? true : undefined}
  >
    {#each ranges as range, index (index)}
      {@const left = percentAt(range.from)}
      <span
        class="rung {kind(range)}"
        style:left="{left}%"
        style:width="{Math.max(0.4, percentAt(range.to + 1) - left)}%"
        style:background={fill(range)}><span>{range.label}</span></span
      >
    {/each}
    {#if fine}<span class="rung none" style:left="0%" style:width="100%"
        ><span>Fine steps between two values</span></span
      >{/if}
  </div>
  {#if value !== undefined}<span class="marker" style:left="{percentAt(value + 0.5)}%" aria-hidden="true"></span>{/if}
  {#if onInput}
    <input
      type="range"
      min="0"
      max="255"
      step="1"
      {value}
      aria-label={label}
      oninput={(event) => onInput(Number(event.currentTarget.value))}
      onfocus={onFocus}
    />
  {/if}
  {#if onEdge}
    {#each ranges as range, index (index)}
      {#if range.to < 255}
        {@const at = dragged?.index === index ? dragged.to : range.to}
        <span
          class="edge"
          class:held={dragged?.index === index}
          style:left="{percentAt(at + 1)}%"
          title="Drag the edge at {range.to}"
          aria-hidden="true"
          onpointerdown={(event) => grab(event, index, range.to)}
          onpointermove={(event) => dragged && (dragged = { index: dragged.index, to: valueAt(event) })}
          onpointerup={drop}
          onpointercancel={() => (dragged = null)}
          >{#if dragged?.index === index}<b class="mono">{dragged.to}|{dragged.to + 1}</b>{/if}</span
        >
      {/if}
    {/each}
  {/if}
</div>

<style>
  .ladder {
    position: relative;
    height: 30px;
  }
  .rungs {
    position: absolute;
    inset: 1px 0;
    background: repeating-linear-gradient(135deg, oklch(0.5 0.03 70 / 0.35) 0 2px, transparent 2px 6px), var(--well);
    border-radius: 3px;
    overflow: hidden;
  }
  .rung {
    position: absolute;
    top: 0;
    bottom: 0;
    overflow: hidden;
    border-right: 1px solid oklch(0.1 0.01 65);
    background: oklch(0.42 0.02 75);
    color: #fff;
    font-size: 11px;
    font-weight: 600;
    font-stretch: 75%;
    line-height: 28px;
    white-space: nowrap;
  }
  .rung > span {
    padding: 1px 5px;
    border-radius: 2px;
    background: oklch(0.12 0.01 65 / 0.62);
    margin-left: 3px;
  }
  .closed {
    background: oklch(0.05 0.005 65);
  }
  .open {
    background: oklch(0.5 0.03 85);
  }
  .flash {
    background: repeating-linear-gradient(90deg, oklch(0.62 0.015 85) 0 3px, oklch(0.2 0.01 70) 3px 9px);
  }
  .own {
    background: repeating-linear-gradient(125deg, oklch(0.34 0.014 65) 0 8px, oklch(0.26 0.012 65) 8px 16px);
  }
  .none {
    background: oklch(0.23 0.01 65);
  }
  .other {
    background: linear-gradient(90deg, oklch(0.3 0.015 70), oklch(0.46 0.02 75));
  }
  .marker {
    position: absolute;
    top: -4px;
    bottom: -4px;
    width: 3px;
    margin-left: -1.5px;
    background: oklch(0.8 0.145 72);
    box-shadow: 0 0 0 1px oklch(0.13 0.01 65);
    pointer-events: none;
  }
  .marker::before {
    content: '';
    position: absolute;
    top: -3px;
    left: -4px;
    border: 5.5px solid transparent;
    border-top-color: oklch(0.8 0.145 72);
    filter: drop-shadow(0 0 0.5px oklch(0.13 0.01 65));
  }
  input {
    position: absolute;
    inset: 0;
    width: 100%;
    margin: 0;
    opacity: 0;
    cursor: ew-resize;
  }
  .edge {
    position: absolute;
    top: 20px;
    width: 12px;
    height: 12px;
    margin-left: -6px;
    cursor: col-resize;
    touch-action: none;
    z-index: 2;
  }
  .edge::before {
    content: '';
    position: absolute;
    left: 1px;
    top: 4px;
    border: 5px solid transparent;
    border-bottom: 7px solid var(--tape);
    border-top: 0;
    filter: drop-shadow(0 0 0.6px oklch(0.13 0.01 65)) drop-shadow(0 0 0.6px oklch(0.13 0.01 65));
  }
  .edge b {
    position: absolute;
    top: 13px;
    left: 50%;
    transform: translateX(-50%);
    padding: 1px 5px;
    border-radius: 3px;
    background: var(--color-base-300);
    border: 1px solid var(--line);
    white-space: nowrap;
  }
  .ladder:has(input:focus-visible) {
    outline: 2px solid var(--color-primary);
    outline-offset: 2px;
    border-radius: 3px;
  }
</style>
