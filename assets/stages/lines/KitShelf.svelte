<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import { keys, kitsQuery } from '../../api/queries';
  import LibraryShelf from '../../components/LibraryShelf.svelte';
  import type { DescribingKit } from '../../state/describingKit.svelte';

  /** The radio kits of the library. */
  let { describing }: { describing: DescribingKit } = $props();
  const client = useQueryClient();
  const kits = createQuery(() => kitsQuery());
  const takeOff = async (id: string) =>
    client.setQueryData(keys.kits, await answered(api.POST('/api/kits/{id}/shelve', { params: { path: { id } } })));
</script>

<LibraryShelf
  kind="kit"
  path="/api/kits"
  entries={kits.data?.kits ?? []}
  open={describing.name}
  stays="A kit that is taken off the shelf stays with the links that are of it."
  onOpen={(id) => describing.startFrom(id)}
  onCopy={(id, name) => describing.startFrom(id, name)}
  onNew={() => describing.startBlank()}
  onTakeOff={takeOff}
/>
