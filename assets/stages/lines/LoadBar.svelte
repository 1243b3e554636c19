<script lang="ts">
  import ShareBar from '../../components/ShareBar.svelte';
  import type { Circuit } from '../../api/types';
  import { figure } from '../../lib/words';

  /** How full a circuit is with everything up, and in its brightest look. */
  let { circuit }: { circuit: Circuit } = $props();
  const WORDS: Record<string, string> = { ok: 'has room', near: 'nearly full', over: 'too much' };
  const TONES: Record<string, 'good' | 'caution' | 'stop'> = { ok: 'good', near: 'caution', over: 'stop' };
  const words = $derived(
    `${figure(circuit.drawnAmps)} of ${figure(circuit.limitAmps)} A, ${WORDS[circuit.verdict] ?? ''}`,
  );
</script>

<div class="grid w-[176px] gap-0.5 pt-1 text-[12px]" role="img" aria-label="{circuit.name}: {words}">
  <ShareBar share={circuit.share} tone={TONES[circuit.verdict] ?? 'good'} />
  <span class="whitespace-nowrap"
    ><span class="mono">{figure(circuit.drawnAmps)} of {figure(circuit.limitAmps)} A</span>
    <span class:text-error={circuit.verdict === 'over'} class:text-warning={circuit.verdict === 'near'}
      >{WORDS[circuit.verdict]}</span
    ></span
  >
  {#if circuit.watts}<span class="dim"
      >{figure(circuit.watts)} W with everything up{circuit.look && circuit.lookAmps != null
        ? `; ${figure(circuit.lookAmps)} A in ${circuit.look}`
        : ''}</span
    >{:else}<span class="dim">nothing plugged in</span>{/if}
</div>
