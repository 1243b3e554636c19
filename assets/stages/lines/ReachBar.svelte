<script lang="ts">
  import type { Link } from '../../api/types';
  import { figure } from '../../lib/words';

  /** By how many dB a receiver hears more than it needs. */
  let { reach }: { reach: Link['reach'][number] } = $props();
  const WORDS: Record<string, string> = { strong: 'strong', fair: 'fair', weak: 'weak', none: 'not heard' };
  const MOST = 40;
  const share = $derived(Math.max(0, Math.min(1, reach.marginDb / MOST)));
</script>

<span
  class="flex items-center gap-1.5 text-[12px]"
  role="img"
  aria-label="{figure(reach.metres)} m: {WORDS[reach.verdict]}, {figure(reach.marginDb)} dB more than needed"
>
  <span class="bar" data-verdict={reach.verdict}><i style:width="{share * 100}%"></i></span>
  <span class="mono whitespace-nowrap">{figure(reach.marginDb)} dB</span>
  <span class="dim whitespace-nowrap">{WORDS[reach.verdict]}, {figure(reach.metres)} m</span>
</span>

<style>
  .bar {
    width: 70px;
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
  .bar[data-verdict='weak'] i,
  .bar[data-verdict='none'] i {
    background: var(--color-warning);
  }
</style>
