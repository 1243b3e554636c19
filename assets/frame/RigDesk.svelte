<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { onDestroy, untrack, type Snippet } from 'svelte';
  import type { Rig } from '../api/types';
  import { Bench, provideBench } from '../state/bench.svelte';
  import { outbox } from '../api/outbox.svelte';
  import { Faders, provideFaders } from '../state/faders.svelte';
  import { provideRig, RigSession } from '../state/rig.svelte';
  import { alongGroup } from './alongGroup';
  import FindDialog from './FindDialog.svelte';
  import HistoryPanel from './HistoryPanel.svelte';
  import KeptPanel from './KeptPanel.svelte';
  import KeysDialog from './KeysDialog.svelte';
  import Notices from './Notices.svelte';
  import StageStrip from './StageStrip.svelte';
  import TopBar from './TopBar.svelte';

  let { id, rig, children }: { id: string; rig: () => Rig; children: Snippet } = $props();

  const client = useQueryClient();
  const session = untrack(() => new RigSession(id, client, rig));
  // A window that another one has opened may play along at its seat.
  const seat = new URLSearchParams(location.search).get('seat');
  const faders = untrack(() => new Faders(id, rig, seat));
  const bench = new Bench();
  provideRig(() => session);
  provideFaders(() => faders);
  provideBench(() => bench);

  let finding = $state(false);
  let keysShown = $state(false);
  let panel = $state<'history' | 'kept' | null>(null);

  $effect(() => {
    const { units, looks, links } = session.rig;
    outbox.names = Object.fromEntries([
      ...[...units, ...looks].map((one) => [one.id, one.name]),
      ...links.map((one) => [one.id, one.label]),
    ]);
  });

  $effect(() => {
    void session.rig.version; // The lamps follow every change of the rig.
    untrack(() => faders.ask());
  });
  onDestroy(() => faders.leave());

  /** Past the bar and the stages, to what the stage is for. */
  function toWork(event: MouseEvent) {
    event.preventDefault();
    document.getElementById('work')?.focus();
  }

  function keyed(event: KeyboardEvent) {
    const typing =
      event.target instanceof HTMLElement && event.target.matches('input:not([type=range]), textarea, select');
    const command = event.ctrlKey || event.metaKey;
    if (command && event.key.toLowerCase() === 'z' && !typing) {
      event.preventDefault();
      void (event.shiftKey ? session.redo() : session.undo());
    } else if (command && event.key.toLowerCase() === 'y' && !typing) {
      event.preventDefault();
      void session.redo();
    } else if (!typing && !command && event.key === '/') {
      event.preventDefault();
      finding = true;
    } else if (!typing && !command && event.key === '?') {
      event.preventDefault();
      keysShown = true;
    } else alongGroup(event);
  }
</script>

<svelte:window onkeydown={keyed} onpagehide={() => faders.leave()} />

<div class="frame">
  <a class="skip" href="#work" onclick={toWork}>Skip to the work</a>
  <TopBar
    onFind={() => (finding = true)}
    onKeys={() => (keysShown = true)}
    onPanel={(which) => (panel = panel === which ? null : which)}
    {panel}
  />
  <div id="work" tabindex="-1" class="relative grid min-h-0 min-w-0 grid-cols-[minmax(0,1fr)]">
    <Notices words={session.notice?.words ?? null} onClose={() => (session.notice = null)} />
    {@render children()}
    {#if panel === 'history'}<HistoryPanel onClose={() => (panel = null)} />{:else if panel === 'kept'}<KeptPanel
        onClose={() => (panel = null)}
      />{/if}
  </div>
  <StageStrip />
</div>
<FindDialog bind:open={finding} />
<KeysDialog bind:open={keysShown} />

<style>
  .frame {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(46px, auto) 1fr auto;
    height: 100%;
    min-height: 0;
  }
  .skip {
    position: absolute;
    z-index: 30;
    left: 8px;
    top: -60px;
    padding: 8px 14px;
    border-radius: 5px;
    background: var(--color-primary);
    color: var(--color-primary-content);
    font-weight: 620;
  }
  .skip:focus {
    top: 6px;
  }
  #work {
    outline: none;
  }
</style>
