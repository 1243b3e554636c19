<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import type { Unit } from '../../api/types';
  import { useRig } from '../../state/rig.svelte';

  /** Units that play without a desk: who leads, who follows, and which one hears the hand remote. */
  const session = useRig();
  const rig = $derived(session.rig);
  const ORDER = ['leader', 'follower', 'alone', 'desk'];
  const STATES = [
    ['leader', 'leads'],
    ['follower', 'follows'],
    ['alone', 'runs by itself'],
    ['desk', 'listens to the desk'],
  ] as const;
  type State = (typeof STATES)[number][0];
  const shown = $derived(
    rig.units
      .filter((one) => one.runState !== 'desk' || one.hearsRemote)
      .toSorted((one, other) => ORDER.indexOf(one.runState) - ORDER.indexOf(other.runState)),
  );
  const others = $derived(rig.units.filter((one) => one.runState === 'desk' && !one.hearsRemote));
  const run = (unit: Unit, state: string) =>
    session.change({ do: 'run-units', units: [unit.id], state: state as State });
  const hear = (unit: Unit, hears: boolean) => session.change({ do: 'hear-remote', units: [unit.id], hears });
  /** Where its directions are turned round, for beams that cross. */
  const turned = (unit: Unit) =>
    (['pan', 'tilt'] as const).flatMap((one) =>
      unit[one] ? [`${one} turned round in ${unit[one] === 'unit' ? 'the unit' : 'software'}`] : [],
    );
</script>

<div class="grid gap-2">
  <ul class="grid gap-1.5">
    {#each shown as unit (unit.id)}
      <li class="flex flex-wrap items-center gap-2 text-[12.5px]">
        <Tape name={unit.name} roll={unit.tape} />
        <select
          class="select h-7 w-40"
          value={unit.runState}
          aria-label="{unit.name}: run state"
          onchange={(event) => run(unit, event.currentTarget.value)}
        >
          {#each STATES as [key, words] (key)}<option value={key}>{words}</option>{/each}
        </select>
        <label class="flex items-center gap-1.5"
          ><input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={unit.hearsRemote}
            aria-label="{unit.name} hears the hand remote"
            onchange={(event) => hear(unit, event.currentTarget.checked)}
          />hears the hand remote</label
        >
        {#if unit.turns.length && unit.runState === 'follower'}
          <select
            class="select h-7 w-48"
            aria-label="{unit.name}: crossing"
            value={unit.pan ?? ''}
            onchange={(event) =>
              session.change({ do: 'turn-unit', unit: unit.id, direction: 'pan', reversed: event.currentTarget.value })}
          >
            <option value="">turns as the leader does</option>
            <option value="unit">crosses: pan turned in the unit</option>
            {#if unit.pan === 'software'}<option value="software">pan turned in software</option>{/if}
          </select>
        {:else if turned(unit).length}<span class="dim">{turned(unit).join(', ')}</span>{/if}
      </li>
    {:else}
      <li class="dim max-w-[520px] text-[12.5px]">
        Every unit listens to the desk. Without one, a unit can lead and others follow it; one alone, the leader, hears
        the hand remote.
      </li>
    {/each}
  </ul>
  {#if others.length}
    <span class="flex flex-wrap gap-2">
      {#each ['leader', 'follower'] as const as state (state)}
        {@const verb = state === 'leader' ? 'leads' : 'follows'}
        <select
          class="select h-7 w-56"
          aria-label="A unit that {verb}"
          value=""
          onchange={(event) => {
            const unit = rig.units.find((one) => one.id === event.currentTarget.value);
            event.currentTarget.value = '';
            if (unit) void run(unit, state);
          }}
        >
          <option value="">One that {verb}…</option>
          {#each others as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select>
      {/each}
    </span>
  {/if}
  {#if shown.length}<p class="faint text-[11.5px]">
      Moving heads sweep as soon as they are switched on: nobody near them then.
    </p>{/if}
</div>
