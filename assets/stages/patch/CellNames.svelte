<script lang="ts">
  import type { Unit } from '../../api/types';
  import EditText from '../../components/EditText.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** What the operator calls the sockets or cells of a unit: tape, board and sheets call them so too. */
  let { unit }: { unit: Unit } = $props();
  const session = useRig();

  async function rename(cell: number, name: string): Promise<string | null> {
    const problem = await session.change({ do: 'name-cell', unit: unit.id, cell, name }, true);
    return problem?.firstWords ?? null;
  }
</script>

<p class="dim mb-2 text-[12px]">Called so on the tape, on the faders and on paper. Empty is as the chart has it.</p>
<ul class="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-3 gap-y-1.5">
  {#each unit.cells as cell (cell.cell)}
    <li class="grid gap-0.5">
      <span class="dim text-[11.5px]">{cell.label}</span>
      <EditText
        about="{unit.id}.{cell.cell}"
        label="Name of {cell.label} of {unit.name}"
        class="h-7"
        placeholder={cell.cell === 1 ? 'lamp over the table' : ''}
        value={cell.name ?? ''}
        onCommit={(name) => rename(cell.cell, name)}
      />
    </li>
  {/each}
</ul>
