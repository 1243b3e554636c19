<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { tick } from 'svelte';
  import { answered, api } from '../../api/client';
  import { wordsOf } from '../../api/errors';
  import { backupsQuery, keys } from '../../api/queries';
  import type { Backup } from '../../api/types';
  import { plural } from '../../lib/words';
  import { outbox } from '../../api/outbox.svelte';
  import BackupCard from './BackupCard.svelte';
  import KeepingFrame from './KeepingFrame.svelte';

  const client = useQueryClient();
  const list = createQuery(() => backupsQuery());
  let busy = $state<string | null>(null);
  let problem = $state<string | null>(null);
  let done = $state<string | null>(null);
  let picker: HTMLInputElement | undefined = $state();
  let told: HTMLElement | undefined = $state();
  const newest = $derived(list.data?.backups[0]);
  const moment = (at: string) => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
  const megabytes = (bytes: number) =>
    bytes < 1e6 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

  async function work(words: string, call: () => Promise<string | null>) {
    [busy, problem, done] = [words, null, null];
    try {
      done = await call();
    } catch (error) {
      problem = wordsOf(error);
    }
    busy = null;
    // What became of it is said above, wherever the button was.
    await tick();
    told?.scrollIntoView({ block: 'nearest' });
    await client.invalidateQueries({ queryKey: keys.backups });
  }

  const make = () =>
    work('Making a backup', async () => {
      client.setQueryData(keys.backups, await answered(api.POST('/api/backups', {})));
      return 'Backed up, read back and found whole.';
    });

  const restore = (backup: Backup) =>
    work('Bringing it back', async () => {
      await answered(api.POST('/api/backups/{name}/restore', { params: { path: { name: backup.name } } }));
      outbox.forgetMoves();
      await client.invalidateQueries();
      return `Everything is as it was ${moment(backup.madeAt)}. What was there before is set aside and can be brought back.`;
    });

  const bringBack = (name: string) =>
    work('Bringing it back', async () => {
      const answer = await answered(api.POST('/api/backups/aside/{name}/bring-back', { params: { path: { name } } }));
      outbox.forgetMoves();
      await client.invalidateQueries();
      return answer.words;
    });

  const bring = () =>
    work('Reading the file', async () => {
      const file = picker?.files?.[0];
      if (!file) return null;
      const form = new FormData();
      form.append('file', file);
      if (picker) picker.value = '';
      const brought = await answered(
        api.POST('/api/backups/upload', {
          body: form as unknown as { file: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
      return `Read and found whole: made ${moment(brought.madeAt)}, ${plural(brought.rigs.length, 'rig')}. Nothing is brought back yet: see it below.`;
    });
</script>

<KeepingFrame
  title="Backups"
  words={newest
    ? `The last one was made ${moment(newest.madeAt)}. On each day on which something is changed one is made by itself, and one before each new version; of those the last ${list.data?.kept ?? 10} are kept.`
    : 'On each day on which something is changed one is made by itself.'}
>
  {#snippet actions()}
    <button class="btn" disabled={busy !== null} onclick={() => picker?.click()}>Bring a file</button>
    <input bind:this={picker} class="hidden" type="file" accept=".rigger" aria-label="Backup file" onchange={bring} />
    <button class="btn btn-primary" disabled={busy !== null} onclick={make}>Back up now</button>
  {/snippet}
  <div bind:this={told} class="grid scroll-mt-4 gap-2 empty:hidden">
    {#if busy}<p role="status">{busy} …</p>{/if}
    {#if done}<p class="rule rounded border px-3 py-2" role="status">{done}</p>{/if}
    {#if problem}<p class="text-error" role="alert">{problem}</p>{/if}
  </div>
  <ul class="grid gap-2" aria-label="Backups">
    {#each list.data?.backups ?? [] as backup (backup.name)}
      <BackupCard
        {backup}
        busy={busy !== null}
        canRestore={list.data?.canRestore ?? false}
        {moment}
        {megabytes}
        onRestore={() => restore(backup)}
      />
    {:else}
      {#if list.isSuccess}<li class="dim">No backup yet. One is made by itself soon after the first change.</li>{/if}
    {/each}
  </ul>
  {#if list.data && !list.data.canRestore}<p class="dim text-[12.5px]">
      The database is a server of your own, so backups are brought back on the command line, with bin/restore.
    </p>{/if}
  {#if list.data?.aside.length}
    <section class="grid gap-2">
      <h2>Set aside</h2>
      <p class="dim text-[12.5px]">
        What stood here before a backup was brought back. It stays until somebody needs it.
      </p>
      <ul class="grid gap-1">
        {#each list.data.aside as one (one.name)}
          <li class="rule flex flex-wrap items-baseline gap-3 border-t py-2 text-[12.5px]">
            <span class="flex-1">Until {moment(one.at)} <span class="dim">· {megabytes(one.bytes)}</span></span>
            <button class="btn btn-quiet h-7" disabled={busy !== null} onclick={() => bringBack(one.name)}
              >Bring it back</button
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if list.data}<p class="dim text-[12.5px]">
      The files stand in <bdi class="mono">{list.data.folder}</bdi>. {(list.data.disk.free / 1e9).toFixed(1)} GB are free
      there. Keep a copy on another disk: download one, or <span class="mono">bin/backup FILE</span>.
    </p>{/if}
</KeepingFrame>
