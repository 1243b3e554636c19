<script lang="ts">
  import type { Supply, Unit } from '../../api/types';
  import { figure } from '../../lib/words';
  import { numberOf } from '../../lib/numbers';
  import { cabling } from '../../state/cabling.svelte';
  import { useRig } from '../../state/rig.svelte';
  import FigureForm from './FigureForm.svelte';

  /** A unit's battery, and how long it lasts against the evening. */
  let { unit, supply }: { unit: Unit; supply: Supply } = $props();
  const session = useRig();
  const battery = $derived(supply.battery);
  const power = $derived(session.rig.power);
  const values = $derived({
    chemistry: battery?.chemistry ?? 'lead',
    ampHours: figure(battery?.ampHours ?? 7),
    volts: figure(battery?.volts ?? 12),
    usable: figure((battery?.usable ?? 0.5) * 100),
    hourRate: figure(battery?.hourRate ?? 20),
  });
  const FIELDS = [
    {
      key: 'chemistry',
      label: 'Kind',
      options: [
        ['lead', 'lead'],
        ['lithium', 'lithium'],
      ],
    },
    { key: 'ampHours', label: 'Ampere hours' },
    { key: 'volts', label: 'Volts' },
    { key: 'usable', label: 'May be taken out, %' },
    { key: 'hourRate', label: 'Measured over, hours' },
  ] as const;

  const fit = (typed: Record<string, string>) =>
    session.change(
      {
        do: 'fit-battery',
        unit: unit.id,
        chemistry: typed.chemistry === 'lithium' ? 'lithium' : 'lead',
        ampHours: numberOf(typed.ampHours),
        volts: numberOf(typed.volts),
        usable: numberOf(typed.usable) / 100,
        hourRate: numberOf(typed.hourRate),
      },
      true,
    );
</script>

<details open={battery != null} class="text-[12.5px]">
  <summary class="cursor-pointer font-[620]">Battery</summary>
  <div class="mt-2 grid gap-3">
    {#if battery}
      <dl class="grid grid-cols-[1fr_auto] gap-x-3 gap-y-1" aria-label="How long it lasts">
        <dt class="dim">At the levels of the looks</dt>
        <dd class="mono">{battery.hours == null ? 'dark in all' : `${figure(battery.hours)} h`}</dd>
        <dt class="dim">With everything up</dt>
        <dd class="mono">{battery.fullHours == null ? 'not known' : `${figure(battery.fullHours)} h`}</dd>
        <dt class="dim">To be lit tonight</dt>
        <dd class="mono">{figure(battery.burning ?? power.hours)} h</dd>
        <dt class="dim">With {figure(power.reserve * 100)} % left</dt>
        <dd class="mono">{figure(battery.needed ?? 0)} h</dd>
      </dl>
      <p
        class:text-error={battery.verdict === 'short'}
        class:text-warning={battery.verdict === 'reserve'}
        class:text-success={battery.verdict === 'ok'}
      >
        {battery.verdict === 'ok'
          ? 'It lasts, with the reserve left.'
          : battery.verdict === 'reserve'
            ? 'It lasts, but the reserve is not left.'
            : battery.verdict === 'short'
              ? 'It ends before the evening does.'
              : 'Say what the unit takes, then the hours follow.'}
      </p>
    {/if}
    {#key JSON.stringify(values)}
      <FigureForm
        title="Battery of {unit.name}"
        fields={FIELDS}
        {values}
        keep={battery ? 'Keep' : 'Fit this battery'}
        onKeep={fit}
      />
    {/key}
    <div class="flex flex-wrap gap-3">
      {#if battery}<button class="link-repair" onclick={() => session.change({ do: 'take-battery', unit: unit.id })}
          >Take the battery off</button
        >{/if}
      <button class="link-repair" onclick={() => cabling.look({ evening: true })}>How long the evening is</button>
    </div>
  </div>
</details>
