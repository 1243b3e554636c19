<script lang="ts">
  import type { Look } from '../api/types';
  import { plural } from '../lib/words';
  import { ticks } from '../state/ticks.svelte';

  /** How a look is stored on the real desk, in the desk's own words: steps to tick as they are done. */
  let { look }: { look: Look } = $props();
  const done = $derived(look.lines.filter((line) => ticks.has(look.id, line)).length);
</script>

{#if look.problem}<p class="text-error text-[12.5px]" role="alert">{look.problem}</p>{/if}
{#if look.lines.length}
  <ol class="grid gap-1.5 text-[12.5px]" aria-label="Steps">
    {#each look.lines as line, index (index)}
      <li>
        <label class="grid cursor-pointer grid-cols-[auto_1fr] items-start gap-2">
          <input
            type="checkbox"
            class="checkbox checkbox-sm mt-px"
            checked={ticks.has(look.id, line)}
            onchange={(event) => ticks.set(look.id, line, event.currentTarget.checked)}
          />
          <span class:faint={ticks.has(look.id, line)}>{line}</span>
        </label>
      </li>
    {/each}
  </ol>
  {#if done}
    <p class="dim mt-2 flex items-center gap-2 text-[12px]">
      {done} of {plural(look.lines.length, 'step')} done
      <button class="link-repair" onclick={() => ticks.clear(look.id)}>Begin again</button>
    </p>
  {/if}
{/if}
{#if look.unreachable.length}
  <p class="mt-2.5 text-[12.5px] font-[620]">{plural(look.unreachable.length, 'value')} this desk cannot send</p>
  <ul class="dim grid gap-0.5 text-[12.5px]">
    {#each look.unreachable.slice(0, 8) as one (one.unitId + one.channel)}
      <li><bdi>{one.unit}</bdi> {one.label} ({one.channel}) at {one.value}</li>
    {/each}
    {#if look.unreachable.length > 8}<li>and {look.unreachable.length - 8} more</li>{/if}
  </ul>
{/if}
