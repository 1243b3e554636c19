<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import { lookLamps } from '../../state/lookLamps.svelte';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { lampWords } from '../../lib/lamps';
  import { joined } from '../../lib/tapes';
  import { selection } from '../../state/selection.svelte';

  /** Units by looks: a cell's colour stands as high as its light. */
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
              <span class="mono faint block">{look.bank}.{look.number}</span>
              <Tape name={look.name} />
            </button>
          </th>
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each rows as unit (unit.id)}
        <tr>
          <th class="pr-1 text-right font-normal"><Tape name={unit.name} /></th>
          {#each rig.looks as look (look.id)}
            {@const lamp = lamps.of(look.id, unit.id)}
            {@const recorded = look.cells.some((one) => one.unitId === unit.id)}
            <td class="p-0">
              <div
                class="cell"
                class:chosen={selection.look === look.id}
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
              </div>
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
