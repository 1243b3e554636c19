<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Change, Run } from '../../api/types';
  import { plural } from '../../lib/words';
  import { cabling } from '../../state/cabling.svelte';
  import { useRig } from '../../state/rig.svelte';
  import EndsSelect from './EndsSelect.svelte';

  /** A run: where it begins, how it ends, and who comes on it next. */
  let { run }: { run: Run } = $props();
  const session = useRig();
  const rig = $derived(session.rig);
  const on = $derived(new Set(rig.runs.flatMap((one) => one.items.map((item) => item.unitId))));
  const free = $derived(rig.units.filter((one) => !on.has(one.id) && !one.linkId));
  const splitters = $derived(
    rig.runs
      .filter((one) => one.id !== run.id)
      .flatMap((one) => one.items.filter((item) => item.splitter).map((item) => ({ ...item, of: one }))),
  );
  const begins = $derived(
    run.at === 'nowhere' ? '' : run.at === 'desk' ? `desk/${run.output}` : `${run.splitterId}/${run.output}`,
  );
  const DESK_OUTPUTS = [1, 2, 3, 4];

  type RunChange = Omit<Extract<Change, { do: 'change-run' }>, 'do' | 'run'>;
  const set = (what: RunChange) => session.change({ do: 'change-run', run: run.id, ...what });

  async function called(name: string): Promise<string | null> {
    const told = await session.change({ do: 'change-run', run: run.id, name }, true);
    return told ? (told.at('name') ?? told.message) : null;
  }

  async function carries(text: string): Promise<string | null> {
    const told = await session.change({ do: 'change-run', run: run.id, universe: Number(text) || 0 }, true);
    return told ? (told.at('universe') ?? told.message) : null;
  }

  function plug(where: string) {
    const [at, output] = where.split('/');
    if (!at) return set({ at: 'nowhere' });
    return at === 'desk'
      ? set({ at: 'desk', output: Number(output) })
      : set({ at: 'splitter', splitter: at, output: Number(output) });
  }

  const put = (units: string[]) => session.change({ do: 'put-on-run', run: run.id, units });
  const upTo = (count: number) => Array.from({ length: count }, (_, nth) => nth + 1);

  async function remove() {
    await session.change({ do: 'remove-run', run: run.id });
    cabling.look({});
  }
</script>

<section class="mb-5" aria-label="{run.name}: where it begins and ends">
  <div class="mb-2.5 flex items-center gap-2">
    <h3 class="flex-1">Data run</h3>
    <button class="btn btn-quiet h-7" onclick={() => cabling.look({})}>Done</button>
  </div>
  <div class="grid grid-cols-2 gap-2.5 text-[12.5px]">
    <div class="col-span-2">
      <EditText label="Name of the run" about={run.id} value={run.name} onCommit={called} />
    </div>
    <label class="col-span-2 grid gap-0.5"
      ><span class="dim">Begins at</span>
      <select class="select h-8" value={begins} onchange={(event) => plug(event.currentTarget.value)}>
        <option value="">nowhere yet</option>
        {#each DESK_OUTPUTS.concat(run.at === 'desk' && (run.output ?? 0) > 4 ? [run.output ?? 0] : []) as output (output)}<option
            value="desk/{output}">{rig.desk?.name ?? 'Desk'}, output {output}</option
          >{/each}
        {#each splitters as splitter (splitter.id)}{#each upTo(splitter.outputs ?? 0) as output (output)}<option
              value="{splitter.id}/{output}">{splitter.splitter}, output {output}</option
            >{/each}{/each}
      </select></label
    >
    {#if run.at === 'desk'}
      <div class="grid gap-0.5">
        <span class="dim">That output sends universe</span>
        <EditText label="Universe of {run.name}" about={run.id} value={String(run.universe ?? 1)} onCommit={carries} />
      </div>
    {/if}
    <EndsSelect label="Socket it begins at" value={run.ends} onChoose={(ends) => set({ ends })} />
    {#if run.end !== 'splitter'}
      <label class="col-span-2 flex items-center gap-2"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          checked={run.isTerminated}
          onchange={(event) => set({ isTerminated: event.currentTarget.checked })}
        />A terminator at its end</label
      >
    {/if}
  </div>
  {#if run.end !== 'splitter'}
    <h4 class="dim mt-3 mb-1.5 text-[12px]">Press in the order of the cable</h4>
    <div class="flex flex-wrap gap-1.5" role="group" aria-label="Units on no run">
      {#each free as unit (unit.id)}
        <button
          class="press"
          disabled={session.busy}
          onclick={() => put([unit.id])}
          aria-label="Put {unit.name} on {run.name}"><Tape name={unit.name} roll={unit.tape} /></button
        >
      {:else}<span class="dim text-[12.5px]">Every unit on cable hangs on a run.</span>{/each}
    </div>
    <div class="mt-2.5 flex flex-wrap gap-1.5">
      {#if free.length > 1}<button
          class="btn h-8"
          disabled={session.busy}
          onclick={() => put(free.map((one) => one.id))}>All {free.length}, as they stand in the list</button
        >{/if}
      <button
        class="btn h-8"
        disabled={session.busy}
        onclick={() => session.change({ do: 'add-splitter', run: run.id, outputs: 4 })}>End it in a splitter</button
      >
    </div>
  {:else}
    <p class="dim mt-2 text-[12.5px]">
      It ends in a splitter, which closes it: {plural(run.items.at(-1)?.outputs ?? 0, 'output')} to begin other runs at.
    </p>
  {/if}
  <button class="btn btn-quiet mt-2.5 h-8" onclick={remove} disabled={session.busy}>Remove {run.name}</button>
</section>

<style>
  .press {
    padding: 3px;
    border: 1px solid var(--line);
    border-radius: 5px;
    cursor: pointer;
  }
  .press:hover:not(:disabled) {
    border-color: var(--color-primary);
  }
</style>
