<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Change, Run, RunItem } from '../../api/types';
  import { CABLES, ENDS, nameOf } from '../../lib/runs';
  import { figure, plural } from '../../lib/words';
  import { cabling } from '../../state/cabling.svelte';
  import { useRig } from '../../state/rig.svelte';
  import EndsSelect from './EndsSelect.svelte';
  import SpotFields from './SpotFields.svelte';

  /** One place on a run: the cable that leads to it, its sockets, and where along the cable it stands. */
  let { run, item }: { run: Run; item: RunItem } = $props();
  const session = useRig();
  const name = $derived(nameOf(item, session.rig.units));
  const unit = $derived(session.rig.units.find((one) => one.id === item.unitId));
  const at = $derived(run.items.findIndex((one) => one.id === item.id));
  /** Others of its type on any run. */
  const alike = $derived(
    session.rig.runs
      .flatMap((one) => one.items)
      .filter((one) => unit && session.rig.units.find((other) => other.id === one.unitId)?.typeId === unit.typeId),
  );
  const needed = $derived(item.needed ?? null);
  type Items = Extract<Change, { do: 'change-items' }>;
  const set = (what: Partial<Items>, items: string[] = [item.id]) =>
    session.change({ do: 'change-items', items, ...what });

  async function typed(text: string): Promise<string | null> {
    const told = await session.change({ do: 'change-items', items: [item.id], metres: text }, true);
    return told ? (told.at('metres') ?? told.message) : null;
  }

  async function called(text: string): Promise<string | null> {
    const told = await session.change({ do: 'change-splitter', item: item.id, name: text }, true);
    return told ? (told.at('name') ?? told.message) : null;
  }

  async function order(by: -1 | 1) {
    const ids = run.items.map((one) => one.id);
    ids.splice(at + by, 0, ...ids.splice(at, 1));
    await session.change({ do: 'order-run', run: run.id, items: ids });
  }

  async function takeOff() {
    await session.change({ do: 'take-off-run', items: [item.id] });
    cabling.look({ run: run.id });
  }
</script>

<section class="mb-5" aria-label="{name} on {run.name}">
  <div class="mb-2.5 flex items-center gap-2">
    <Tape {name} roll={unit?.tape} /><span class="dim flex-1 text-[12.5px]"
      >{at + 1} of {run.items.length} on {run.name}</span
    >
    <button class="btn btn-quiet h-7" onclick={() => cabling.look({})}>Done</button>
  </div>
  {#if cabling.pulled?.item === item.id}<p class="mb-2 text-[12.5px]" role="status">{cabling.pulled.words}</p>{/if}
  <div class="grid grid-cols-2 gap-2.5 text-[12.5px]">
    {#if item.splitter}
      <div class="col-span-2">
        <span class="dim">Called</span><EditText
          label="Name of the splitter"
          about={item.id}
          value={item.splitter}
          onCommit={called}
        />
      </div>
      <label class="grid gap-0.5"
        ><span class="dim">Outputs</span>
        <select
          class="select h-8"
          value={item.outputs ?? 4}
          onchange={(event) =>
            session.change({ do: 'change-splitter', item: item.id, outputs: Number(event.currentTarget.value) })}
        >
          {#each [2, 3, 4, 5, 6, 8, 10, 12, 16, ...([2, 3, 4, 5, 6, 8, 10, 12, 16].includes(item.outputs ?? 4) ? [] : [item.outputs ?? 4])] as many (many)}<option
              value={many}>{many}</option
            >{/each}
        </select></label
      >
    {/if}
    <div class="grid gap-0.5">
      <span class="dim">Cable to it, metres</span>
      <EditText
        label="Metres of cable to {name}"
        about={item.id}
        value={item.isSaid ? figure(item.metres ?? 0) : ''}
        placeholder={needed !== null ? `plan: ${figure(item.metres ?? 0)}` : 'not known'}
        onCommit={typed}
      />
    </div>
    <label class="grid gap-0.5"
      ><span class="dim">Kind of cable</span>
      <select
        class="select h-8"
        value={item.cable}
        onchange={(event) => set({ cable: event.currentTarget.value as NonNullable<Items['cable']> })}
      >
        {#each CABLES as [key, words] (key)}<option value={key}>{words}</option>{/each}
      </select></label
    >
    <EndsSelect label="Plugs of that cable" value={item.plugs} onChoose={(plugs) => set({ plugs })} />
    <EndsSelect label="Sockets of {name}" value={item.ends} onChoose={(ends) => set({ ends })} />
  </div>
  {#if needed !== null}<p class="faint mt-1.5 text-[11.5px]">
      By the plan {figure(needed)} m are needed, slack and spare counted in{item.pieces.length > 1
        ? `: ${item.pieces.map(figure).join(' + ')} m joined`
        : ''}.
    </p>{/if}
  {#if item.adapters.length}<p class="mt-1.5 text-[12.5px]">
      {plural(item.adapters.length, 'adapter')}: {item.adapters.join('; ')}.
    </p>{/if}
  <div class="mt-2.5 flex flex-wrap gap-1.5">
    <button
      class="btn h-8"
      aria-pressed={cabling.pulled?.item === item.id}
      onclick={() => cabling.pull(session, item.id)}
      >{cabling.pulled?.item === item.id ? 'Put the plug back' : 'Pull its plug'}</button
    >
    {#if !item.splitter}
      <button class="btn h-8" onclick={() => order(-1)} disabled={session.busy || at === 0}>Earlier</button>
      <button
        class="btn h-8"
        onclick={() => order(1)}
        disabled={session.busy || at === run.items.length - 1 || Boolean(run.items[at + 1]?.splitter)}>Later</button
      >
    {/if}
    {#if alike.length > 1 && unit}<button
        class="btn h-8"
        onclick={() =>
          set(
            { ends: item.ends as NonNullable<Items['ends']> },
            alike.map((one) => one.id),
          )}>All {unit.model}: {ENDS.find(([key]) => key === item.ends)?.[1]}</button
      >{/if}
    <button class="btn btn-quiet h-8" onclick={takeOff} disabled={session.busy}>Take it off</button>
  </div>
  {#if item.splitter}<div class="mt-3">
      <SpotFields
        label="Where it stands"
        spot={item.spot ?? null}
        onPut={(spot) => session.change({ do: 'change-splitter', item: item.id, ...spot }, true)}
      />
    </div>{/if}
</section>
