<script lang="ts">
  import type { Link } from '../../api/types';

  /** What a unit of a kit is set to: one list for each part of it. */
  let {
    link,
    value,
    label,
    mayBeNone = false,
    onChoose,
  }: {
    link: Link;
    /** Null where nothing is set yet. */
    value: string | null;
    label: string;
    mayBeNone?: boolean;
    onChoose: (setting: string | null) => unknown;
  } = $props();
  /** Values of the parts, by where the setting stands among all of them: they count like digits. */
  const places = $derived(
    link.parts.map((_, nth) => link.parts.slice(nth + 1).reduce((all, part) => all * part.values.length, 1)),
  );
  const at = $derived(value === null ? -1 : link.names.indexOf(value));
  const indexOf = (nth: number) =>
    at < 0 ? -1 : Math.floor(at / (places[nth] ?? 1)) % (link.parts[nth]?.values.length ?? 1);

  function choose(nth: number, index: number) {
    if (index < 0) return onChoose(null);
    const place = link.parts.reduce(
      (sum, _, one) => sum + (one === nth ? index : Math.max(0, indexOf(one))) * (places[one] ?? 1),
      0,
    );
    return onChoose(link.names[place] ?? null);
  }
</script>

<span class="flex gap-1">
  {#each link.parts as part, nth (nth)}
    <select
      class="select h-7 flex-1"
      value={String(indexOf(nth))}
      aria-label={link.parts.length > 1 ? `${label}, ${part.label}` : label}
      onchange={(event) => choose(nth, Number(event.currentTarget.value))}
    >
      {#if mayBeNone || at < 0}<option value="-1">not set</option>{/if}
      {#each part.values as one, index (one)}<option value={String(index)}>{one}</option>{/each}
    </select>
  {/each}
</span>
