<script lang="ts">
  import type { FaderRange } from '../../api/types';
  import { flashes, percentAt, rangeAt } from '../../lib/ranges';
  import { whole } from '../../lib/values';

  /** A fader's travel with its cap: mouse, wheel, touch and keys. Range names stand beside it where there is room. */
  let {
    value,
    label,
    ranges = [],
    colour = '#b9a98a',
    held = false,
    named = false,
    onMove,
    onTouch = () => {},
  }: {
    value: number;
    label: string;
    ranges?: readonly FaderRange[];
    colour?: string;
    held?: boolean;
    /** Its range names are shown, however narrow the strip is. */
    named?: boolean;
    onMove: (value: number) => void;
    onTouch?: () => void;
  } = $props();

  const CAP = 18;
  let element: HTMLElement | undefined = $state();
  let input: HTMLInputElement | undefined = $state();
  let grip: { y: number; value: number; height: number } | null = null;
  /** Where the hand has put it last: the browser tells a move twice, as it happens and with the next picture. */
  let put = -1;
  const here = $derived(rangeAt(ranges, value));
  const share = $derived((value / 255) * 100);
  /** Names that would stand on one another are left out; the title of the stretch says them. */
  const names = $derived.by(() => {
    let last = -Infinity;
    return ranges.map((one) => {
      const middle = percentAt((one.from + one.to + 1) / 2);
      const fits = middle - last >= 9;
      if (fits) last = middle;
      return { one, middle, fits };
    });
  });

  function grab(event: PointerEvent) {
    if (event.button !== 0 || !element) return;
    event.preventDefault();
    input?.focus({ preventScroll: true });
    element.setPointerCapture(event.pointerId);
    const box = element.getBoundingClientRect();
    const capAt = box.bottom - (value / 255) * box.height;
    // On the cap the hand takes it where it is; beside it, the cap comes to the hand.
    const isOnCap = Math.abs(event.clientY - capAt) <= CAP;
    const from = isOnCap ? value : ((box.bottom - event.clientY) / box.height) * 255;
    grip = { y: event.clientY, value: from, height: box.height };
    put = whole(value);
    if (!isOnCap) onMove(from);
  }

  function drag(event: PointerEvent) {
    if (!grip) return;
    const to = whole(grip.value + ((grip.y - event.clientY) / grip.height) * 255);
    if (to === put) return;
    put = to;
    onMove(to);
  }

  function wheel(event: WheelEvent) {
    event.preventDefault();
    onTouch();
    onMove(value + (event.deltaY < 0 ? 1 : -1) * (event.shiftKey || event.ctrlKey ? 1 : 5));
  }

  $effect(() => {
    const target = element;
    // As it happens, where a browser tells it: what is asked then is on its way before the next picture.
    target?.addEventListener('pointerrawupdate', drag as EventListener);
    return () => target?.removeEventListener('pointerrawupdate', drag as EventListener);
  });

  $effect(() => {
    const target = element;
    // Svelte's own listener is passive, and the page would scroll along.
    target?.addEventListener('wheel', wheel, { passive: false });
    return () => target?.removeEventListener('wheel', wheel);
  });
</script>

<div class="travel" class:held style:--share="{share}%">
  <input
    bind:this={input}
    type="range"
    min="0"
    max="255"
    {value}
    oninput={(event) => onMove(Number(event.currentTarget.value))}
    onfocus={onTouch}
    aria-label={label}
    aria-valuetext="{value}{here ? `, ${here.label}` : ''}"
  />
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div
    class="grip"
    bind:this={element}
    onpointerdown={grab}
    onpointermove={drag}
    onpointerup={() => (grip = null)}
    onpointercancel={() => (grip = null)}
  >
    <span class="track" style:--colour={colour}></span><span class="cap"></span>
  </div>
  {#if ranges.length > 1}
    <div class="bands" class:named aria-hidden="true">
      {#each names as { one, middle, fits } (one.from)}
        {@const from = percentAt(one.from)}
        <span
          class="band"
          class:flash={flashes(one)}
          class:here={one === here}
          style:bottom="{from}%"
          style:height="{percentAt(one.to + 1) - from}%"
          title="{one.label}: {one.from}–{one.to}"
        ></span>
        {#if fits}<span class="name" class:at={one === here} style:bottom="{middle}%">{one.label}</span>{/if}
      {/each}
    </div>
  {/if}
</div>

<style>
  .travel {
    position: relative;
    display: flex;
    height: var(--travel, 240px);
    margin: 4px 0 9px;
    width: 100%;
    justify-content: center;
  }
  .grip {
    position: relative;
    contain: layout size style;
    width: 38px;
    flex: none;
    touch-action: none;
    cursor: ns-resize;
  }
  /* What moves is painted at another place of one background: nothing is laid out or layered anew under a hand. */
  .track {
    position: absolute;
    inset: 0 5px;
    background: linear-gradient(var(--colour) 0 0) center bottom / 6px var(--share) no-repeat var(--well);
    border-radius: 4px;
    box-shadow: inset 0 0 0 1px var(--well-edge);
  }
  /* A cap at the end of its travel reaches beyond it, and is taken there too. */
  .grip::after {
    content: '';
    position: absolute;
    inset: -9px 0;
  }
  .held .track {
    box-shadow: inset 0 0 0 2px var(--color-primary);
  }
  .bands {
    position: relative;
    flex: 0 1 auto;
    width: 5px;
    margin-left: -3px;
  }
  .band {
    position: absolute;
    left: 0;
    width: 6px;
    border: 1px solid var(--color-base-200);
    border-width: 1px 0;
    background: var(--line);
  }
  .flash {
    background: repeating-linear-gradient(0deg, var(--color-base-content) 0 2px, var(--line) 2px 5px);
  }
  .band.here {
    background-color: var(--color-primary);
  }
  .name {
    display: none;
    position: absolute;
    left: 9px;
    max-width: 46px;
    transform: translateY(50%);
    font-size: 10.5px;
    font-stretch: 70%;
    line-height: 1;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    color: var(--dim);
  }
  .named .name {
    display: block;
    z-index: 3;
    max-width: 92px;
    padding: 1px 3px;
    border-radius: 3px;
    background: var(--color-base-300);
  }
  .name.at {
    color: var(--color-base-content);
    font-weight: 600;
  }
  @container strip (min-width: 76px) {
    .bands {
      width: 52px;
    }
    .name {
      display: block;
    }
  }
  .cap {
    position: absolute;
    inset: -14px -5px;
    background: url('../../cap.svg') center calc(100% - var(--share)) / 48px 28px no-repeat;
    pointer-events: none;
  }
  input {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    writing-mode: vertical-lr;
    direction: rtl;
    opacity: 0;
    margin: 0;
    pointer-events: none;
  }
  input:focus-visible + .grip {
    outline: 2px solid var(--color-primary);
    outline-offset: 3px;
    border-radius: 4px;
  }
</style>
