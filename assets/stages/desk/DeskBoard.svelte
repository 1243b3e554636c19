<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import type { Desk, Strip } from '../../api/types';
  import { faderName } from '../../lib/desk';
  import { unique } from '../../lib/unique';
  import { joined } from '../../lib/tapes';
  import type { DeskHand } from '../../state/deskHand.svelte';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import OwnFaders from './OwnFaders.svelte';
  import PlainFaders from './PlainFaders.svelte';
  import Scenes from './Scenes.svelte';

  /** The operator's own desk, drawn from its description, live. */
  let { desk, hand }: { desk: Desk; hand: DeskHand } = $props();
  const session = useRig();
  const faders = useFaders();
  const rig = $derived(session.rig);

  /** So many faders stand in a row at the most; a longer row goes on below. */
  const IN_A_ROW = 14;
  const isZones = $derived(desk.layout === 'zones');
  const isPreset = $derived(desk.layout === 'preset');
  const starts = $derived(desk.starts.map((start, index) => ({ number: index + 1, start, name: nameOf(index + 1) })));

  type Line = { strips: readonly Strip[]; row: 'first' | 'second'; name?: string; group: string };
  const lines = $derived.by((): Line[] => {
    if (isZones) return [];
    if (desk.crossfades)
      return (['first', 'second'] as const).map((row, index) => {
        const name = `${index === 0 ? desk.keys.crossA : desk.keys.crossB} row`;
        return { strips: hand.strips, row, name, group: name };
      });
    const count = isPreset ? 2 : Math.ceil(hand.strips.length / IN_A_ROW);
    const long = Math.ceil(hand.strips.length / Math.max(1, count));
    return Array.from({ length: count }, (_, index) => ({
      strips: hand.strips.slice(index * long, (index + 1) * long),
      row: 'first' as const,
      group: count > 1 ? `Faders, row ${index + 1}` : 'Faders',
    }));
  });
  const zones = $derived(
    starts.map((zone) => ({ ...zone, strips: desk.strips.filter((one) => one.button === zone.number) })),
  );
  const prefix = $derived(hand.pages.length > 1 ? faderName(desk, hand.page, '') : '');

  function nameOf(number: number): string {
    const ids = unique(
      desk.strips.filter((one) => one.button === number).flatMap((one) => one.units.map((use) => use.unitId)),
    );
    const names = ids.map((id) => rig.units.find((one) => one.id === id)).filter((one) => one !== undefined);
    const [first] = names;
    if (!first) return '';
    return names
      .slice(1)
      .reduce(
        (name, other) => (other.twinOf === first.id ? joined(name, other.name) : `${name} + ${other.name}`),
        first.name,
      );
  }
  const lit = (number: number) => desk.strips.some((one) => one.button === number && faders.value(one.address) > 0);
</script>

<div
  class="board"
  style:--rows={Math.max(1, lines.length)}
  style:--over={starts.length && !isZones ? '470px' : '418px'}
>
  {#if starts.length && !isZones}
    <div class="buttons" style:--count={starts.length} role="group" aria-label="Fixture buttons">
      {#each starts as one (one.number)}
        <div class="min-w-0 text-center">
          <span class="block h-[22px]"
            >{#if one.name}<Tape name={one.name} class="!text-[11.5px] !px-1.5" />{/if}</span
          >
          <button
            class="key"
            class:on={hand.isDown(one.number)}
            aria-pressed={hand.isDown(one.number)}
            aria-label="{desk.keys.button} {one.number}{one.name ? `, ${one.name}` : ''}"
            onclick={(event) => hand.press(one.number, event.shiftKey || event.ctrlKey || event.metaKey)}
          >
            {one.number}{#if lit(one.number)}<i title="a fader of it is up"></i>{/if}
          </button>
        </div>
      {/each}
    </div>
  {/if}
  <div class="mid">
    {#if hand.pages.length > 1 || (starts.length > 1 && !isZones)}<div class="pages">
        {#if hand.pages.length > 1}
          <div class="grid gap-2" role="group" aria-label={desk.keys.page}>
            {#each hand.pages as one (one)}
              <button
                class="key tall"
                class:on={one === hand.page}
                aria-pressed={one === hand.page}
                onclick={() => hand.turn(one)}
                ><span class="faint text-[10.5px]">{desk.keys.page}</span>
                {desk.pageNames[one - 1]}</button
              >
            {/each}
          </div>
        {/if}
        {#if starts.length > 1 && !isZones}
          <button
            class="key tall small"
            class:on={hand.several}
            aria-pressed={hand.several}
            title="A press adds a button to those that are down, as Shift does"
            onclick={() => (hand.several = !hand.several)}>Several at once</button
          >
        {/if}
      </div>{/if}
    <div class="grid min-w-0 flex-1 content-start gap-2">
      {#if isZones}
        <div class="zones">
          {#each zones as zone (zone.number)}
            <section class="zone" aria-label="{desk.keys.button} {zone.number}">
              <p class="flex h-[24px] items-center gap-2">
                <b>{desk.keys.button} {zone.number}</b>{#if zone.name}<Tape
                    name={zone.name}
                    class="!text-[11.5px] !px-1.5"
                  />{/if}
              </p>
              <PlainFaders strips={zone.strips} {hand} prefix="{zone.number}." group="Zone {zone.number}" />
            </section>
          {/each}
        </div>
      {:else}
        {#each lines as line (line.group)}
          <PlainFaders strips={line.strips} {hand} row={line.row} name={line.name ?? ''} {prefix} group={line.group} />
        {/each}
      {/if}
    </div>
    <OwnFaders {desk} />
    {#if desk.banks != null || !isPreset}<Scenes {desk} />{/if}
  </div>
</div>

<style>
  .board {
    --whole: clamp(92px, calc(100vh - var(--over)), 440px);
    --travel: clamp(92px, calc((100vh - var(--over) - 84px * (var(--rows) - 1)) / var(--rows)), 440px);
    display: grid;
    gap: 10px;
    padding: 10px 14px;
    background: var(--color-base-200);
    border: 1px solid var(--line);
    border-radius: 6px;
  }
  .buttons {
    display: grid;
    grid-template-columns: repeat(var(--count), minmax(34px, 1fr));
    gap: 7px;
    overflow-x: auto;
    scrollbar-width: thin;
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
  .small {
    font: 500 11px/1.15 'Archivo Variable';
  }
  .mid {
    display: flex;
    gap: 14px;
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
  .zones {
    display: flex;
    gap: 10px;
    overflow-x: auto;
    scrollbar-width: thin;
  }
  .zone {
    flex: 1 0 164px;
    --least: 37px;
    min-width: 0;
    padding: 4px 5px;
    border: 1px solid var(--line);
    border-radius: 5px;
  }
  @media (max-width: 760px) {
    .board {
      --whole: 200px;
      --travel: 200px;
    }
    .mid {
      flex-wrap: wrap;
    }
  }
</style>
