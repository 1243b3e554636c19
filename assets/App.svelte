<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
  import { Router } from 'sv-router';
  import './router';

  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: 10_000 } } });
</script>

<QueryClientProvider {client}>
  <Router />
</QueryClientProvider>
