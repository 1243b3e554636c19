<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { untrack, type Component } from 'svelte';
  import { rigQuery } from '../api/queries';
  import type { Rig } from '../api/types';
  import { Bench, provideBench } from '../state/bench.svelte';
  import { Faders, provideFaders } from '../state/faders.svelte';
  import { provideRig, RigSession } from '../state/rig.svelte';

  let {
    id,
    component: Shown,
    props,
  }: { id: string; component: Component<Record<string, unknown>>; props: Record<string, unknown> } = $props();
  const client = useQueryClient();
  const rig = createQuery(() => ({ ...rigQuery(id), staleTime: Infinity }));
  const current = () => rig.data as Rig;
  const session = untrack(() => new RigSession(id, client, current));
  const faders = untrack(() => new Faders(id, current));
  const bench = new Bench();
  provideRig(() => session);
  provideFaders(() => faders);
  provideBench(() => bench);
  const more = $derived(typeof props.with === 'function' ? props.with({ session, faders, bench }) : props);

  $effect(() => {
    void session.rig.version;
    untrack(() => faders.ask());
  });
</script>

<Shown {...more} />
{#if session.notice}<p role="status">{session.notice.words}</p>{/if}
