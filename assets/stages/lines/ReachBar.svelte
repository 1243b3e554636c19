<script lang="ts">
  import ShareBar from '../../components/ShareBar.svelte';
  import type { Link } from '../../api/types';
  import { figure } from '../../lib/words';

  /** By how many dB a receiver hears more than it needs. */
  let { reach }: { reach: Link['reach'][number] } = $props();
  const WORDS: Record<string, string> = { strong: 'strong', fair: 'fair', weak: 'weak', none: 'not heard' };
  const MOST = 40;
  const share = $derived(reach.marginDb / MOST);
</script>

<span
  class="flex items-center gap-1.5 text-[12px]"
  role="img"
  aria-label="{figure(reach.metres)} m: {WORDS[reach.verdict]}, {figure(reach.marginDb)} dB more than needed"
>
  <ShareBar {share} tone={['weak', 'none'].includes(reach.verdict) ? 'caution' : 'good'} />
  <span class="mono whitespace-nowrap">{figure(reach.marginDb)} dB</span>
  <span class="dim whitespace-nowrap">{WORDS[reach.verdict]}, {figure(reach.metres)} m</span>
</span>
