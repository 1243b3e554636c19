<script lang="ts">
  /** The little display of a unit, as it stands when it is set. */
  let { text }: { text: string } = $props();
</script>

<span class="display">{text}</span>

<style>
  .display {
    font: 600 20px 'Martian Mono Variable';
    letter-spacing: 0.06em;
    padding: 3px 12px;
    color: oklch(0.93 0.012 85);
    background: oklch(0.12 0.008 65);
    border: 1px solid oklch(0.34 0.012 65);
    border-radius: 4px;
  }
</style>
