<script lang="ts">
  import { numberOf } from '../../lib/numbers';
  import { figure } from '../../lib/words';
  import { cabling } from '../../state/cabling.svelte';
  import { useRig } from '../../state/rig.svelte';
  import FigureForm from './FigureForm.svelte';

  /** The mains, and how long the evening is: what loads and batteries are held against. */
  const session = useRig();
  const power = $derived(session.rig.power);
  const values = $derived({
    hours: figure(power.hours),
    interval: figure(power.interval * 60),
    burnsThrough: power.burnsThrough ? 'yes' : 'no',
    reserve: figure(power.reserve * 100),
    volts: figure(power.volts),
    powerFactor: figure(power.powerFactor),
  });
  const FIELDS = [
    { key: 'hours', label: 'The show, hours' },
    { key: 'interval', label: 'The interval, minutes' },
    {
      key: 'burnsThrough',
      label: 'Batteries in the interval',
      options: [
        ['no', 'dark'],
        ['yes', 'stay lit'],
      ],
    },
    { key: 'reserve', label: 'To be left in them, %' },
    { key: 'volts', label: 'Mains, volts' },
    { key: 'powerFactor', label: 'Power factor' },
  ] as const;

  async function plan(typed: Record<string, string>) {
    const problem = await session.change(
      {
        do: 'plan-power',
        hours: numberOf(typed.hours),
        interval: numberOf(typed.interval) / 60,
        burnsThrough: typed.burnsThrough === 'yes',
        reserve: numberOf(typed.reserve) / 100,
        volts: numberOf(typed.volts),
        powerFactor: numberOf(typed.powerFactor),
      },
      true,
    );
    return problem;
  }
</script>

<section class="mb-5" aria-label="The evening and the mains">
  <div class="mb-2.5 flex items-center gap-2">
    <h3 class="flex-1">The evening and the mains</h3>
    <button class="btn btn-quiet h-7" onclick={() => cabling.look({})}>Done</button>
  </div>
  {#key JSON.stringify(values)}
    <FigureForm title="The evening and the mains" fields={FIELDS} {values} keep="Keep" onKeep={plan} />
  {/key}
</section>
