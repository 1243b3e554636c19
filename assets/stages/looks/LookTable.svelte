<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import { lookLamps } from '../../state/lookLamps.svelte';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { lampWords } from '../../lib/lamps';
  import { joined } from '../../lib/tapes';
  import { selection } from '../../state/selection.svelte';
  import { pickingOf, type LookPick, type Picking } from './lookPick.svelte';

  /** Units by looks: a cell's colour stands as high as its light. */
  let { pick }: { pick: LookPick } = $props();
  const session = useRig();
  const faders = useFaders();
  const rig = $derived(session.rig);
  const lamps = lookLamps(() => rig);
  const rows = $derived(
    rig.units
      .filter((one) => !one.twinOf)
      .map((one) => ({
        ...one,
        name: rig.units
          .filter((twin) => twin.twinOf === one.id)
          .reduce((name, twin) => joined(name, twin.name), one.name),
      })),
  );
  const order = $derived(rows.map((one) => one.id));
  let body: HTMLElement | undefined = $state();
  /** The cell that Tab comes to. */
  let here = $state({ row: 0, column: 0 });

  function take(look: string, unit: string, how: Picking) {
    selection.look = look;
    pick.pick(look, unit, how, order);
    const whole = rig.looks.find((one) => one.id === look);
    if (whole && faders.recalled !== look) faders.recall(whole);
  }
  const WAYS: Record<string, [down: number, right: number]> = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
  };
  function keyed(event: KeyboardEvent) {
    const way = WAYS[event.key];
    if (event.key === 'Escape') return pick.clear();
    // A figure is a level, a letter a colour: the hand goes on typing in the field.
    if (/^[0-9a-z#]$/i.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey && pick.units.length) {
      const label = /[0-9]/.test(event.key) ? 'Level' : 'Colour';
      const field = document.querySelector<HTMLInputElement>(`input[aria-label="${label}"]`);
      field?.focus();
      field?.select();
      event.stopPropagation();
      return;
    }
    if (!way) return;
    event.preventDefault();
    const row = Math.min(rows.length - 1, Math.max(0, here.row + way[0]));
    const column = Math.min(rig.looks.length - 1, Math.max(0, here.column + way[1]));
    const [unit, look] = [rows[row], rig.looks[column]];
    here = { row, column };
    body?.querySelector<HTMLElement>(`[data-cell="${row}.${column}"]`)?.focus();
    if (unit && look && event.shiftKey) take(look.id, unit.id, 'through');
  }
</script>

<div class="scroll">
  <table class="border-separate border-spacing-[3px]">
    <thead>
      <tr>
        <th></th>
        {#each rig.looks as look (look.id)}
          <th class="min-w-[92px] p-0 text-left align-bottom font-normal">
            <button
              class="w-full cursor-pointer rounded px-1 pb-1 text-left"
              class:bg-base-300={selection.look === look.id}
              aria-pressed={selection.look === look.id}
              onclick={() => {
                selection.look = look.id;
                faders.recall(look);
              }}
            >
              <span class="mono faint block"
                >{look.bank}.{look.number}{#if look.made}<span class="dim" title="Made for this rig">
                    made</span
                  >{/if}</span
              >
              <Tape name={look.name} />
            </button>
          </th>
        {/each}
      </tr>
    </thead>
    <tbody bind:this={body}>
      {#each rows as unit, row (unit.id)}
        <tr>
          <th class="pr-1 text-right font-normal"><Tape name={unit.name} /></th>
          {#each rig.looks as look, column (look.id)}
            {@const lamp = lamps.of(look.id, unit.id)}
            {@const held = look.cells.find((one) => one.unitId === unit.id)}
            {@const recorded = held !== undefined}
            <td class="p-0">
              <button
                class="cell"
                class:chosen={selection.look === look.id}
                class:picked={pick.has(look.id, unit.id)}
                aria-pressed={pick.has(look.id, unit.id)}
                aria-label="{unit.name} in {look.name}"
                data-cell="{row}.{column}"
                tabindex={here.row === row && here.column === column ? 0 : -1}
                onclick={(event) => take(look.id, unit.id, pickingOf(event))}
                onfocus={() => (here = { row, column })}
                onkeydown={keyed}
                title="{unit.name} in {look.name}: {recorded
                  ? lamp
                    ? lampWords(lamp)
                    : 'being worked out'
                  : 'left alone'}"
              >
                {#if lamp && recorded}
                  <span class="bars" class:flash={lamp.cells.some((one) => one.flash > 0 && one.brightness > 0)}
                    >{#each lamp.cells as cell (cell.cell)}<i
                        style:height="{cell.brightness > 0 ? Math.max(9, Math.round(cell.brightness * 100)) : 0}%"
                        style:background={cell.hex ?? (cell.brightness > 0 ? '#8a8378' : 'transparent')}
                      ></i>{/each}</span
                  >
                  <b class="mono"
                    >{lamp.state !== 'silent' && lamp.state !== 'out'
                      ? lamp.cells.some((one) => one.brightness > 0)
                        ? Math.round(Math.max(...lamp.cells.map((one) => one.brightness)) * 100)
                        : '–'
                      : lamp.state}</b
                  >
                {:else}<b class="mono">{recorded ? '' : '·'}</b>{/if}
                {#if held?.intent}<i class="meant" title="As it is meant: the values follow"></i>{/if}
              </button>
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
  {#if rig.looks.length === 0}<p class="dim mt-4">
      No look yet: set the faders in Desk and record where they stand.
    </p>{/if}
</div>

<style>
  .cell {
    position: relative;
    height: 32px;
    min-width: 92px;
    background: oklch(0.1 0.006 65);
    border-radius: 3px;
    overflow: hidden;
  }
  .cell {
    display: block;
    width: 100%;
    cursor: pointer;
  }
  /* White on black: seen on whatever the cell shows. */
  .picked::after {
    content: '';
    position: absolute;
    inset: 0;
    border: 2px solid #fff;
    border-radius: 3px;
    box-shadow: inset 0 0 0 2px #000;
  }
  .meant {
    position: absolute;
    left: 4px;
    top: 4px;
    width: 6px;
    height: 6px;
    border-radius: 50%;
    background: #fff;
    box-shadow: 0 0 0 1.5px #000;
  }
  .chosen {
    box-shadow: inset 0 0 0 1.5px oklch(0.8 0.145 72);
  }
  .bars {
    position: absolute;
    inset: 0;
    display: flex;
    align-items: flex-end;
  }
  .bars i {
    flex: 1;
  }
  .flash i {
    mask: repeating-linear-gradient(90deg, #000 0 5px, transparent 5px 9px);
  }
  b {
    position: absolute;
    top: 2px;
    right: 5px;
    font-size: 10.5px;
    color: #fff;
    text-shadow:
      0 0 3px #000,
      0 0 2px #000,
      0 0 1px #000;
  }
</style>
