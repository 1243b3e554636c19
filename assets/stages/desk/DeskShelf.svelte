<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { desksQuery, keys } from '../../api/queries';
  import LibraryShelf from '../../components/LibraryShelf.svelte';

  /** The desks of the library. */
  let {
    onOpen,
    onCopy,
    onNew,
    open,
  }: {
    onOpen: (id: string) => void;
    onCopy: (id: string, name: string) => void;
    onNew: () => void;
    open: string;
  } = $props();
  const client = useQueryClient();
  const desks = createQuery(() => desksQuery());
  const takeOff = async (id: string) =>
    client.setQueryData(keys.desks, await answered(api.POST('/api/desks/{id}/shelve', { params: { path: { id } } })));
</script>

<LibraryShelf
  kind="desk"
  path="/api/desks"
  entries={desks.data?.desks ?? []}
  {open}
  stays="A desk that is taken off the shelf stays with the rigs that are played on it."
  {onOpen}
  {onCopy}
  {onNew}
  onTakeOff={takeOff}
/>
