<script lang="ts">
  import Circle from '@lucide/svelte/icons/circle';
  import Square from '@lucide/svelte/icons/square';
  import Triangle from '@lucide/svelte/icons/triangle';

  /** How bad it is, told by shape and word as well as by colour. */
  let { severity }: { severity: string } = $props();
  const words: Record<string, string> = { error: 'Error', warning: 'Warning', caution: 'Caution', note: 'Note' };
</script>

<span class="mt-[3px] inline-flex" role="img" aria-label={words[severity] ?? severity}>
  {#if severity === 'error'}
    <Square size={11} class="text-error fill-error" aria-hidden="true" />
  {:else if severity === 'warning'}
    <Triangle size={12} class="text-warning fill-warning" aria-hidden="true" />
  {:else if severity === 'caution'}
    <Triangle size={12} class="text-warning" strokeWidth={2.5} aria-hidden="true" />
  {:else}
    <Circle size={9} class="dim" aria-hidden="true" />
  {/if}
</span>
