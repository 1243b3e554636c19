<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Change, Link, Unit } from '../../api/types';
  import { useRig } from '../../state/rig.svelte';
  import LinkState from './LinkState.svelte';
  import ReachBar from './ReachBar.svelte';
  import SettingSelect from './SettingSelect.svelte';

  /** A receiver with the units that share it: chained by cable, or each on outputs of its own. */
  let { link, receiver }: { link: Link; receiver: Link['receivers'][number] } = $props();
  const session = useRig();
  const units = $derived(session.rig.units.filter((one) => one.receiverId === receiver.id));
  const first = $derived(units[0]);
  const outputs = $derived(Array.from({ length: link.outputs }, (_, nth) => nth + 1));

  async function rename(label: string): Promise<string | null> {
    const told = await session.change({ do: 'change-receiver', receiver: receiver.id, label }, true);
    return told ? (told.at('label') ?? told.message) : null;
  }
  const change = (what: Change) => session.change(what);
  const outputsOf = (unit: Unit) => unit.outputs ?? unit.labels.map((_, nth) => nth + 1);
</script>

<section class="rule grid min-w-0 flex-1 gap-2 rounded border p-2" aria-label="Receiver {receiver.label}">
  <div class="flex flex-wrap items-center gap-2">
    <span class="w-32"
      ><EditText
        label="Name of the receiver"
        about={receiver.id}
        class="h-7"
        value={receiver.label}
        onCommit={rename}
      /></span
    >
    <span class="flex items-center gap-2 text-[12px]"
      ><span class="dim whitespace-nowrap">set to</span>
      <SettingSelect
        {link}
        value={receiver.setting ?? null}
        label="Receiver {receiver.label}"
        mayBeNone
        onChoose={(setting) =>
          change({ do: 'change-receiver', receiver: receiver.id, setting, isNew: setting === null })}
      />
    </span>
    {#if first}<LinkState unit={first} name={receiver.label} />
      {#each link.reach.filter((one) => one.unitId === first.id) as reach (reach.unitId)}<ReachBar {reach} />{/each}
    {/if}
    <button
      class="btn btn-quiet h-7"
      aria-label="Remove receiver {receiver.label}"
      onclick={() => change({ do: 'remove-receiver', receiver: receiver.id })}>Remove</button
    >
  </div>
  <ul class="flex flex-wrap items-center gap-x-3 gap-y-2" aria-label="Behind {receiver.label}">
    {#each units as unit, nth (unit.id)}
      <li class="flex items-center gap-1.5 text-[12px]">
        {#if link.outputs === 0}<span class="wire" aria-hidden="true"></span>
        {:else if unit.labels.length === 1}
          <select
            class="select h-7 w-[92px]"
            aria-label="Output of {unit.name}"
            value={String(outputsOf(unit)[0])}
            onchange={(event) =>
              change({
                do: 'put-behind',
                unit: unit.id,
                receiver: receiver.id,
                outputs: [Number(event.currentTarget.value)],
              })}
            >{#each outputs as one (one)}<option value={String(one)}>output {one}</option>{/each}</select
          >
        {:else}<span class="dim">outputs {outputsOf(unit).join(', ')}</span>{/if}
        <Tape name={unit.name} roll={unit.tape} />
        <span class="mono faint text-[11px]">{unit.place}</span>
        <button
          class="btn btn-quiet h-7 px-1.5"
          aria-label="Take {unit.name} from {receiver.label}"
          title="Put it on cable"
          onclick={() => change({ do: 'connect-unit', unit: unit.id, link: null })}>×</button
        >
        {#if nth === units.length - 1 && link.outputs === 0}<span class="faint">end</span>{/if}
      </li>
    {/each}
    <li>
      <select
        class="select h-7 w-44"
        aria-label="Put a unit behind {receiver.label}"
        value=""
        onchange={(event) => {
          const id = event.currentTarget.value;
          event.currentTarget.value = '';
          if (id) void change({ do: 'put-behind', unit: id, receiver: receiver.id });
        }}
      >
        <option value="">{link.outputs === 0 ? 'Chain a unit…' : 'Put a unit on it…'}</option>
        {#each session.rig.units.filter((one) => one.receiverId !== receiver.id && (link.outputs === 0 || one.labels.length <= link.outputs)) as one (one.id)}<option
            value={one.id}>{one.name}</option
          >{/each}
      </select>
    </li>
  </ul>
</section>

<style>
  .wire {
    width: 16px;
    border-top: 2px solid var(--line);
  }
</style>
