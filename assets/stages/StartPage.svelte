<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { rigsQuery } from '../api/queries';
  import { navigate } from '../state/navigation';

  /** With one rig there is nothing to choose: it opens. Else the list does. */
  const rigs = createQuery(() => rigsQuery());

  $effect(() => {
    if (!rigs.data) return;
    const [only] = rigs.data.rigs;
    if (only && rigs.data.total === 1)
      void navigate(only.tape.length ? '/rigs/:rig/desk' : '/rigs/:rig/patch', {
        params: { rig: only.id },
        replace: true,
      });
    else void navigate('/rigs', { replace: true });
  });
</script>
