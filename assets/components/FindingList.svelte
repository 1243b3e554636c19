<script lang="ts">
  import type { Finding } from '../api/types';
  import { useRig } from '../state/rig.svelte';
  import Mark from './Mark.svelte';

  /** What is wrong, each with its smallest repair as one button. */
  let { findings, empty = 'Nothing is wrong here.' }: { findings: readonly Finding[]; empty?: string } = $props();
  const session = useRig();
  const trips = $derived(findings.some((one) => (one.repair?.trips ?? 0) > 0));
</script>

{#if findings.length === 0}
  <p class="dim text-[12px]">{empty}</p>
{:else}
  <ul class="flex flex-col gap-3">
    {#each findings as finding (finding.stage + finding.code + finding.title + finding.message)}
      <li class="grid grid-cols-[14px_1fr] gap-2 text-[12.5px]">
        <Mark severity={finding.severity} />
        <div>
          <b class="font-[620]">{finding.title}.</b>
          <span class="dim">{finding.message}</span>
          {#each finding.repair ? [finding.repair, ...(finding.others ?? [])] : [] as repair (repair.label)}
            <button class="link-repair block text-left" disabled={session.busy} onclick={() => session.repair(repair)}
              >{repair.label}</button
            >
            {#each repair.givesUp as lost (lost)}<span class="dim block text-[12px]">{lost}</span>{/each}
          {/each}
        </div>
      </li>
    {/each}
  </ul>
  {#if trips}<p class="faint mt-3 text-[11.5px]">A ladder trip: one unit that somebody has to set by hand.</p>{/if}
{/if}
