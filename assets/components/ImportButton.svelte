<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { keys } from '../api/queries';
  import { Bringing } from '../state/bringing.svelte';
  import { navigate } from '../state/navigation';
  import { plural } from '../lib/words';
  import Dialog from './Dialog.svelte';

  /** Brings in fixtures, desks, radio kits and rigs from one file or a thousand: each document says what it is. */
  let { onFixture = () => {} }: { onFixture?: (typeId: string) => void } = $props();
  const client = useQueryClient();
  const bringing = new Bringing();
  let picker: HTMLInputElement | undefined = $state();
  let open = $state(false);
  const only = $derived(bringing.results.length === 1 && bringing.total === 1 ? bringing.results[0] : null);
  const title = $derived(
    bringing.running
      ? 'Importing'
      : bringing.done === 0
        ? 'Nothing was imported'
        : bringing.failed.length || bringing.results.length < bringing.total
          ? 'Imported in part'
          : 'Imported',
  );

  async function bring() {
    const files = [...(picker?.files ?? [])];
    if (files.length === 0) return;
    open = files.length > 1;
    await bringing.bring(files);
    if (picker) picker.value = '';
    await Promise.all(
      [keys.rigs, keys.allTypes, keys.desks, keys.kits].map((queryKey) => client.invalidateQueries({ queryKey })),
    );
    const brought = only?.done;
    if (brought?.kind === 'rig') {
      await navigate('/rigs/:rig/patch', { params: { rig: brought.id } });
      return;
    }
    if (brought?.kind === 'fixture') onFixture(brought.id);
    open = true;
  }
</script>

<button class="btn" onclick={() => picker?.click()}>Import</button>
<input
  bind:this={picker}
  type="file"
  multiple
  accept=".json,.csv,.tsv,.gdtf,.zip,application/json,text/csv"
  class="hidden"
  aria-label="Documents to import"
  onchange={bring}
/>
<Dialog {title} bind:open>
  {#if bringing.total > 1}
    <progress
      class="progress mb-2 w-full"
      max={bringing.total}
      value={bringing.results.length}
      aria-label="Files imported"
    ></progress>
    <p role="status">
      {bringing.results.length} of {plural(bringing.total, 'file')}: {bringing.done} brought in{bringing.failed.length
        ? `, ${bringing.failed.length} refused`
        : ''}.
    </p>
    {#if bringing.running}<button class="btn mt-3" onclick={() => bringing.stop()}>Stop here</button>
    {:else if bringing.results.length < bringing.total}<p class="dim mt-1 text-[12.5px]">
        Stopped. What was brought in until then stays.
      </p>{/if}
  {/if}
  <ul class="scroll mt-2 grid max-h-[280px] gap-2 text-[12.5px]" aria-label="What became of them">
    {#each bringing.results.filter((one) => only || one.problem || (one.done?.notes?.length ?? 0) > 0) as one, index (index)}
      <li>
        <bdi class="mono">{one.file}</bdi>
        {#if one.problem}<p class="text-error" role={only ? 'alert' : undefined}>{one.problem}</p>
        {:else if one.done}<p>Brought in the {one.done.kind} <bdi>{one.done.name}</bdi>.</p>
          {#each one.done.notes ?? [] as note (note)}<p class="dim">{note}</p>{/each}{/if}
      </li>
    {/each}
  </ul>
  {#if !bringing.running && bringing.failed.length}<p class="dim mt-3 text-[12.5px]">
      Of a refused file nothing was stored. Rigger reads its own documents (rigger-fixture, rigger-desk, rigger-rig),
      lists with one row a range (.csv), and device descriptions of DIN SPEC 15800.
    </p>{/if}
</Dialog>
