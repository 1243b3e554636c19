<script lang="ts">
  import type { Circuit } from '../../api/types';
  import { figure } from '../../lib/words';

  /** How full a circuit is with everything up, and in its brightest look. */
  let { circuit }: { circuit: Circuit } = $props();
  const WORDS: Record<string, string> = { ok: 'has room', near: 'nearly full', over: 'too much' };
  const words = $derived(
    `${figure(circuit.drawnAmps)} of ${figure(circuit.limitAmps)} A, ${WORDS[circuit.verdict] ?? ''}`,
  );
</script>

<div class="grid w-[176px] gap-0.5 pt-1 text-[12px]" role="img" aria-label="{circuit.name}: {words}">
  <span class="bar" data-verdict={circuit.verdict}><i style:width="{Math.min(1, circuit.share) * 100}%"></i></span>
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

<style>
  .bar {
    width: 100%;
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
  .bar[data-verdict='near'] i {
    background: var(--color-warning);
  }
  .bar[data-verdict='over'] i {
    background: var(--color-error);
  }
</style>
