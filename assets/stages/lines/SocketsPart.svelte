<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import type { Supply, Unit } from '../../api/types';
  import { figure } from '../../lib/words';
  import { useRig } from '../../state/rig.svelte';

  /** The lamps on a pack's sockets, and what the pack stands. */
  let { unit, supply }: { unit: Unit; supply: Supply } = $props();
  const session = useRig();
  const STANDS = [
    ['socketAmps', 'A socket stands, A', (name: string) => `A socket of ${name} stands`],
    ['packAmps', 'The pack stands, A', (name: string) => `${name} stands in all`],
  ] as const;
  const typed = (value: number | null | undefined) => (value == null ? '' : figure(value));

  async function load(cell: number, watts: string): Promise<string | null> {
    const told = await session.change({ do: 'load-socket', unit: unit.id, cell, watts }, true);
    return told ? (told.at('watts') ?? told.message) : null;
  }
  /** Packs are mostly loaded alike: one entry for all. */
  const alike = $derived(
    supply.sockets.every((one) => one.watts === supply.sockets[0]?.watts) ? supply.sockets[0]?.watts : undefined,
  );
  async function loadAll(watts: string): Promise<string | null> {
    const told = await session.change(
      supply.sockets.map((one) => ({ do: 'load-socket' as const, unit: unit.id, cell: one.cell, watts })),
      true,
    );
    return told ? (told.at('watts') ?? told.violations[0]?.message ?? told.message) : null;
  }
  async function rate(which: 'packAmps' | 'socketAmps', amps: string): Promise<string | null> {
    const told = await session.change(
      {
        do: 'rate-unit',
        unit: unit.id,
        watts: typed(supply.plateWatts),
        packAmps: typed(supply.packAmps),
        socketAmps: typed(supply.socketAmps),
        [which]: amps,
      },
      true,
    );
    return told ? (told.at(which) ?? told.message) : null;
  }
</script>

<div class="grid gap-2 text-[12.5px]">
  <div class="grid grid-cols-[1fr_96px_56px] items-center gap-2">
    <h4 class="dim text-[12px]">Lamps on its sockets, all alike</h4>
    <EditText
      label="Watts on all sockets"
      about={unit.id}
      class="mono h-8"
      value={alike == null ? '' : `${figure(alike)} W`}
      placeholder={alike === undefined ? 'they differ' : 'empty'}
      onCommit={loadAll}
    />
  </div>
  {#each supply.sockets as one (one.cell)}
    <div class="grid grid-cols-[1fr_96px_56px] items-center gap-2">
      <bdi class="truncate">{one.label}</bdi>
      <EditText
        label="Watts on {one.label}"
        about="{unit.id}.{one.cell}"
        class="mono h-8"
        value={one.watts == null ? '' : `${figure(one.watts)} W`}
        placeholder="empty"
        onCommit={(text) => load(one.cell, text)}
      />
      <span class="mono dim text-right">{one.amps == null ? '' : `${figure(one.amps)} A`}</span>
    </div>
  {/each}
  <div class="rule grid grid-cols-[1fr_96px_56px] gap-2 border-t pt-1.5">
    <span>In all</span><span class="mono px-2">{figure(supply.watts ?? 0)} W</span><span class="mono text-right"
      >{figure(supply.amps ?? 0)} A</span
    >
  </div>
  <div class="grid grid-cols-2 gap-2">
    {#each STANDS as [which, words, label] (which)}
      <div class="grid gap-0.5">
        <span class="dim">{words}</span>
        <EditText
          label={label(unit.name)}
          value={typed(supply[which])}
          placeholder="as its plate says"
          onCommit={(text) => rate(which, text)}
        />
      </div>
    {/each}
  </div>
</div>
