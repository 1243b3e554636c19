<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { desksQuery } from '../../api/queries';
  import ImportButton from '../../components/ImportButton.svelte';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';

  const session = useRig();
  const faders = useFaders();
  const desks = createQuery(() => desksQuery());
  const current = $derived(desks.data?.desks.find((one) => one.id === session.rig.desk?.id));

  const choose = (deskId: string | null) =>
    session.write((version) =>
      answered(api.PUT('/api/rigs/{rig}/desk', { params: { path: { rig: session.id } }, body: { version, deskId } })),
    );
</script>

<div class="flex flex-wrap items-center gap-3">
  <label class="flex items-center gap-2"
    ><h2>Desk</h2>
    <select
      class="select"
      aria-label="Desk"
      value={session.rig.desk?.id ?? ''}
      onchange={(event) => choose(event.currentTarget.value || null)}
    >
      <option value="">none</option>
      {#each desks.data?.desks ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
    </select>
  </label>
  <span class="dim flex-1 text-[12.5px]"
    >{current?.words ?? ''}{session.rig.desk?.banks
      ? ` · ${session.rig.desk.banks} banks of ${session.rig.desk.scenesPerBank}`
      : ''}</span
  >
  <ImportButton />
  {#if session.rig.desk}
    <a class="btn" href="/api/desks/{session.rig.desk.id}/export" download>Export</a>
    <button class="btn" onclick={() => faders.clear()}>All faders to 0</button>
  {/if}
</div>
