<script lang="ts">
  import LampBar from '../../components/LampBar.svelte';
  import type { LampRow } from '../../state/describingKit.svelte';

  /** What a lamp shows in each state: its colour and its pattern. */
  let { title, rows, problem }: { title: string; rows: LampRow[]; problem: string | null } = $props();
  const STATES: Record<string, string> = {
    linked: 'linked',
    alone: 'nobody hears it',
    searching: 'looks for its sender',
    pairing: 'pairing',
    cleared: 'cleared',
    'low-battery': 'battery nearly flat',
  };
  const PATTERNS = [
    ['1', 'steady'],
    ['1111100000', 'slow, on and off'],
    ['10', 'flickering'],
    ['1000000000', 'a short flash'],
    ['1111111100', 'out for a moment'],
    ['1010000000', 'two flashes, a pause'],
    ['1010100000', 'three flashes, a pause'],
  ] as const;
  const isUsual = (pattern: string) => PATTERNS.some(([one]) => one === pattern);
</script>

<fieldset class="grid content-start gap-1.5">
  <legend class="mb-1 font-[620]">{title}</legend>
  {#each rows as row (row.state)}
    <div class="grid max-w-[560px] grid-cols-[minmax(96px,1fr)_96px_minmax(0,1.5fr)_88px] items-center gap-1.5">
      <span class="dim">{STATES[row.state]}</span>
      <input
        class="input h-7 px-2"
        bind:value={row.colour}
        placeholder="colour"
        aria-label="{title}, {STATES[row.state]}: colour"
      />
      <select
        class="select h-7 min-w-0"
        value={row.pattern}
        aria-label="{title}, {STATES[row.state]}: pattern"
        onchange={(event) => (row.pattern = event.currentTarget.value)}
      >
        {#each PATTERNS as [pattern, words] (pattern)}<option value={pattern}>{words}</option>{/each}
        {#if !isUsual(row.pattern)}<option value={row.pattern}>{row.pattern}</option>{/if}
      </select>
      {#if row.colour.trim()}<LampBar pattern={row.pattern} />{:else}<span class="faint text-[11px]">not said</span
        >{/if}
    </div>
  {/each}
  {#if problem}<span class="text-error text-[11.5px]">{problem}</span>{/if}
  <span class="faint text-[11px]">Each bar is one second.</span>
</fieldset>
