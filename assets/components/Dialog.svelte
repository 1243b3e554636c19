<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A sheet over the page. Esc and the cross close it. */
  let { title, open = $bindable(), children }: { title: string; open: boolean; children: Snippet } = $props();
  let element: HTMLDialogElement | undefined = $state();
  let body: HTMLElement | undefined = $state();

  $effect(() => {
    if (!element) return;
    if (open && !element.open) {
      element.showModal();
      // The first field, not the cross: the hand goes on typing.
      body?.querySelector<HTMLElement>('input, select')?.focus();
    } else if (!open && element.open) element.close();
  });
</script>

<dialog bind:this={element} class="modal" onclose={() => (open = false)} aria-label={title}>
  <div class="modal-box bg-base-200 border rule max-w-[560px] p-5 shadow-none">
    <div class="mb-3 flex items-center">
      <h2 class="flex-1">{title}</h2>
      <button class="btn btn-quiet" onclick={() => (open = false)} aria-label="Close">Close <kbd>Esc</kbd></button>
    </div>
    <div bind:this={body}>
      {#if open}{@render children()}{/if}
    </div>
  </div>
  <form method="dialog" class="modal-backdrop"><button aria-label="Close">close</button></form>
</dialog>
