<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import type { Change, Unit } from '../../api/types';
  import { groupsOf } from '../../lib/groups';
  import { useRig } from '../../state/rig.svelte';

  /** What keeps a rig in order: how the unit is called, what it belongs to, its tape, and which way it turns. */
  let { unit }: { unit: Unit } = $props();
  const session = useRig();
  const ROLLS = ['cream', 'white', 'grey', 'sand', 'pink', 'sage', 'sky'];
  const groups = $derived(groupsOf(session.rig.units));

  async function change(what: Change): Promise<string | null> {
    const problem = await session.change(what, true);
    return problem?.firstWords ?? null;
  }
</script>

<div class="grid grid-cols-[64px_1fr_1fr] gap-x-3 gap-y-1.5">
  <label class="field"
    ><span>Number</span><EditText
      about={unit.id}
      label="Number of {unit.name}"
      class="mono h-7"
      value={String(unit.number ?? '')}
      onCommit={(number) => change({ do: 'number-unit', unit: unit.id, number })}
    /></label
  >
  <label class="field"
    ><span>Name on the tape</span><EditText
      about={unit.id}
      label="Name on the tape"
      class="h-7"
      value={unit.name}
      onCommit={(name) => change({ do: 'rename-unit', unit: unit.id, name })}
    /></label
  >
  <label class="field"
    ><span>Where it hangs</span><EditText
      about={unit.id}
      label="Where it hangs"
      class="h-7"
      placeholder="front beam, left"
      value={unit.position ?? ''}
      onCommit={(position) => change({ do: 'hang-unit', unit: unit.id, position })}
    /></label
  >
  <div class="field col-span-2">
    <span>Groups, with commas between</span><EditText
      about={unit.id}
      label="Groups of {unit.name}"
      class="h-7"
      placeholder={groups.length ? groups.join(', ') : 'Washes, Upstage'}
      value={unit.groups.join(', ')}
      onCommit={(text) => change({ do: 'group-unit', unit: unit.id, groups: text })}
    />
  </div>
  <label class="field"
    ><span>Note</span><EditText
      about={unit.id}
      label="Note on {unit.name}"
      class="h-7"
      placeholder="new lamp in May"
      value={unit.note ?? ''}
      onCommit={(note) => change({ do: 'note-unit', unit: unit.id, note })}
    /></label
  >
  <div class="col-span-3 flex flex-wrap items-center gap-x-3 gap-y-1 text-[12.5px]">
    <div class="flex items-center gap-1.5" role="group" aria-label="Colour of tape">
      <span class="dim">Tape</span>
      {#each ROLLS as roll (roll)}
        <button
          class="roll"
          data-roll={roll}
          aria-pressed={unit.tape === roll}
          aria-label={roll}
          title={roll}
          disabled={session.busy}
          onclick={() => change({ do: 'tape-unit', unit: unit.id, tape: roll })}>{unit.tape === roll ? '✓' : ''}</button
        >
      {/each}
    </div>
    <label class="flex items-center gap-1.5" title="No plan moves it"
      ><input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={unit.isLocked}
        onchange={(event) => change({ do: 'lock-unit', unit: unit.id, isLocked: event.currentTarget.checked })}
      />Locked</label
    >
    <label class="flex items-center gap-1.5" title="Its address stays; checks and walks leave it out"
      ><input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={unit.isOut}
        onchange={(event) => change({ do: 'put-out', unit: unit.id, isOut: event.currentTarget.checked })}
      />Out of action tonight</label
    >
    {#each unit.turns as turn (turn)}
      <label class="flex items-center gap-1.5"
        ><span class="dim">{turn} reversed</span><select
          class="select h-7 w-28"
          aria-label="{turn} reversed"
          value={(turn === 'pan' ? unit.pan : unit.tilt) ?? ''}
          onchange={(event) =>
            change({
              do: 'turn-unit',
              unit: unit.id,
              direction: turn as 'pan' | 'tilt',
              reversed: event.currentTarget.value,
            })}
        >
          <option value="">not at all</option>
          <option value="unit">in the unit</option>
          <option value="software">in software</option>
        </select></label
      >
    {/each}
  </div>
</div>

<style>
  .field {
    display: grid;
    gap: 2px;
    align-content: start;
  }
  .field > span {
    color: var(--dim);
    font-size: 11.5px;
  }
  .roll {
    width: 24px;
    height: 20px;
    background: var(--tape);
    color: var(--tape-ink);
    border: 1px solid var(--tape-edge);
    border-radius: 2px;
    font-size: 12px;
    line-height: 1;
    cursor: pointer;
  }
</style>
