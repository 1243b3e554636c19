<script lang="ts">
  type Slot = { from: number; to: number; label: string; hex?: string | null; slot?: number };

  /** A colour or gobo wheel as it stands in the lamp: one segment a slot, the one at the fader's value at the top. */
  let { slots, value }: { slots: readonly Slot[]; value: number } = $props();
  const here = $derived(slots.findIndex((one) => one.from <= value && value <= one.to));
  const step = $derived(360 / Math.max(1, slots.length));
  const turn = $derived(here < 0 ? 0 : -here * step);

  function segment(index: number): string {
    const point = (degrees: number, radius: number) => {
      const at = ((degrees - 90) * Math.PI) / 180;
      return `${60 + radius * Math.cos(at)} ${60 + radius * Math.sin(at)}`;
    };
    const [from, to] = [(index - 0.5) * step, (index + 0.5) * step];
    const wide = step > 180 ? 1 : 0;
    return `M${point(from, 20)} L${point(from, 54)} A54 54 0 ${wide} 1 ${point(to - 0.01, 54)} L${point(to - 0.01, 20)} A20 20 0 ${wide} 0 ${point(from, 20)}Z`;
  }
</script>

<figure class="flex items-center gap-3">
  <svg viewBox="0 0 120 126" width="112" height="118" role="img" aria-label="Wheel of {slots.length} slots">
    <g style:transform="rotate({turn}deg)" style:transform-origin="60px 60px">
      {#each slots as slot, index (index)}
        <path
          d={segment(index)}
          fill={slot.hex ?? 'var(--color-base-300)'}
          stroke="var(--color-base-200)"
          stroke-width="2"
        >
          <title>{slot.from}–{slot.to} {slot.label}</title>
        </path>
        {#if !slot.hex}<text x="60" y="24" text-anchor="middle" class="number" transform="rotate({index * step} 60 60)"
            >{slot.slot ?? index}</text
          >{/if}
      {/each}
    </g>
    <path d="M54 0h12l-6 8z" fill="var(--color-primary)" />
  </svg>
  <figcaption class="min-w-0 text-[12px]">
    {#if here >= 0}<b class="font-[620]"><bdi>{slots[here]?.label}</bdi></b><span class="mono dim block"
        >{slots[here]?.from}–{slots[here]?.to}</span
      >{:else}<span class="dim">No slot at {value}.</span>{/if}
  </figcaption>
</figure>

<style>
  .number {
    font:
      500 9px 'Martian Mono Variable',
      monospace;
    fill: var(--color-base-content);
  }
</style>
