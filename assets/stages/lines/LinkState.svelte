<script lang="ts">
  import type { Unit } from '../../api/types';
  import { dayAndTime } from '../../lib/words';
  import { cabling } from '../../state/cabling.svelte';

  /** Whether a receiver hears its sender, since when it is paired, and the way to its card. */
  let { unit, name }: { unit: Unit; /** Of the receiver, or of the unit that it belongs to. */ name: string } =
    $props();
  const isOpen = $derived(cabling.pairing === unit.id);
</script>

<span class="text-[12px] {unit.silence ? 'text-error' : 'text-success'}"
  >{unit.silence ? 'not set alike' : unit.pairedAt ? `paired ${dayAndTime(unit.pairedAt)}` : 'linked'}</span
>
<button
  class="btn h-7"
  aria-pressed={isOpen}
  onclick={() => cabling.look(isOpen ? {} : { pairing: unit.id })}
  aria-label="Pair {name}">Pair it</button
>
