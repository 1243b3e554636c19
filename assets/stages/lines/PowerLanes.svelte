<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Circuit } from '../../api/types';
  import { figure } from '../../lib/words';
  import { cabling } from '../../state/cabling.svelte';
  import { useRig } from '../../state/rig.svelte';
  import LoadBar from './LoadBar.svelte';

  /** Breakers with their outlets, what hangs on each, and how full they are. */
  const session = useRig();
  const rig = $derived(session.rig);
  const power = $derived(rig.power);
  const byId = $derived(new Map(rig.units.map((one) => [one.id, one])));
  const onBattery = $derived(power.supplies.filter((one) => one.battery));
  /** Each breaker, and below it what hangs on it, however deep. */
  const lanes = $derived.by(() => {
    const rows: { circuit: Circuit; depth: number }[] = [];
    const put = (fedBy: string | null, depth: number) => {
      for (const circuit of power.circuits)
        if ((circuit.fedBy ?? null) === fedBy) {
          rows.push({ circuit, depth });
          put(circuit.id, depth + 1);
        }
    };
    put(null, 0);
    return rows;
  });

  async function rename(circuit: Circuit, name: string): Promise<string | null> {
    const told = await session.change({ do: 'change-circuit', circuit: circuit.id, name }, true);
    return told ? (told.at('name') ?? told.message) : null;
  }
  async function rate(circuit: Circuit, text: string): Promise<string | null> {
    const amps = Number(text.replace(',', '.').replace(/\s*A$/i, ''));
    const told = await session.change({ do: 'change-circuit', circuit: circuit.id, amps }, true);
    return told ? (told.at('amps') ?? told.message) : null;
  }
  const look = (unit: string) => cabling.look(cabling.power === unit ? {} : { power: unit });
</script>

<div class="grid gap-3">
  {#each lanes as { circuit, depth } (circuit.id)}
    <section
      class="flex flex-wrap items-start gap-x-3 gap-y-1.5"
      style:margin-left="{depth * 22}px"
      aria-label="{depth ? 'Outlet' : 'Circuit'} {circuit.name}"
    >
      <div class="pane rule flex items-center gap-1.5 rounded-md border p-1.5" class:outlet={depth > 0}>
        <span class="w-[104px]"
          ><EditText
            label={depth ? 'Name of the outlet' : 'Name of the circuit'}
            about={circuit.id}
            class="h-7"
            value={circuit.name}
            onCommit={(text) => rename(circuit, text)}
          /></span
        >
        <span class="w-[62px]"
          ><EditText
            label="Amperes of {circuit.name}"
            about={circuit.id}
            class="mono h-7"
            value="{figure(circuit.amps)} A"
            onCommit={(text) => rate(circuit, text)}
          /></span
        >
      </div>
      <ul class="flex min-w-0 flex-1 basis-[240px] flex-wrap items-start gap-2 pt-1.5">
        {#each rig.units.filter((one) => one.circuitId === circuit.id) as unit (unit.id)}
          <li>
            <button
              class="device"
              aria-pressed={cabling.power === unit.id}
              aria-label="Power of {unit.name}"
              onclick={() => look(unit.id)}
            >
              <Tape name={unit.name} roll={unit.tape} />
              <span class="mono faint text-[11px]">{unit.watts == null ? '? W' : `${figure(unit.watts)} W`}</span>
            </button>
          </li>
        {/each}
        <li class="flex items-center gap-1.5">
          <select
            class="select h-7 w-32"
            aria-label="Plug a unit into {circuit.name}"
            value=""
            onchange={(event) => {
              const id = event.currentTarget.value;
              event.currentTarget.value = '';
              if (id) void session.change({ do: 'plug-units', units: [id], circuit: circuit.id });
            }}
          >
            <option value="">Plug in…</option>
            {#each rig.units.filter((one) => one.circuitId !== circuit.id) as one (one.id)}<option value={one.id}
                >{one.name}{one.circuitId ? ' (is plugged in)' : ''}</option
              >{/each}
          </select>
          <button
            class="btn btn-quiet h-7 px-2"
            title="A strip or a chain of outlets with a limit of its own"
            aria-label="Add an outlet to {circuit.name}"
            onclick={() => session.change({ do: 'add-circuit', amps: 10, fedBy: circuit.id })}>Add an outlet</button
          >
          <button
            class="btn btn-quiet h-7 px-2"
            aria-label="Remove {circuit.name}"
            onclick={() => session.change({ do: 'remove-circuit', circuit: circuit.id })}>Remove</button
          >
        </li>
      </ul>
      <LoadBar {circuit} />
    </section>
  {:else}
    <p class="dim text-[12.5px]">No circuit is set down: add the breakers that the house gives you.</p>
  {/each}
  {#if onBattery.length}
    <ul class="flex flex-wrap gap-x-5 gap-y-2" aria-label="On batteries">
      {#each onBattery as one (one.unitId)}
        {@const unit = byId.get(one.unitId)}
        {#if unit && one.battery}<li class="flex items-center gap-2 text-[12px]">
            <button
              class="device"
              aria-pressed={cabling.power === unit.id}
              aria-label="Battery of {unit.name}"
              onclick={() => look(unit.id)}><Tape name={unit.name} roll={unit.tape} /></button
            >
            <span class="dim">battery, {figure(one.battery.ampHours)} Ah:</span>
            <span
              class:text-error={one.battery.verdict === 'short'}
              class:text-warning={one.battery.verdict === 'reserve'}
              >{one.battery.verdict === 'unknown'
                ? 'nobody said what it takes'
                : one.battery.hours == null
                  ? 'dark in every look'
                  : `${figure(one.battery.hours)} h, ${figure(one.battery.burning ?? 0)} h wanted`}</span
            >
          </li>{/if}
      {/each}
    </ul>
  {/if}
  <div class="flex flex-wrap items-center gap-2">
    <button class="btn h-8" onclick={() => session.change({ do: 'add-circuit', amps: 16 })}>Add a breaker</button>
    <select
      class="select h-8 w-52"
      aria-label="Power of a unit"
      value=""
      onchange={(event) => {
        const id = event.currentTarget.value;
        event.currentTarget.value = '';
        if (id) cabling.look({ power: id });
      }}
    >
      <option value="">Battery, lamps or tape of…</option>
      {#each rig.units as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
    </select>
    <span class="faint text-[11.5px]">Planning figures: a licensed electrician and local codes decide.</span>
  </div>
</div>

<style>
  .device {
    display: grid;
    justify-items: center;
    gap: 2px;
    padding: 1px 3px;
    border-radius: 4px;
    cursor: pointer;
  }
  .device[aria-pressed='true'] {
    outline: 2px solid var(--color-primary);
  }
  .outlet {
    border-style: dashed;
  }
</style>
