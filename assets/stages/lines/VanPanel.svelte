<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '../../api/client';
  import EditText from '../../components/EditText.svelte';
  import { figure } from '../../lib/words';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';
  import SpotFields from './SpotFields.svelte';

  /** The cable at hand, where runs begin, and what follows to be loaded. */
  let { onDone }: { onDone: () => void } = $props();
  const session = useRig();
  const van = $derived(session.rig.van);
  const list = createQuery(() => ({
    queryKey: ['rig', session.id, 'load-list', session.rig.version],
    placeholderData: (before) => before,
    queryFn: () => answered(api.GET('/api/rigs/{rig}/load-list', { params: { path: { rig: session.id } } })),
  }));
  const sheets = $derived(p('/rigs/:rig/sheets', { params: { rig: session.id } }));

  async function lengths(text: string): Promise<string | null> {
    const told = await session.change({ do: 'load-van', lengths: text }, true);
    return told ? (told.at('lengths') ?? told.message) : null;
  }
  const number = (text: string) => Number(text.replace(',', '.'));
  async function share(text: string): Promise<string | null> {
    const told = await session.change({ do: 'load-van', slack: 1 + number(text) / 100 }, true);
    return told ? (told.at('slack') ?? told.message) : null;
  }
  async function spare(text: string): Promise<string | null> {
    const told = await session.change({ do: 'load-van', spare: number(text) }, true);
    return told ? (told.at('spare') ?? told.message) : null;
  }
</script>

<section class="mb-5" aria-label="Cable in the van">
  <div class="mb-2.5 flex items-center gap-2">
    <h3 class="flex-1">Cable in the van</h3>
    <button class="btn btn-quiet h-7" onclick={onDone}>Done</button>
  </div>
  <div class="grid grid-cols-2 gap-2.5 text-[12.5px]">
    <div class="col-span-2 grid gap-0.5">
      <span class="dim">Lengths at hand, metres</span>
      <EditText label="Lengths at hand" value={van.lengths.map(figure).join(' ')} onCommit={lengths} />
    </div>
    <div class="grid gap-0.5">
      <span class="dim">More than the way, percent</span>
      <EditText label="More than the way, percent" value={figure((van.slack - 1) * 100)} onCommit={share} />
    </div>
    <div class="grid gap-0.5">
      <span class="dim">And so many metres</span>
      <EditText label="Spare metres on each cable" value={figure(van.spare)} onCommit={spare} />
    </div>
  </div>
  <div class="mt-3">
    <SpotFields
      label="Where the desk's outputs are"
      spot={van.desk ?? null}
      onPut={(spot) => session.change({ do: 'load-van', ...spot }, true)}
    />
  </div>
  {#if list.data}
    <h4 class="dim mt-4 mb-1 text-[12px]">To load</h4>
    <table class="w-full text-[12.5px]">
      <thead class="sr-only"><tr><th>What</th><th>Needed</th><th>Spare</th></tr></thead>
      <tbody>
        {#each list.data.lines as line (line.what)}
          <tr class="rule border-t"
            ><td class="py-1">{line.what}</td><td class="mono text-right">{line.count}</td><td
              class="mono faint w-12 text-right">{line.spare ? `+${line.spare}` : ''}</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
    {#if list.data.unknown}<p class="faint mt-1 text-[11.5px]">
        Cables without a length are not counted: {list.data.unknown}.
      </p>{/if}
    <p class="mt-2"><a class="link-repair text-[12.5px]" href="{sheets}?sheet=load">Print the cable list</a></p>
  {/if}
</section>
