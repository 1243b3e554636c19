<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import ChevronUp from '@lucide/svelte/icons/chevron-up';
  import LampBeam from '../components/LampBeam.svelte';
  import Tape from '../components/Tape.svelte';
  import { byUniverse, tallyWords, withoutData } from '../lib/lamps';
  import { plural } from '../lib/words';
  import { cabling } from '../state/cabling.svelte';
  import { useBench } from '../state/bench.svelte';
  import { useFaders } from '../state/faders.svelte';
  import { useRig } from '../state/rig.svelte';
  import LampRow from './LampRow.svelte';

  const session = useRig();
  const faders = useFaders();
  const bench = useBench();

  const canStream = typeof EventSource !== 'undefined';
  let folded = $state(false);
  let chosen = $state<string | null>(null);

  const recalled = $derived(faders.isInstead ? undefined : session.rig.looks.find((one) => one.id === faders.recalled));
  /** With a plug pulled in thought, those behind it are shown without data. */
  const pulled = $derived(cabling.pulled);
  const lamps = $derived(
    pulled ? faders.lamps.map((one) => (pulled.dark.has(one.unitId) ? withoutData(one) : one)) : faders.lamps,
  );
  const rows = $derived(byUniverse(lamps, session.rig.units, session.rig.desk?.universe ?? 1));
  /** Rows that somebody has folded or opened; else the one that the desk sends is open. */
  let open = $state.raw<Readonly<Record<number, boolean>>>({});
  const isOpen = (row: { universe: number; isOwn: boolean }) => open[row.universe] ?? row.isOwn;
  const silent = $derived(lamps.filter((one) => one.state === 'silent'));
  const dark = $derived(lamps.filter((one) => one.state === 'dark' || one.state === 'partly' || one.state === 'busy'));
  const asked = $derived(lamps.find((one) => one.unitId === chosen));
  const spoken = $derived(asked ?? silent[0] ?? dark[0]);
  /** What stands over every lamp comes before what each of them lacks. */
  const over = $derived.by(() => {
    const desk = session.rig.desk;
    if (!desk || bench.shown || faders.isInstead) return null;
    const { blackout, master, crossA, crossB } = faders.shown;
    if (desk.master === 'all' || desk.master === 'dimmers') {
      const whom = desk.master === 'all' ? 'every lamp' : 'every dimmer';
      const key = desk.keys.blackout === 'Blackout' ? '' : ` (${desk.keys.blackout})`;
      if (blackout) return `Blackout is on${key}: it holds ${whom} at 0. Press it again.`;
      if (master === 0) return `${desk.keys.master} is at 0: it holds ${whom} down. Raise it.`;
    }
    if (desk.crossfades && crossA === 0 && crossB === 0)
      return `${desk.keys.crossA} and ${desk.keys.crossB} are both at 0: raise one of them.`;
    return null;
  });
  const HEADS: Record<string, string> = {
    silent: 'Silent, because',
    out: 'Not there tonight',
    busy: 'Runs by itself',
    partly: 'Partly lit, because',
    dark: 'Dark, because',
  };
</script>

<section class="strip" class:folded aria-label="Stage">
  <div class="cap">
    <b
      >{bench.shown
        ? 'Bench'
        : faders.isInstead
          ? 'Stage, being tried'
          : pulled
            ? pulled.title
              ? 'Stage, from the bench'
              : 'Stage, a plug pulled'
            : recalled
              ? 'Stage, in '
              : 'Stage, from the faders'}{#if recalled && !bench.shown && !pulled}<bdi>{recalled.name}</bdi>{/if}</b
    >
    {#if !folded}<span role={faders.isAway ? 'status' : undefined}
        >{bench.shown
          ? bench.words
          : faders.isAway && canStream
            ? 'Playback is away for a moment: it comes back by itself'
            : 'Nothing is sent: these lamps are simulated'}</span
      >{/if}
    <button class="fold" onclick={() => (folded = !folded)} aria-expanded={!folded}>
      {#if folded}<ChevronUp size={14} aria-hidden="true" /> Show{:else}<ChevronDown size={14} aria-hidden="true" /> Fold{/if}<span
        class="sr-only"
      >
        the stage strip</span
      >
    </button>
  </div>
  {#if !folded}
    <div class="rows" class:several={rows.length > 1 && !bench.shown}>
      {#if bench.shown}
        <div class="bench">
          {#if bench.lamp}
            <span class="lamp-name"
              ><LampBeam
                cells={bench.lamp.cells}
                selfRunning={bench.lamp.selfRunning}
                wide={bench.lamp.cells.length > 1}
              /><Tape name={bench.name} /></span
            >
            {#if bench.lamp.pan !== null || bench.lamp.tilt !== null}
              <span class="mono self-center" style:color="var(--house-dim)"
                >{#if bench.lamp.pan !== null}pan {bench.lamp.pan.toFixed(1)}°{/if}
                {#if bench.lamp.tilt !== null}tilt {bench.lamp.tilt.toFixed(1)}°{/if}</span
              >
            {/if}
          {/if}
        </div>
      {:else}
        {#each rows as row (row.universe)}
          <LampRow
            lamps={row.lamps}
            universe={rows.length > 1 ? row.universe : null}
            isOwn={row.isOwn}
            isFolded={rows.length > 1 && !isOpen(row)}
            onFold={() => (open = { ...open, [row.universe]: !isOpen(row) })}
            {chosen}
            onChoose={(id) => (chosen = chosen === id ? null : id)}
            flickers={pulled?.flickers}
            empty={session.rig.units.length ? '' : 'No unit hangs yet: add some in Patch.'}
          />
        {/each}
      {/if}
    </div>
    <div class="why" aria-live="polite">
      {#if bench.shown}
        <b>{bench.title}</b>{bench.why}
      {:else if over}
        <b>Dark, because</b>{over}
      {:else if pulled && !asked}
        <b>{pulled.title ?? 'A plug is pulled'}</b>{pulled.words}
      {:else if faders.lamps.length > 0}
        {#if asked?.state === 'no_lamp'}
          <b>{asked.name} responds</b>It has no lamp: what it does is not light.
        {:else if asked?.state === 'lit'}
          <b>{asked.name} is lit</b>{asked.cells.length > 1
            ? plural(asked.cells.length, 'cell')
            : `Brightness ${Math.round((asked.cells[0]?.brightness ?? 0) * 100)} %`}
        {:else}
          <b>{asked ? HEADS[asked.state] : tallyWords(lamps)}</b>
          {#if spoken?.why}<span>{spoken.why.includes(spoken.name) ? '' : `${spoken.name}: `}{spoken.why}</span
            >{:else if !spoken}Every lamp is lit.{/if}
        {/if}
      {/if}
    </div>
  {/if}
</section>

<style>
  .strip {
    display: grid;
    grid-template-columns: 208px minmax(0, 1fr) 300px;
    min-height: 118px;
    border-top: 1px solid oklch(0.33 0.014 65);
    background: var(--house);
    color: var(--house-ink);
    color-scheme: dark;
  }
  .folded {
    min-height: 34px;
    height: 34px;
  }
  .cap {
    position: relative;
    padding: 10px 16px;
    border-right: 1px solid oklch(0.3 0.012 65);
  }
  .cap b,
  .why b {
    display: block;
    font-weight: 620;
    margin-bottom: 3px;
  }
  .cap > span,
  .why {
    color: var(--house-dim);
    font-size: 12px;
  }
  .why b {
    color: var(--house-ink);
    font-size: 13px;
  }
  .fold {
    position: absolute;
    right: 8px;
    bottom: 6px;
    display: flex;
    align-items: center;
    gap: 3px;
    font-size: 11px;
    color: var(--house-dim);
    padding: 2px 5px;
    cursor: pointer;
  }
  .folded .cap {
    padding: 7px 16px;
  }
  .rows {
    min-width: 0;
    max-height: 117px;
    overflow: hidden auto;
    scrollbar-width: thin;
    contain: layout paint style;
    isolation: isolate;
  }
  .several {
    max-height: 168px;
  }
  .bench {
    display: flex;
    gap: 4px;
    height: 117px;
    padding: 10px 14px 6px;
  }
  .lamp-name {
    flex: 1 0 46px;
    max-width: 140px;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: space-between;
    min-width: 0;
  }
  .lamp-name :global(.tape) {
    font-size: 12px;
    padding-inline: 6px;
  }
  /* As high as the lamps beside it, however much there is to say: nothing moves under a hand. */
  .why {
    height: 0;
    min-height: 100%;
    padding: 10px 16px;
    border-left: 1px solid oklch(0.3 0.012 65);
    overflow: auto;
  }
  @media (max-width: 760px) {
    .strip {
      grid-template-columns: 1fr;
      height: auto;
    }
    .cap {
      border: 0;
      padding-block: 5px;
    }
    .cap > span {
      display: none;
    }
    .why {
      height: auto;
      min-height: 0;
      border: 0;
      padding-block: 4px 8px;
    }
  }
</style>
