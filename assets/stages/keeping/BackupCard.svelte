<script lang="ts">
  import type { Backup } from '../../api/types';
  import Tape from '../../components/Tape.svelte';
  import { plural } from '../../lib/words';

  /** One backup: what it holds is shown before it is brought back. */
  let {
    backup,
    busy,
    canRestore,
    moment,
    megabytes,
    onRestore,
  }: {
    backup: Backup;
    busy: boolean;
    canRestore: boolean;
    moment: (at: string) => string;
    megabytes: (bytes: number) => string;
    onRestore: () => void;
  } = $props();
  let open = $state(false);
  function restore() {
    open = false;
    onRestore();
  }
  const WHY: Record<string, string> = {
    hand: 'made by hand',
    day: 'made by itself that day',
    migration: 'made before a new version',
    brought: 'brought from elsewhere',
  };
</script>

<li class="pane rule grid gap-2 rounded-md border px-4 py-3">
  <div class="flex flex-wrap items-baseline gap-3">
    <b class="font-[640]">{moment(backup.madeAt)}</b>
    <span class="dim flex-[1_1_280px] text-[12.5px]"
      >{WHY[backup.why] ?? backup.why} · {plural(backup.rigs.length, 'rig')}, {plural(backup.charts, 'chart')}, {plural(
        backup.desks,
        'desk',
      )}, {plural(backup.changes, 'change')} · {megabytes(backup.bytes)}</span
    >
    <a class="btn btn-quiet h-7" href="/api/backups/{backup.name}/file" download>Download</a>
    {#if canRestore}<button class="btn h-7" aria-expanded={open} onclick={() => (open = !open)}
        >See what it holds</button
      >{/if}
  </div>
  {#if open}
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <ul class="scroll grid max-h-[220px] gap-1 text-[12.5px]" aria-label="Its rigs" tabindex="0">
      {#each backup.rigs as rig, index (index)}
        <li class="flex flex-wrap items-baseline gap-2">
          <Tape name={rig.name} />
          <span class="dim"><bdi>{rig.venue}</bdi> · {plural(rig.units, 'unit')}, {plural(rig.looks, 'look')}</span>
        </li>
      {:else}<li class="dim">No rig.</li>{/each}
    </ul>
    <p class="text-[12.5px]">
      Bringing it back puts all rigs, charts and desks as they were then. What is here now is set aside first and can be
      brought back.
    </p>
    <div class="flex gap-2">
      <button class="btn btn-primary h-7" disabled={busy} onclick={restore}>Bring it back</button>
      <button class="btn btn-quiet h-7" onclick={() => (open = false)}>Leave all as it is</button>
    </div>
  {/if}
</li>
