<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import type { Desk, Strip } from '../../api/types';
  import { pageLetter } from '../../lib/address';
  import { joined } from '../../lib/tapes';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import FaderStrip from './FaderStrip.svelte';
  import Scenes from './Scenes.svelte';

  /** The operator's own desk, drawn from its description, live. */
  let { desk }: { desk: Desk } = $props();
  const session = useRig();
  const faders = useFaders();
  const rig = $derived(session.rig);

  let button = $state(1);
  let page = $state(1);

  const buttons = $derived(desk.starts.map((start, index) => ({ number: index + 1, start, name: nameOf(index + 1) })));
  const pages = $derived([
    ...new Set(desk.strips.filter((one) => one.button == null || one.button === button).map((one) => one.page)),
  ]);
  const shownPage = $derived(pages.includes(page) ? page : (pages[0] ?? 1));
  const isZones = $derived(desk.layout === 'zones');
  const strips = $derived(
    desk.strips.filter((one) => one.page === shownPage && (one.button == null || one.button === button)),
  );

  function nameOf(number: number): string {
    const ids = [
      ...new Set(
        desk.strips.filter((one) => one.button === number).flatMap((one) => one.fixtures.map((use) => use.fixtureId)),
      ),
    ];
    const names = ids.map((id) => rig.fixtures.find((one) => one.id === id)).filter((one) => one !== undefined);
    const [first] = names;
    if (!first) return '';
    return names
      .slice(1)
      .reduce(
        (name, other) => (other.twinOf === first.id ? joined(name, other.name) : `${name} + ${other.name}`),
        first.name,
      );
  }
  const isUp = (strip: Strip) => faders.value(strip.address) > 0;
  const lit = (number: number) => desk.strips.some((one) => one.button === number && isUp(one));
</script>

<div class="board">
  {#if buttons.length}
    <div class="buttons" style:--count={buttons.length} role="group" aria-label={isZones ? 'Zones' : 'Fixture buttons'}>
      {#each buttons as one (one.number)}
        <div class="min-w-0 text-center">
          <span class="block h-[22px]"
            >{#if one.name}<Tape name={one.name} class="!text-[11.5px] !px-1.5" />{/if}</span
          >
          <button
            class="key"
            class:on={one.number === button}
            aria-pressed={one.number === button}
            aria-label="{isZones ? 'Zone' : 'Button'} {one.number}{one.name ? `, ${one.name}` : ''}"
            onclick={() => (button = one.number)}
          >
            {one.number}{#if lit(one.number)}<i title="a fader of it is up"></i>{/if}
          </button>
        </div>
      {/each}
    </div>
  {/if}
  <div class="mid">
    <div class="pages" role="group" aria-label="Pages">
      {#if pages.length > 1}
        {#each pages as one (one)}
          <button
            class="key tall"
            class:on={one === shownPage}
            aria-pressed={one === shownPage}
            onclick={() => (page = one)}><span class="faint text-[10.5px]">Page</span> {pageLetter(one)}</button
          >
        {/each}
      {/if}
    </div>
    <div class="strips" class:many={strips.length > 14} role="group" aria-label="Faders">
      {#each strips as strip (strip.address)}<FaderStrip
          {strip}
          page={pages.length > 1 ? pageLetter(shownPage) : ''}
        />{/each}
    </div>
    <Scenes {desk} />
  </div>
</div>

<style>
  .board {
    display: grid;
    gap: 12px;
    padding: 12px 14px;
    background: var(--color-base-200);
    border: 1px solid var(--line);
    border-radius: 6px;
  }
  .buttons {
    display: grid;
    grid-template-columns: repeat(var(--count), minmax(0, 1fr));
    gap: 7px;
  }
  .key {
    position: relative;
    width: 100%;
    height: 28px;
    border-radius: 5px;
    background: var(--color-base-300);
    border: 1px solid var(--line);
    font: 500 11px 'Martian Mono Variable';
    color: var(--dim);
    cursor: pointer;
  }
  .key.on {
    background: var(--color-primary);
    color: var(--color-primary-content);
    border-color: transparent;
  }
  .key.on .faint {
    color: inherit;
  }
  .key i {
    position: absolute;
    right: 5px;
    top: 5px;
    width: 5px;
    height: 5px;
    border-radius: 50%;
    background: currentColor;
  }
  .tall {
    height: 44px;
  }
  .mid {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto;
    gap: 16px;
  }
  .pages {
    display: flex;
    flex-direction: column;
    gap: 8px;
    justify-content: center;
  }
  .pages .key {
    width: 58px;
    display: grid;
    place-content: center;
  }
  .strips {
    display: flex;
    gap: 2px;
    overflow-x: auto;
    scrollbar-width: thin;
    padding-bottom: 4px;
  }
</style>
