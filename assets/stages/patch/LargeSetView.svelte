<script lang="ts">
  import { answered, api } from '../../api/client';
  import { ApiError, wordsOf } from '../../api/errors';
  import type { LargeSet } from '../../api/types';

  /** Many equal units one after another: how many universes and receivers they take, and where one of them is. */
  const FIELDS = [
    ['count', 'Units'],
    ['footprint', 'Channels of each'],
    ['outputs', 'Outputs of a receiver'],
    ['universe', 'First universe'],
    ['first', 'Each begins at'],
    ['unit', 'Where is unit'],
  ] as const;
  const typed = $state({ count: '300', footprint: '3', outputs: '', universe: '1', first: '1', unit: '170' });
  /** Those two may be left open; a blank one of the others is 0, and refused. */
  const wish = $derived({
    count: Number(typed.count) || 0,
    footprint: Number(typed.footprint) || 0,
    outputs: typed.outputs.trim() === '' ? null : Number(typed.outputs) || 0,
    universe: Number(typed.universe) || 0,
    first: Number(typed.first) || 0,
    unit: typed.unit.trim() === '' ? null : Number(typed.unit) || 0,
  });
  let answer = $state.raw<LargeSet | null>(null);
  let problem = $state.raw<ApiError | null>(null);
  let turn = 0;

  $effect(() => {
    const body = wish;
    const timer = setTimeout(() => void ask(body), 80);
    return () => clearTimeout(timer);
  });

  async function ask(body: typeof wish) {
    const mine = ++turn;
    try {
      const next = await answered(api.POST('/api/large-set', { body }));
      if (mine === turn) [answer, problem] = [next, null];
    } catch (error) {
      const refused = error instanceof ApiError ? error : new ApiError(0, { detail: wordsOf(error) });
      if (mine === turn) [answer, problem] = [null, refused];
    }
  }
</script>

<div class="grid grid-cols-3 gap-3 text-[12.5px]">
  {#each FIELDS as [member, words] (member)}
    <label class="grid content-start gap-1"
      ><span class="dim">{words}</span><input
        class="input mono w-full"
        inputmode="numeric"
        placeholder={member === 'outputs' ? 'none' : ''}
        bind:value={typed[member]}
        aria-invalid={!!problem?.at(member)}
      />{#if problem?.at(member)}<span class="text-error text-[11.5px]" role="alert">{problem.at(member)}</span
        >{/if}</label
    >
  {/each}
</div>
<div class="mt-4 grid gap-1.5" role="status">
  {#if problem && problem.violations.length === 0}<p class="text-error">{problem.message}</p>{/if}
  {#if answer}<p>{answer.words}</p>
    {#if answer.unitWords}<p class="font-[620]">{answer.unitWords}</p>{/if}{/if}
</div>
