<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
  import { untrack, type Component } from 'svelte';
  import { keys } from '../api/queries';
  import type { Rig } from '../api/types';
  import Inside from './Inside.svelte';

  /** What stands around a component of a stage: the rig as the server gave it, a desk at rest, a bench. */
  let {
    component,
    rig,
    props = {},
    // eslint-disable-next-line @typescript-eslint/no-explicit-any -- whatever is being tested
  }: { component: Component<any>; rig: Rig; props?: Record<string, unknown> } = $props();
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  untrack(() => client.setQueryData(keys.rig(rig.id), rig));
</script>

<QueryClientProvider {client}><Inside id={rig.id} {component} {props} /></QueryClientProvider>
