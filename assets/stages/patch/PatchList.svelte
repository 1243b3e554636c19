<script lang="ts">
  import type { Unit } from '../../api/types';
  import EditText from '../../components/EditText.svelte';
  import Tape from '../../components/Tape.svelte';
  import VirtualRows from '../../components/VirtualRows.svelte';
  import { threeDigits } from '../../lib/address';
  import { groupsOf } from '../../lib/groups';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';

  const session = useRig();
  const rig = $derived(session.rig);
  const groups = $derived(groupsOf(rig.units));
  const group = $derived(groups.find((one) => one === selection.group) ?? null);
  const shown = $derived(group === null ? rig.units : rig.units.filter((one) => one.groups.includes(group)));
  const hasNumbers = $derived(rig.units.some((one) => one.number));
  const columns = $derived(hasNumbers ? 6 : 5);

  const byId = $derived(Object.fromEntries(rig.units.map((one) => [one.id, one])));
  /** Codes of what is told of each unit. */
  const told = $derived.by(() => {
    const codes: Record<string, string[]> = {};
    for (const { code, unitIds } of rig.findings) for (const id of unitIds) (codes[id] ??= []).push(code);
    return codes;
  });

  /** What stands in the last column: the worst thing first. */
  function remark(unit: Unit): { word: string; tone: string } | null {
    const has = (code: string) => told[unit.id]?.includes(code);
    if (unit.isOut) return { word: 'out of action', tone: 'text-warning' };
    if (has('held')) return { word: 'in held slots', tone: 'text-error' };
    if (has('clash')) return { word: 'clash', tone: 'text-error' };
    if (has('mixed')) return { word: 'mixed share', tone: 'text-error' };
    if (has('overrun')) return { word: 'past 512', tone: 'text-error' };
    if (unit.silence) return { word: 'not linked', tone: 'text-error' };
    const twin = unit.twinOf ? byId[unit.twinOf] : undefined;
    if (twin) return { word: `twin of ${twin.name}`, tone: 'dim' };
    if (has('spills')) return { word: 'spills', tone: 'text-warning' };
    if (unit.isLocked) return { word: 'locked', tone: 'dim' };
    return unit.linkId ? { word: 'radio', tone: 'dim' } : null;
  }

  async function move(id: string, address: string): Promise<string | null> {
    const problem = await session.change({ do: 'move-units', units: [id], to: address }, true);
    return problem ? (problem.at('address') ?? problem.at('universe') ?? problem.message) : null;
  }
</script>

{#if groups.length}
  <div class="flex flex-wrap items-center gap-1 px-4 pb-1.5 text-[12px]" role="group" aria-label="Groups">
    <button class="chip" aria-pressed={group === null} onclick={() => (selection.group = null)}>All</button>
    {#each groups as one (one)}<button
        class="chip"
        aria-pressed={group === one}
        onclick={() => (selection.group = group === one ? null : one)}><bdi>{one}</bdi></button
      >{/each}
  </div>
{/if}
<table class="w-full border-collapse">
  <thead>
    <tr>
      {#if hasNumbers}<th class="head !pl-4 max-[480px]:hidden">no.</th>{/if}
      <th class="head {hasNumbers ? 'max-[480px]:!pl-3' : '!pl-4'}">on the tape</th><th class="head">fixture</th><th
        class="head">address</th
      ><th class="head">takes</th><th class="head"></th>
    </tr>
  </thead>
  <tbody>
    {#snippet row(unit: Unit, measure: (node: HTMLElement) => void)}
      {@const word = remark(unit)}
      <tr
        {@attach measure}
        class="rule border-t"
        class:bg-base-300={selection.unit === unit.id}
        aria-selected={selection.unit === unit.id}
        onclick={() => (selection.unit = unit.id)}
        oninput={() => (selection.unit = unit.id)}
      >
        {#if hasNumbers}<td class="mono faint py-0.5 pr-1 pl-4 !text-[11.5px] max-[480px]:hidden"
            >{unit.number ?? ''}</td
          >{/if}
        <td class="py-0.5 pr-2 {hasNumbers ? 'max-[480px]:pl-3' : 'pl-4'}">
          <button
            class="block max-w-[110px] cursor-pointer"
            onclick={() => (selection.unit = unit.id)}
            aria-label="Select {unit.name}"><Tape name={unit.name} roll={unit.tape} /></button
          >
        </td>
        <td class="py-0.5 pr-2 leading-tight"
          ><span>{unit.model}</span><span class="faint block text-[11.5px]">{unit.modeName}</span></td
        >
        <td class="w-[84px] py-0.5 pr-2">
          <span class="flex items-center gap-1">
            {#if unit.place.startsWith('u')}<span class="utag mono" title="universe {unit.universe}"
                >{unit.universe}</span
              >{/if}
            <EditText
              class="mono h-7 !text-[12.5px]"
              label="Address of {unit.name}"
              value={threeDigits(unit.address)}
              onCommit={(text) => move(unit.id, text)}
            /></span
          >
        </td>
        <td class="mono py-0.5 pr-2 whitespace-nowrap !text-[12px]"
          >{threeDigits(unit.address)}–{threeDigits(unit.last)}</td
        >
        <td class="py-0.5 pr-3 text-[11.5px]"><span class={word?.tone ?? ''}>{word?.word ?? ''}</span></td>
      </tr>
    {/snippet}
    <VirtualRows items={shown} {row} {columns} height={36} shown={selection.unit} />
    {#if shown.length === 0}
      <tr
        ><td colspan={columns} class="dim px-4 py-6">Nothing hangs yet. Add units takes the next free addresses.</td
        ></tr
      >
    {/if}
  </tbody>
</table>

<style>
  .chip {
    padding: 1px 8px 2px;
    border: 1px solid var(--line);
    border-radius: 4px;
    color: var(--dim);
    cursor: pointer;
  }
  .chip[aria-pressed='true'] {
    background: var(--color-base-300);
    color: var(--color-base-content);
  }
</style>
