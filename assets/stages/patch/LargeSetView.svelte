<script lang="ts">
  import { answered, api } from '../../api/client';
  import { ApiError, wordsOf } from '../../api/errors';
  import type { LargeSet } from '../../api/types';

  /** Many equal units one after another: how many universes and receivers they take, and where one of them is. */
  let count = $state('300');
  let footprint = $state('3');
  let outputs = $state('');
  let universe = $state('1');
  let first = $state('1');
  let unit = $state('170');
  let answer = $state.raw<LargeSet | null>(null);
  let problem = $state.raw<ApiError | string | null>(null);
  let turn = 0;
  const number = (text: string) => (text.trim() === '' ? null : Number(text));

  $effect(() => {
    const body = {
      count: Number(count) || 0,
      footprint: Number(footprint) || 0,
      outputs: number(outputs),
      universe: Number(universe) || 0,
      first: Number(first) || 0,
      unit: number(unit),
    };
    const timer = setTimeout(() => void ask(body), 80);
    return () => clearTimeout(timer);
  });

  async function ask(body: {
    count: number;
    footprint: number;
    outputs: number | null;
    universe: number;
    first: number;
    unit: number | null;
  }) {
    const mine = ++turn;
    try {
      const next = await answered(api.POST('/api/large-set', { body }));
      if (mine === turn) [answer, problem] = [next, null];
    } catch (error) {
      if (mine === turn) [answer, problem] = [null, error instanceof ApiError ? error : wordsOf(error)];
    }
  }

  const words = $derived(problem instanceof ApiError ? (problem.violations[0]?.message ?? problem.message) : problem);
</script>

<div class="grid grid-cols-3 gap-3 text-[12.5px]">
  <label class="grid gap-1"
    ><span class="dim">Units</span><input class="input mono w-full" inputmode="numeric" bind:value={count} /></label
  >
  <label class="grid gap-1"
    ><span class="dim">Channels of each</span><input
      class="input mono w-full"
      inputmode="numeric"
      bind:value={footprint}
    /></label
  >
  <label class="grid gap-1"
    ><span class="dim">Outputs of a receiver</span><input
      class="input mono w-full"
      inputmode="numeric"
      placeholder="none"
      bind:value={outputs}
    /></label
  >
  <label class="grid gap-1"
    ><span class="dim">First universe</span><input
      class="input mono w-full"
      inputmode="numeric"
      bind:value={universe}
    /></label
  >
  <label class="grid gap-1"
    ><span class="dim">Each begins at</span><input
      class="input mono w-full"
      inputmode="numeric"
      bind:value={first}
    /></label
  >
  <label class="grid gap-1"
    ><span class="dim">Where is unit</span><input
      class="input mono w-full"
      inputmode="numeric"
      bind:value={unit}
    /></label
  >
</div>
<div class="mt-4 grid gap-1.5" role="status">
  {#if words}<p class="text-error">{words}</p>{/if}
  {#if answer}<p>{answer.words}</p>
    {#if answer.unitWords}<p class="font-[620]">{answer.unitWords}</p>{/if}{/if}
</div>
