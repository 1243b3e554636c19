<script lang="ts">
  import type { DescribingKit } from '../../state/describingKit.svelte';

  /** So many presses, or so many seconds held, in a time from switching on. */
  let {
    title,
    none,
    act = $bindable(),
    buttons,
  }: { title: string; none: string; act: DescribingKit['pair']; buttons: readonly string[] } = $props();

  function choose(how: string) {
    act.how = how as typeof act.how;
    act.button ||= buttons[0] ?? '';
  }
</script>

<div class="flex flex-wrap items-end gap-2">
  <label class="flex items-center gap-1.5"
    ><span class="dim w-14 whitespace-nowrap">{title}</span>
    <select class="select h-8" value={act.how} onchange={(event) => choose(event.currentTarget.value)}>
      <option value="none">{none}</option>
      <option value="presses">press</option>
      <option value="hold">hold</option>
    </select></label
  >
  {#if act.how !== 'none'}
    <select class="select h-8 w-28" bind:value={act.button} aria-label="{title}: the button">
      {#each buttons as one (one)}<option value={one}>{one}</option>{/each}
    </select>
    <input class="input mono h-8 w-16 px-2" bind:value={act.count} aria-label="{title}: how many" />
    <span class="dim">{act.how === 'hold' ? 's' : 'times'}, within</span>
    <input class="input mono h-8 w-16 px-2" bind:value={act.within} aria-label="{title}: within seconds" />
    <span class="dim">s of switching on</span>
  {/if}
</div>
