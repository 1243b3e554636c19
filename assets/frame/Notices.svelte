<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { diskQuery } from '../api/queries';
  import { plural } from '../lib/words';
  import { connection } from '../api/connection.svelte';
  import { outbox } from '../api/outbox.svelte';
  import Banner from './Banner.svelte';

  /** What is said over every page: that the server is away, that kept changes went out, that the disk is nearly full. */
  let { words = null, onClose = () => {} }: { words?: string | null; onClose?: () => void } = $props();
  const disk = createQuery(() => diskQuery());
  let isDiskKnown = $state(false);
  const waiting = $derived(outbox.waiting.length);
  const away = $derived(
    connection.away === null
      ? null
      : waiting > 0
        ? `${connection.away.split('. ')[0]}. ${plural(waiting, 'change')} kept here, ${waiting === 1 ? 'goes' : 'go'} out when the server is back.`
        : connection.away,
  );
</script>

{#if away}<Banner words={away} />
{:else if words}<Banner {words} {onClose} />
{:else if outbox.sentLater > 0}<Banner
    words={`${plural(outbox.sentLater, 'change')} that ${outbox.sentLater === 1 ? 'was' : 'were'} kept here ${outbox.sentLater === 1 ? 'has' : 'have'} gone out.`}
    onClose={() => (outbox.sentLater = 0)}
  />
{:else if disk.data?.warning && !isDiskKnown}<Banner
    words={disk.data.warning}
    onClose={() => (isDiskKnown = true)}
  />{/if}
