<script lang="ts">
  import Inbox from '@lucide/svelte/icons/inbox';
  import History from '@lucide/svelte/icons/history';
  import Moon from '@lucide/svelte/icons/moon';
  import Redo from '@lucide/svelte/icons/redo-2';
  import Sun from '@lucide/svelte/icons/sun';
  import Undo from '@lucide/svelte/icons/undo-2';
  import { STAGES, tally } from '../lib/stages';
  import { plural } from '../lib/words';
  import { p, route } from '../state/navigation';
  import { drafts } from '../state/drafts.svelte';
  import { outbox } from '../api/outbox.svelte';
  import { useRig } from '../state/rig.svelte';
  import { theme } from '../state/theme.svelte';

  let {
    onFind,
    onKeys,
    onPanel,
    panel,
  }: {
    onFind: () => void;
    onKeys: () => void;
    onPanel: (which: 'history' | 'kept') => void;
    panel: 'history' | 'kept' | null;
  } = $props();
  const kept = $derived(outbox.entries.length + drafts.open.length);
  const session = useRig();
  const rig = $derived(session.rig);
</script>

<header class="pane rule topbar flex items-stretch border-b">
  <a class="rule flex w-[208px] shrink-0 flex-col justify-center border-r px-4" href={p('/rigs')} title="All rigs">
    <b class="truncate text-[14px] font-[650]" style:font-stretch="90%"><bdi>{rig.name}</bdi></b>
    <span class="dim truncate text-[11px]">{rig.venue} · {plural(rig.units.length, 'unit')}</span>
  </a>
  <nav class="flex min-w-0 flex-1 [scrollbar-width:none] overflow-x-auto px-1.5" aria-label="Stages">
    {#each STAGES as stage (stage.key)}
      {@const count = tally(rig.findings, stage.key)}
      {@const here = route.pathname.startsWith(`/rigs/${session.id}/${stage.key}`)}
      <a
        class="stage"
        class:here
        href={p(`/rigs/:rig/${stage.key}`, { params: { rig: session.id } })}
        aria-current={here ? 'page' : undefined}
      >
        <span>{stage.name}</span>
        {#if count.errors}<span class="count errors" title={plural(count.errors, 'error')}
            >{count.errors}<span class="sr-only"> errors</span></span
          >{/if}
        {#if count.warnings}<span class="count warnings" title={plural(count.warnings, 'warning')}
            >{count.warnings}<span class="sr-only"> warnings</span></span
          >{/if}
      </a>
    {/each}
  </nav>
  <div class="flex items-center gap-0.5 px-2">
    <button
      class="btn btn-quiet"
      disabled={!rig.undo || session.busy}
      onclick={session.undo}
      title={rig.undo ? `Undo: ${rig.undo}` : 'Nothing to undo'}
      ><Undo size={15} aria-hidden="true" /><span class="wide-only">Undo</span></button
    >
    <button
      class="btn btn-quiet"
      disabled={!rig.redo || session.busy}
      onclick={session.redo}
      title={rig.redo ? `Redo: ${rig.redo}` : 'Nothing to redo'}
      ><Redo size={15} aria-hidden="true" /><span class="wide-only">Redo</span></button
    >
    {#if kept > 0 || panel === 'kept'}<button
        class="btn btn-quiet"
        aria-pressed={panel === 'kept'}
        onclick={() => onPanel('kept')}
        title="Kept in this browser: changes on their way, and what was typed and not taken yet"
        ><Inbox size={15} aria-hidden="true" /><span class="wide-only">Kept</span>{#if kept}<b class="mono text-[11px]"
            >{kept}</b
          >{/if}</button
      >{/if}
    <button class="btn btn-quiet" aria-pressed={panel === 'history'} onclick={() => onPanel('history')}
      ><History size={15} aria-hidden="true" /><span class="wide-only">History</span></button
    >
    <button class="btn btn-quiet" onclick={onFind}>Find <kbd class="wide-only">/</kbd></button>
    <button class="btn btn-quiet px-2" onclick={onKeys} aria-label="Keys of this page"><kbd>?</kbd></button>
    <button
      class="btn btn-quiet px-2"
      onclick={() => theme.toggle()}
      aria-label={theme.name === 'booth' ? 'Daylight theme' : 'Dark theme'}
    >
      {#if theme.name === 'booth'}<Sun size={15} aria-hidden="true" />{:else}<Moon size={15} aria-hidden="true" />{/if}
    </button>
  </div>
</header>

<style>
  .stage {
    position: relative;
    display: flex;
    align-items: center;
    gap: 6px;
    padding: 0 13px;
    color: var(--dim);
    font-weight: 560;
  }
  .stage > * {
    position: relative;
  }
  .stage:hover {
    color: var(--color-base-content);
  }
  .here,
  .here:hover {
    color: var(--tape-ink);
  }
  .here::before {
    content: '';
    position: absolute;
    inset: 8px 2px;
    background: var(--tape);
    clip-path: polygon(3px 0, 100% 0, calc(100% - 3px) 35%, 100% 70%, calc(100% - 2px) 100%, 0 100%, 3px 62%, 0 30%);
  }
  .count {
    font: 600 10px 'Martian Mono Variable';
    border-radius: 9px;
    padding: 2px 6px;
  }
  .errors {
    background: oklch(0.52 0.2 27);
    color: #fff;
  }
  .warnings {
    color: var(--color-warning);
    box-shadow: inset 0 0 0 1.5px currentColor;
  }
  .here .warnings {
    color: oklch(0.42 0.09 80);
  }
  @media (max-width: 1240px) {
    /* Still read out, no longer drawn. */
    .wide-only {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
    .stage {
      padding-inline: 9px;
    }
  }
</style>
