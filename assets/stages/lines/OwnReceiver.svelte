<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import type { Link, Unit } from '../../api/types';
  import { useRig } from '../../state/rig.svelte';
  import LinkState from './LinkState.svelte';
  import ReachBar from './ReachBar.svelte';
  import SettingSelect from './SettingSelect.svelte';

  /** A unit that listens to a sender through a receiver of its own. */
  let { link, unit }: { link: Link; unit: Unit } = $props();
  const session = useRig();
  const connect = (to: string | null, receiver: string | null) =>
    session.change({ do: 'connect-unit', unit: unit.id, link: to, receiver });
  const share = () =>
    session.change({
      do: 'add-receiver',
      link: link.id,
      label: `${unit.name} box`,
      setting: unit.receiver ?? null,
      units: [unit.id],
    });
  const room = $derived(link.outputs === 0 || unit.labels.length <= link.outputs);
</script>

<Tape name={unit.name} roll={unit.tape} />
<span class="flex items-center gap-2 text-[12px]"
  ><span class="dim whitespace-nowrap">receiver set to</span>
  <SettingSelect
    {link}
    value={unit.receiver ?? null}
    label="Receiver of {unit.name}"
    mayBeNone
    onChoose={(receiver) => connect(link.id, receiver)}
  />
</span>
<LinkState {unit} name={unit.name} />
{#each link.reach.filter((one) => one.unitId === unit.id) as reach (reach.unitId)}<ReachBar {reach} />{/each}
{#if room}<button
    class="btn btn-quiet h-7"
    onclick={share}
    aria-label="Share what {unit.name} hears by"
    title="Other units can be chained behind it, or be on its outputs">Share it</button
  >{/if}
<button class="btn btn-quiet h-7" onclick={() => connect(null, null)}>Put on cable</button>
