<script lang="ts">
  /** How much of what there is: a bar that says well or ill by its tone; words stand beside it. */
  let { share, tone }: { /** 0 to 1; more is drawn as full. */ share: number; tone: 'good' | 'caution' | 'stop' } =
    $props();
</script>

<span class="bar" data-tone={tone}><i style:width="{Math.max(0, Math.min(1, share)) * 100}%"></i></span>

<style>
  .bar {
    display: block;
    min-width: 70px;
    height: 7px;
    overflow: hidden;
    border-radius: 2px;
    background: var(--well);
  }
  .bar i {
    display: block;
    height: 100%;
    background: var(--color-success);
  }
  .bar[data-tone='caution'] i {
    background: var(--color-warning);
  }
  .bar[data-tone='stop'] i {
    background: var(--color-error);
  }
</style>
