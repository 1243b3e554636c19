<script lang="ts">
  import type { Supply, Unit } from '../../api/types';
  import { numberOf } from '../../lib/numbers';
  import { figure } from '../../lib/words';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';
  import FigureForm from './FigureForm.svelte';
  import WiringDrawing from './WiringDrawing.svelte';

  /** LED tape behind a unit: what flows, what the wire loses, the fuse, and which terminal goes where. */
  let { unit, supply }: { unit: Unit; supply: Supply } = $props();
  const session = useRig();
  const tape = $derived(supply.tape);
  const values = $derived({
    volts: figure(tape?.volts ?? 12),
    wattsPerMetre: figure(tape?.wattsPerMetre ?? 14.4),
    metres: figure(tape?.metres ?? 5),
    wireMetres: figure(tape?.wireMetres ?? 5),
    mm2: figure(tape?.mm2 ?? 1.5),
  });
  const FIELDS = [
    { key: 'volts', label: 'Volts' },
    { key: 'wattsPerMetre', label: 'Watts a metre' },
    { key: 'metres', label: 'Metres of tape' },
    { key: 'wireMetres', label: 'Metres of wire to it' },
    {
      key: 'mm2',
      label: 'Wire, mm²',
      options: ['0.5', '0.75', '1', '1.5', '2.5', '4', '6', '10'].map((one) => [one, one] as const),
    },
  ];
  const wire = (typed: Record<string, string>) =>
    session.change(
      {
        do: 'wire-tape',
        unit: unit.id,
        volts: numberOf(typed.volts),
        wattsPerMetre: numberOf(typed.wattsPerMetre),
        metres: numberOf(typed.metres),
        wireMetres: numberOf(typed.wireMetres),
        mm2: numberOf(typed.mm2),
      },
      true,
    );
</script>

<details open={tape != null} class="text-[12.5px]">
  <summary class="cursor-pointer font-[620]">LED tape</summary>
  <div class="mt-2 grid gap-3">
    {#if tape}
      <dl class="grid grid-cols-[1fr_auto] gap-x-3 gap-y-1" aria-label="What flows to the tape">
        <dt class="dim">Takes with every colour up</dt>
        <dd class="mono">{figure(tape.watts)} W, {figure(tape.amps)} A</dd>
        <dt class="dim">Lost in the wire</dt>
        <dd class="mono" class:text-warning={tape.verdict !== 'ok'}>
          {figure(tape.dropVolts)} V, {figure(tape.percent)} %
        </dd>
        <dt class="dim">Fuse at the battery</dt>
        <dd class="mono">{tape.fuse == null ? 'too much for one' : `${figure(tape.fuse)} A`}</dd>
        <dt class="dim">Fuse that protects the wire</dt>
        <dd class="mono">up to {figure(tape.wireAmps)} A</dd>
      </dl>
      <WiringDrawing {tape} name={unit.name} />
      <p class="dim text-[12px]">
        The plus is common, each colour is dimmed on its minus side. Terminals count, not the colour of a wire.
      </p>
    {/if}
    {#key JSON.stringify(values)}
      <FigureForm
        title="Tape of {unit.name}"
        fields={FIELDS}
        {values}
        keep={tape ? 'Keep' : 'Wire this tape'}
        onKeep={wire}
      />
    {/key}
    {#if tape}<div class="flex flex-wrap gap-3">
        <button class="link-repair" onclick={() => session.change({ do: 'unwire-tape', unit: unit.id })}
          >There is no tape</button
        >
        <a class="link-repair" href="{p('/rigs/:rig/sheets', { params: { rig: session.id } })}?sheet=wiring"
          >Print the wiring card</a
        >
      </div>{/if}
    <p class="faint text-[11.5px]">Fuse at the battery, mind the polarity; local codes decide.</p>
  </div>
</details>
