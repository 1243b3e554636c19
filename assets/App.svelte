<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
  import { Router } from 'sv-router';
  import { drafts } from './state/drafts.svelte';
  import { outbox } from './api/outbox.svelte';
  import './router';

  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: 10_000 } } });

  // Changes that a reload has left behind go out first, and what they changed is read anew.
  outbox.onLate = (kept) => {
    drafts.answered(kept.at);
    void client.invalidateQueries();
  };
  void outbox.begin();

  function leaving(event: BeforeUnloadEvent) {
    if (outbox.waiting.length > 0) event.preventDefault();
  }
</script>

<svelte:window onbeforeunload={leaving} />
<QueryClientProvider {client}>
  <Router />
</QueryClientProvider>
