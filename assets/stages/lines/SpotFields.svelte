<script lang="ts">
  import { untrack } from 'svelte';
  import type { ApiError } from '../../api/errors';
  import type { Spot } from '../../api/types';

  /** A place of the stage plan in three numbers. */
  let {
    label,
    spot,
    onPut,
  }: {
    label: string;
    spot: Spot | null;
    onPut: (spot: { x: number; y: number; height: number }) => Promise<ApiError | null>;
  } = $props();
  let [x, y, height] = $state(untrack(() => [spot?.x ?? 0, spot?.y ?? 0, spot?.height ?? 0].map(String)) as string[]);
  let problem = $state<string | null>(null);
  const number = (text: string | undefined) => Number((text ?? '').replace(',', '.'));

  async function put(event: SubmitEvent) {
    event.preventDefault();
    const told = await onPut({ x: number(x), y: number(y), height: number(height) });
    problem = told ? (told.at('x') ?? told.at('y') ?? told.at('height') ?? told.message) : null;
  }
</script>

<form class="grid gap-1 text-[12.5px]" onsubmit={put}>
  <span class="dim">{label}{spot ? `: ${spot.words}` : ''}</span>
  <div class="flex items-end gap-1.5">
    <label class="grid"
      ><span class="faint text-[11px]">right of centre</span><input
        class="input mono h-8 w-16 px-2"
        bind:value={x}
      /></label
    >
    <label class="grid"
      ><span class="faint text-[11px]">upstage</span><input class="input mono h-8 w-16 px-2" bind:value={y} /></label
    >
    <label class="grid"
      ><span class="faint text-[11px]">up, metres</span><input
        class="input mono h-8 w-16 px-2"
        bind:value={height}
      /></label
    >
    <button class="btn h-8">Put it there</button>
  </div>
  {#if problem}<span class="text-error text-[11.5px]" role="alert">{problem}</span>{/if}
</form>
