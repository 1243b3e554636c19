<script lang="ts">
  let { words, onClose }: { words: string; onClose?: () => void } = $props();
</script>

<div
  class="bg-base-300 rule absolute right-4 bottom-3 left-4 z-30 mx-auto max-w-[760px] flex items-start gap-3 rounded-md border-2 border-l-8 px-4 py-2 text-[13px]"
  role="alert"
  style:border-color="var(--color-warning)"
>
  <span class="flex-1">{words}</span>
  {#if onClose}<button class="btn btn-quiet h-6" onclick={onClose}>Close</button>{/if}
</div>
