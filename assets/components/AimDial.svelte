<script lang="ts">
  /** Where pan or tilt points, in degrees from the centre of its travel; the shaded part is the travel. */
  let {
    degrees,
    travel,
    ends,
    rest,
    name,
  }: { degrees: number | null; travel: number | null; ends: string; rest: number | null; name: string } = $props();
  const half = $derived(Math.min(358, travel ?? 0) / 2);

  function point(angle: number, radius: number): string {
    const at = ((angle - 90) * Math.PI) / 180;
    return `${60 + radius * Math.cos(at)} ${60 + radius * Math.sin(at)}`;
  }
  const arc = $derived(`M60 60 L${point(-half, 50)} A50 50 0 ${half > 90 ? 1 : 0} 1 ${point(half, 50)}Z`);
  const say = (angle: number) => `${Math.round(angle * 10) / 10}°`;
</script>

<figure class="flex items-center gap-3">
  <svg
    viewBox="0 0 120 120"
    width="104"
    height="104"
    role="img"
    aria-label="{name} points to {degrees === null ? 'nowhere known' : say(degrees)}"
  >
    <circle cx="60" cy="60" r="54" fill="none" stroke="var(--line)" />
    {#if travel}<path d={arc} fill="var(--color-base-300)" />{/if}
    {#if rest !== null}<line
        x1="60"
        y1="60"
        x2={point(rest, 46).split(' ')[0]}
        y2={point(rest, 46).split(' ')[1]}
        stroke="var(--dim)"
        stroke-dasharray="3 3"
      />{/if}
    {#if degrees !== null}
      <line
        x1="60"
        y1="60"
        x2={point(degrees, 52).split(' ')[0]}
        y2={point(degrees, 52).split(' ')[1]}
        stroke="var(--color-primary)"
        stroke-width="3"
        stroke-linecap="round"
      />
    {/if}
    <circle cx="60" cy="60" r="4" fill="var(--color-base-content)" />
  </svg>
  <figcaption class="text-[12px]">
    <b class="font-[620]">{degrees === null ? 'Not stated' : `${say(degrees)} from the centre`}</b>
    <span class="dim block">{travel ? `${travel}° of travel, ${ends}` : 'The chart states no travel.'}</span>
    {#if rest !== null}<span class="dim block">rests at {say(rest)}</span>{/if}
  </figcaption>
</figure>
