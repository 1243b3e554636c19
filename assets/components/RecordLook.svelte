<script lang="ts">
  import { kept } from '../state/kept';
  import { drafts } from '../state/drafts.svelte';
  import { untrack } from 'svelte';
  import type { ApiError } from '../api/errors';
  import { useFaders } from '../state/faders.svelte';
  import { useRig } from '../state/rig.svelte';
  import { selection } from '../state/selection.svelte';
  import Dialog from './Dialog.svelte';

  /** Records where the faders stand as a scene. */
  let { open = $bindable(), bank, number }: { open: boolean; bank: number; number: number } = $props();
  const session = useRig();
  const faders = useFaders();
  let name = $state('');
  let atBank = $state('1');
  let atNumber = $state('1');
  let problem = $state<ApiError | null>(null);

  $effect(() => {
    if (open)
      untrack(() => {
        [atBank, atNumber, problem] = [String(bank), String(number), null];
      });
  });

  async function record(event: SubmitEvent) {
    event.preventDefault();
    const place = { bank: Number(atBank), number: Number(atNumber) };
    problem = await session.change({ do: 'record-look', name, ...place, slots: { ...faders.slots } }, true);
    if (problem) return;
    const made = session.rig.looks.find((one) => one.id === session.made[0]);
    if (made) {
      selection.look = made.id;
      faders.recall(made);
    }
    name = '';
    drafts.drop(`new-look.${session.id}`);
    open = false;
  }
</script>

<Dialog title="Record where the faders stand" bind:open>
  <form class="grid grid-cols-[1fr_80px_80px] items-start gap-3" onsubmit={record}>
    <label class="grid content-start gap-1"
      ><span class="dim text-[12px]">Look</span>
      <input
        class="input w-full"
        bind:value={name}
        {@attach kept(
          `new-look.${session.id}`,
          'Name of a new look',
          () => name,
          (text) => (name = text),
        )}
        dir="auto"
        aria-invalid={!!problem?.at('name')}
      />
      {#if problem?.at('name')}<span class="text-error text-[11.5px]" role="alert">{problem.at('name')}</span>{/if}
    </label>
    <label class="grid content-start gap-1"
      ><span class="dim text-[12px]">Bank</span>
      <input class="input mono w-full" inputmode="numeric" bind:value={atBank} aria-invalid={!!problem?.at('bank')} />
    </label>
    <label class="grid content-start gap-1"
      ><span class="dim text-[12px]">Scene</span>
      <input
        class="input mono w-full"
        inputmode="numeric"
        bind:value={atNumber}
        aria-invalid={!!problem?.at('number')}
      />
    </label>
    {#each ['bank', 'number'] as field (field)}
      {#if problem?.at(field)}<p class="text-error col-span-3 text-[12px]" role="alert">{problem.at(field)}</p>{/if}
    {/each}
    {#if problem && !problem.violations.length}<p class="text-error col-span-3 text-[12px]" role="alert">
        {problem.message}
      </p>{/if}
    <div class="col-span-3 flex gap-2">
      <button class="btn btn-primary" disabled={session.busy}>Record the look</button>
    </div>
  </form>
</Dialog>
