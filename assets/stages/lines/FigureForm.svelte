<script lang="ts">
  import { untrack } from 'svelte';
  import type { ApiError } from '../../api/errors';

  /** A few figures that only say something together: typed, then kept at once. */
  type Field = { key: string; label: string; options?: readonly (readonly [string, string])[] };
  let {
    title,
    fields,
    values,
    keep,
    onKeep,
  }: {
    title: string;
    fields: readonly Field[];
    /** What stands, or what is usual. */
    values: Readonly<Record<string, string>>;
    /** Words of the button. */
    keep: string;
    onKeep: (values: Record<string, string>) => Promise<ApiError | null>;
  } = $props();
  let typed = $state<Record<string, string>>(untrack(() => ({ ...values })));
  let problem = $state<ApiError | null>(null);
  const isOther = $derived(fields.some(({ key }) => typed[key] !== values[key]));

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    problem = await onKeep({ ...typed });
  }
</script>

<form class="grid grid-cols-2 gap-2 text-[12.5px]" onsubmit={submit} aria-label={title}>
  {#each fields as { key, label, options } (key)}
    <label class="grid content-start gap-0.5"
      ><span class="dim">{label}</span>
      {#if options}
        <select class="select h-8" bind:value={typed[key]}
          >{#each options as [value, words] (value)}<option {value}>{words}</option>{/each}</select
        >
      {:else}
        <input class="input mono h-8" inputmode="decimal" bind:value={typed[key]} />
      {/if}
      {#if problem?.at(key)}<span class="text-error text-[11.5px]" role="alert">{problem.at(key)}</span>{/if}
    </label>
  {/each}
  <div class="col-span-2 flex items-center gap-2">
    <button class="btn {isOther ? 'btn-primary' : ''}">{keep}</button>
    {#if problem && !fields.some(({ key }) => problem?.at(key))}<span class="text-error text-[11.5px]" role="alert"
        >{problem.message}</span
      >{/if}
  </div>
</form>
