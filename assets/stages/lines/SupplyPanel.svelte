<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Supply, Unit } from '../../api/types';
  import { figure } from '../../lib/words';
  import { cabling } from '../../state/cabling.svelte';
  import { useRig } from '../../state/rig.svelte';
  import BatteryPart from './BatteryPart.svelte';
  import SocketsPart from './SocketsPart.svelte';
  import TapePart from './TapePart.svelte';

  /** Where a unit gets its power, and what it takes. */
  let { unit }: { unit: Unit } = $props();
  const session = useRig();
  const power = $derived(session.rig.power);
  const supply = $derived<Supply>(
    power.supplies.find((one) => one.unitId === unit.id) ?? {
      unitId: unit.id,
      watts: unit.watts ?? null,
      amps: null,
      plateWatts: null,
      sockets: [],
      packAmps: null,
      socketAmps: null,
      battery: null,
      tape: null,
    },
  );
  const blank = (value: number | null | undefined) => (value == null ? null : figure(value));

  async function rate(watts: string): Promise<string | null> {
    const told = await session.change(
      {
        do: 'rate-unit',
        unit: unit.id,
        watts,
        packAmps: blank(supply.packAmps),
        socketAmps: blank(supply.socketAmps),
      },
      true,
    );
    return told ? (told.at('watts') ?? told.message) : null;
  }
</script>

<section class="mb-5 grid gap-4" aria-label="Power of {unit.name}">
  <div class="flex items-center gap-2">
    <h3>Power of</h3>
    <Tape name={unit.name} roll={unit.tape} /><span class="flex-1"></span>
    <button class="btn btn-quiet h-7" onclick={() => cabling.look({})}>Done</button>
  </div>
  <div class="grid grid-cols-2 gap-2 text-[12.5px]">
    <label class="grid gap-0.5"
      ><span class="dim">Plugged into</span>
      <select
        class="select h-8"
        value={unit.circuitId ?? ''}
        onchange={(event) =>
          session.change({ do: 'plug-units', units: [unit.id], circuit: event.currentTarget.value || null })}
      >
        <option value="">nothing</option>
        {#each power.circuits as one (one.id)}<option value={one.id}>{one.name}, {figure(one.amps)} A</option>{/each}
      </select></label
    >
    {#if !supply.sockets.length && !supply.tape}
      <div class="grid gap-0.5">
        <span class="dim">Takes, watts</span>
        <EditText
          label="Watts of {unit.name}"
          about={unit.id}
          value={blank(supply.plateWatts) ?? ''}
          placeholder={supply.watts == null ? 'as its chart says' : `${figure(supply.watts)}, by its chart`}
          onCommit={rate}
        />
      </div>
    {/if}
  </div>
  {#key unit.id}
    {#if supply.sockets.length}<SocketsPart {unit} {supply} />{/if}
    <BatteryPart {unit} {supply} />
    <TapePart {unit} {supply} />
  {/key}
</section>
