<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../api/client';
  import { wordsOf } from '../api/errors';
  import { keys } from '../api/queries';
  import Dialog from './Dialog.svelte';
  import { navigate } from '../router';

  /** Brings in a fixture, a desk or a rig from a file: the document says which it is. */
  let { onFixture = () => {} }: { onFixture?: (typeId: string) => void } = $props();
  const MOST_BYTES = 5 * 1024 * 1024;
  const client = useQueryClient();
  let picker: HTMLInputElement | undefined = $state();
  let problem = $state<string | null>(null);
  let file = $state('');
  let open = $state(false);
  let done = $state<string | null>(null);

  async function bring() {
    const chosen = picker?.files?.[0];
    if (!chosen) return;
    file = chosen.name;
    problem = done = null;
    try {
      if (chosen.size > MOST_BYTES)
        throw new Error(`The file has ${Math.ceil(chosen.size / 1048576)} MB; at most 5 MB are read.`);
      let body: unknown;
      const text = await chosen.text();
      try {
        body = JSON.parse(text);
      } catch {
        throw new Error('The file is cut off or is no JSON document.');
      }
      const brought = await answered(api.POST('/api/import', { body: body as Record<string, never> }));
      await Promise.all(
        [keys.rigs, keys.allTypes, keys.desks].map((queryKey) => client.invalidateQueries({ queryKey })),
      );
      if (brought.kind === 'rig') {
        await navigate('/rigs/:rig/patch', { params: { rig: brought.id } });
        return;
      }
      if (brought.kind === 'fixture') onFixture(brought.id);
      done = `Brought in the ${brought.kind} ${brought.name}.`;
      open = true;
    } catch (error) {
      problem = wordsOf(error);
      open = true;
    } finally {
      if (picker) picker.value = '';
    }
  }
</script>

<button class="btn" onclick={() => picker?.click()}>Import</button>
<input
  bind:this={picker}
  type="file"
  accept=".json,application/json"
  class="hidden"
  aria-label="Document to import"
  onchange={bring}
/>
<Dialog title={problem ? 'Nothing was imported' : 'Imported'} bind:open>
  <p class="mb-1"><bdi class="mono">{file}</bdi></p>
  <p class={problem ? 'text-error' : ''} role={problem ? 'alert' : 'status'}>{problem ?? done}</p>
  {#if problem}<p class="dim mt-3 text-[12.5px]">
      Nothing was stored. Rigger reads documents of the formats rigger-fixture, rigger-desk and rigger-rig, as Export
      writes them.
    </p>{/if}
</Dialog>
