<script lang="ts">
  import type { Finding } from '../api/types';
  import { useRig } from '../state/rig.svelte';
  import IKnow from './IKnow.svelte';
  import Mark from './Mark.svelte';

  /** What is wrong, each with its smallest repair as one button; what somebody knows stays in sight below. */
  let { findings, empty = 'Nothing is wrong here.' }: { findings: readonly Finding[]; empty?: string } = $props();
  const session = useRig();
  const open = $derived(findings.filter((one) => !one.knownId));
  const known = $derived(findings.filter((one) => one.knownId));
  const trips = $derived(open.some((one) => (one.repair?.trips ?? 0) > 0));

  async function know({ stage, code, unitIds, linkId, lookId }: Finding, note: string): Promise<void> {
    await session.change({
      do: 'accept-finding',
      stage: stage as 'patch' | 'lines' | 'desk' | 'looks',
      code,
      units: [...unitIds],
      link: linkId ?? null,
      look: lookId ?? null,
      note,
    });
  }
</script>

{#if open.length === 0}
  {#if empty}<p class="dim text-[12px]">{empty}</p>{/if}
{:else}
  <ul class="flex flex-col gap-3">
    {#each open as finding (finding.key)}
      <li class="finding grid grid-cols-[14px_1fr] gap-2 text-[12.5px]">
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
          {#if finding.isKnowable}<div>
              <IKnow
                draft="known-note.{session.id}.{finding.key}"
                about={finding.title}
                onKnow={(note) => know(finding, note)}
              />
            </div>{/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if trips}<p class="faint mt-3 text-[11.5px]">A ladder trip: one unit that somebody has to set by hand.</p>{/if}
{/if}
{#if known.length}
  <h3 class="dim mt-4 mb-1.5 text-[12px] font-normal">Known, and meant so</h3>
  <ul class="grid gap-2" aria-label="Known">
    {#each known as finding (finding.key)}
      <li class="dim grid grid-cols-[14px_1fr] gap-2 text-[12px]">
        <Mark severity={finding.severity} />
        <div>
          <span>{finding.title}.</span>
          <b class="font-[600]"><bdi>{finding.knownNote ? `“${finding.knownNote}”` : 'I know.'}</bdi></b>
          <button
            class="cursor-pointer underline"
            disabled={session.busy}
            aria-label="Look again: {finding.title}"
            onclick={() => finding.knownId && session.change({ do: 'look-again', known: finding.knownId })}
            >Look again</button
          >
        </div>
      </li>
    {/each}
  </ul>
{/if}

<style>
  /* Of long lists, what is out of sight is not drawn. */
  .finding {
    content-visibility: auto;
    contain-intrinsic-size: auto 64px;
  }
</style>
