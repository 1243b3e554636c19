<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import { plural } from '../../lib/words';
  import type { BringList } from '../../state/bringList.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** A patch list before it is taken: what each column holds, and what each row would do. */
  let { list, onDone }: { list: BringList; onDone: () => void } = $props();
  const session = useRig();
  const report = $derived(list.report);
  /** Rows that do something, or cannot, before those that say what is there already. */
  const ORDER = ['left out', 'new', 'change', 'same'];
  const rows = $derived(
    (report?.rows ?? []).toSorted((a, b) => ORDER.indexOf(a.what) - ORDER.indexOf(b.what) || a.line - b.line),
  );
  const MOST = 200;
  const MEANINGS = [
    'number',
    'name',
    'maker',
    'model',
    'mode',
    'universe',
    'address',
    'position',
    'groups',
    'note',
    'tape',
    'x',
    'y',
    'height',
  ];
  const doing = $derived((report?.new ?? 0) + (report?.changed ?? 0));

  async function take() {
    if (await list.take()) onDone();
  }
</script>

{#if list.problem}<p class="text-error mb-2 text-[12.5px]" role="alert">{list.problem}</p>{/if}
{#if report}
  <p class="mb-2 text-[12.5px]" role="status">
    {plural(report.new, 'unit')} would hang, {plural(report.changed, 'unit')} would change, {report.same} stay as they are{report.leftOut
      ? `, ${plural(report.leftOut, 'row')} left out`
      : ''}.
  </p>
  <div class="rule scroll mb-3 max-h-[168px] rounded border" role="group" aria-label="Columns">
    <table class="w-full border-collapse text-[12px]">
      <thead
        ><tr><th class="head !pl-2.5">column</th><th class="head">first row</th><th class="head">holds</th></tr></thead
      >
      <tbody>
        {#each report.columns as column, index (index)}
          <tr class="rule border-t">
            <td class="py-0.5 pr-2 pl-2.5"><bdi>{column.head || '(no head)'}</bdi></td>
            <td class="dim max-w-[170px] truncate py-0.5 pr-2"><bdi>{column.sample}</bdi></td>
            <td class="w-[150px] py-0.5 pr-2"
              ><select
                class="select h-6 w-full"
                aria-label="Column {column.head || index + 1} holds"
                value={column.meaning ?? ''}
                onchange={(event) => list.say(index, event.currentTarget.value || null)}
              >
                <option value="">nothing for Rigger</option>
                {#each MEANINGS as one (one)}<option value={one}>{one}</option>{/each}
              </select></td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <div class="scroll max-h-[210px]" role="group" aria-label="Rows">
    <table class="w-full border-collapse text-[12px]">
      <tbody>
        {#each rows.slice(0, MOST) as row (row.line)}
          <tr class="rule border-t align-top">
            <td class="mono faint w-12 py-1 pr-2 !text-[11px]">{row.line}</td>
            <td class="w-[120px] py-1 pr-2"
              >{#if row.name}<Tape name={row.name} />{/if}</td
            >
            <td class="w-[64px] py-1 pr-2" class:text-warning={row.what === 'left out'}>{row.what}</td>
            <td class="dim py-1"><bdi>{row.words}</bdi></td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if rows.length > MOST}<p class="dim py-1.5 text-[12px]">and {rows.length - MOST} more rows</p>{/if}
  </div>
  <div class="mt-3 flex items-center gap-2">
    <button class="btn btn-primary" disabled={doing === 0 || session.busy || list.busy} onclick={take}
      >{doing ? `Take ${plural(doing, 'row')}` : 'Nothing to take'}</button
    >
    <button class="btn btn-quiet" onclick={onDone}>Leave it</button>
    <span class="dim text-[12px]">Units are known by their names. Undo takes all of it back.</span>
  </div>
{:else if !list.problem}<p class="dim">Reading…</p>{/if}
