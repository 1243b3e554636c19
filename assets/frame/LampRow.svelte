<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import type { Lamp } from '../api/types';
  import LampBeam from '../components/LampBeam.svelte';
  import Tape from '../components/Tape.svelte';
  import { brightest, lampWords } from '../lib/lamps';
  import { plural } from '../lib/words';

  /** Lamps side by side, those of one universe where there are several; folded, each is a dot. */
  let {
    lamps,
    universe = null,
    isOwn = true,
    isFolded = false,
    onFold = () => {},
    chosen,
    onChoose,
    flickers,
    empty = '',
  }: {
    lamps: readonly Lamp[];
    /** Named where there are several. */
    universe?: number | null;
    /** The desk sends it. */
    isOwn?: boolean;
    isFolded?: boolean;
    onFold?: () => void;
    chosen: string | null;
    onChoose: (unitId: string) => void;
    flickers?: ReadonlySet<string> | undefined;
    /** What to say in the place of lamps. */
    empty?: string;
  } = $props();
</script>

<div class="row" class:folded={isFolded} class:named={universe !== null}>
  {#if universe !== null}
    <button class="head" onclick={onFold} aria-expanded={!isFolded}>
      {#if isFolded}<ChevronRight size={12} aria-hidden="true" />{:else}<ChevronDown
          size={12}
          aria-hidden="true"
        />{/if}
      <span
        ><b>Universe {universe}{isFolded ? ` · ${lamps.length}` : ''}</b><small
          >{plural(lamps.length, 'unit')}{isOwn ? '' : ', at rest'}</small
        ></span
      >
    </button>
  {/if}
  {#if isFolded}
    <div class="dots" role="img" aria-label="{plural(lamps.length, 'unit')} of universe {universe}">
      {#each lamps as lamp (lamp.unitId)}{@const light = brightest(lamp)}<i
          class:silent={lamp.state === 'silent' || lamp.state === 'out'}
          class:self={lamp.state === 'busy'}
          style:background={light}
          title={lamp.name}
        ></i>{/each}
    </div>
  {:else}
    <div class="lamps">
      {#each lamps as lamp (lamp.unitId)}
        <button
          class="lamp-name"
          class:silent={lamp.state === 'silent' || lamp.state === 'out'}
          class:flickers={flickers?.has(lamp.unitId)}
          aria-pressed={chosen === lamp.unitId}
          onclick={() => onChoose(lamp.unitId)}
          aria-label="{lamp.name}: {lampWords(lamp)}"
        >
          <LampBeam cells={lamp.cells} selfRunning={lamp.selfRunning ?? null} />
          <Tape name={lamp.name} />
        </button>
      {:else}
        <p class="self-center text-[12.5px]" style:color="var(--house-dim)">{empty}</p>
      {/each}
    </div>
  {/if}
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    min-width: 0;
  }
  .named {
    grid-template-columns: 112px minmax(0, 1fr);
  }
  .row + :global(.row) {
    border-top: 1px solid oklch(0.28 0.012 65);
  }
  .head {
    display: flex;
    align-items: flex-start;
    gap: 3px;
    padding: 7px 4px 4px 10px;
    text-align: left;
    cursor: pointer;
    color: var(--house-dim);
  }
  .head :global(svg) {
    flex: none;
    margin-top: 2px;
  }
  .head b {
    display: block;
    font-size: 11.5px;
    font-weight: 620;
    color: var(--house-ink);
  }
  .head small {
    display: block;
    font-size: 10.5px;
    white-space: nowrap;
  }
  .folded .head {
    padding-block: 4px;
  }
  .folded small {
    display: none;
  }
  .lamps {
    display: flex;
    gap: 4px;
    height: 117px;
    padding: 10px 14px 6px;
    overflow-x: auto;
    overflow-y: hidden;
    scrollbar-width: thin;
  }
  .dots {
    display: flex;
    flex-wrap: wrap;
    align-content: center;
    gap: 2px;
    padding: 4px 14px 4px 6px;
  }
  .dots i {
    width: 8px;
    height: 8px;
    border-radius: 2px;
    box-shadow: inset 0 0 0 1px oklch(0.42 0.01 65);
  }
  .dots .silent {
    border-radius: 50%;
    opacity: 0.55;
  }
  .dots .self {
    box-shadow: inset 0 0 0 2px oklch(0.72 0.01 75);
  }
  /* A lamp that is out of sight costs nothing, and one that changes changes nothing around it. */
  .lamp-name {
    flex: 1 0 46px;
    max-width: 78px;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: space-between;
    min-width: 0;
    cursor: pointer;
    border-radius: 4px;
    content-visibility: auto;
    contain: layout paint style;
    contain-intrinsic-size: 62px 96px;
  }
  .lamp-name :global(.tape) {
    font-size: 12px;
    padding-inline: 6px;
  }
  .lamp-name.silent :global(.tape) {
    opacity: 0.72;
    text-decoration: line-through;
  }
  /* Nothing flashes on a screen: what may flicker is marked. */
  .flickers :global(.beam) {
    opacity: 0.55;
  }
  .flickers {
    outline: 1px dashed var(--color-warning);
    outline-offset: -1px;
  }
  .lamp-name[aria-pressed='true'] {
    background: oklch(0.27 0.02 70);
  }
</style>
