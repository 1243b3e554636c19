<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { answered, api } from '../../api/client';
  import { useBench } from '../../state/bench.svelte';
  import { cabling } from '../../state/cabling.svelte';
  import { KitBench, type Fault } from '../../state/kitBench.svelte';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';
  import BenchDevice from './BenchDevice.svelte';
  import PairingPanel from './PairingPanel.svelte';

  /** A simulated kit that behaves as its leaflet says: pairing is practised here, and the stage follows it. */
  const session = useRig();
  untrack(() => useBench().leave());
  const rig = $derived(session.rig);
  const asked = new URLSearchParams(location.search).get('unit');
  const linked = $derived(rig.units.filter((one) => one.linkId));
  let chosen = $state(untrack(() => asked ?? ''));
  const unit = $derived(linked.find((one) => one.id === chosen) ?? linked[0]);
  const link = $derived(rig.links.find((one) => one.id === unit?.linkId));
  const kit = createQuery(() => ({
    queryKey: ['kit', link?.kitId],
    enabled: Boolean(link),
    queryFn: () => answered(api.GET('/api/kits/{id}/export', { params: { path: { id: link?.kitId ?? '' } } })),
  }));
  type Document = Record<'sender' | 'receiver', { buttons: { label: string }[] }>;
  const described = $derived(kit.data as unknown as Document | undefined);
  /** A bench has room for so many receivers. */
  const MOST = 16;
  const behind = (linkId: string, id: string) =>
    linked.filter((one) => one.linkId === linkId && one.id !== id).slice(0, MOST);
  const bench = $derived(link && unit ? untrack(() => new KitBench(link, unit, behind(link.id, unit.id))) : null);
  const nameOf = (id: string) => bench?.devices.find((one) => one.id === id)?.name ?? '';
  const senders = new Set(['sender', 'second']);
  let clock = $state(0);
  const FAULTS: [Fault, string][] = [
    ['wrong', 'Receiver set to something else'],
    ['far', 'Too far away'],
    ['flat', 'Battery nearly flat'],
    ['second', 'Another sender on the same'],
  ];

  $effect(() => {
    const mine = bench;
    if (!mine) return;
    untrack(() => mine.begin());
    const timer = setInterval(() => (clock = mine.clock), 100);
    return () => {
      clearInterval(timer);
      mine.leave();
      cabling.putBack();
    };
  });
  $effect(() => {
    const devices = bench?.state?.devices ?? [];
    const id = unit?.id;
    if (!id) return;
    untrack(() => {
      const deaf = devices.filter((one) => !senders.has(one.id) && !one.hears.length);
      if (!deaf.length) return cabling.putBack();
      const said = deaf.map((one) =>
        one.isOn
          ? `${nameOf(one.id)} is set to ${one.setting}, and hears no sender.`
          : `${nameOf(one.id)} is switched off.`,
      );
      const words = [...said.slice(0, 3), ...(said.length > 3 ? [`${said.length - 3} more are dark.`] : [])].join(' ');
      const dark = new Set(deaf.map((one) => (one.id === 'receiver' ? id : one.id)));
      cabling.pulled = { item: '', dark, flickers: new Set(), words, title: 'On the bench' };
    });
  });
</script>

<svelte:head><title>Radio kit on the bench · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(0,1fr)_340px] max-[760px]:block max-[760px]:overflow-auto">
  <section class="scroll px-5 py-2.5 max-[760px]:px-3" aria-label="The bench">
    <div class="mb-3 flex flex-wrap items-center gap-x-3 gap-y-2">
      <h2>{link ? `${link.kit} on the bench` : 'A radio kit on the bench'}</h2>
      <span class="dim min-w-[180px] flex-1 text-[12.5px]">A simulated kit: it behaves as its leaflet says.</span>
      {#if bench}
        <button class="btn" onclick={() => bench.allOn()}>All on</button>
        <button class="btn" aria-pressed={bench.speed === 0} onclick={() => bench.run(bench.speed === 0 ? 1 : 0)}
          >{bench.speed === 0 ? 'Let the clock run' : 'Stop the clock'}</button
        >
        <button class="btn" aria-pressed={bench.speed === 0.5} onclick={() => bench.run(bench.speed === 0.5 ? 1 : 0.5)}
          >Half speed</button
        >
        <button class="btn" onclick={() => bench.begin()}>Start again</button>
      {/if}
      <a class="btn btn-quiet" href={p('/rigs/:rig/lines', { params: { rig: session.id } })}>Back to Lines</a>
    </div>
    {#if !unit || !bench}
      <p class="dim max-w-[520px] text-[12.5px]">
        No unit listens by radio yet: put one behind a sender in Lines, then its kit is here to practise on.
      </p>
    {:else}
      {#if linked.length > 1}
        <label class="mb-3 flex items-center gap-2 text-[12.5px]"
          ><span class="dim">Receiver of</span>
          <select class="select h-8 w-48" value={unit.id} onchange={(event) => (chosen = event.currentTarget.value)}>
            {#each linked as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
          </select></label
        >
      {/if}
      <div class="flex flex-wrap gap-4">
        {#each bench.state?.devices ?? [] as device (device.id)}
          {@const is = senders.has(device.id) ? 'sender' : 'receiver'}
          <BenchDevice
            {bench}
            {device}
            {clock}
            name={nameOf(device.id)}
            what="{link?.kit} {is}"
            buttons={(described?.[is]?.buttons ?? []).map((one) => one.label)}
          />
        {/each}
      </div>
      <div class="mt-4 max-w-[640px]" role="status" aria-label="What happened">
        {#each (bench.state?.said ?? []).slice(-4) as words, nth (nth)}<p class="text-[13px]">{words}</p>{:else}<p
            class="dim text-[12.5px]"
          >
            Switch them on, and do what the card says. A hand held on a button counts its seconds.
          </p>{/each}
      </div>
      {#if bench.problem}<p class="text-error mt-2 text-[12.5px]" role="alert">{bench.problem}</p>{/if}
      <fieldset class="mt-4">
        <legend class="dim mb-1 text-[12px]">Put a fault in, to practise</legend>
        <div class="flex flex-wrap gap-x-4 gap-y-1">
          {#each FAULTS as [fault, words] (fault)}
            <label class="flex items-center gap-2 text-[12.5px]"
              ><input
                type="checkbox"
                class="checkbox checkbox-sm"
                checked={bench.faults[fault]}
                onchange={(event) => bench.put(fault, event.currentTarget.checked)}
              />{words}</label
            >
          {/each}
        </div>
      </fieldset>
    {/if}
  </section>
  <aside class="pane rule scroll border-l p-4 max-[760px]:border-t max-[760px]:border-l-0" aria-label="The card">
    {#if unit}<PairingPanel {unit} isPractice />{/if}
    <p class="dim text-[12px]">
      The bench goes as far as the lamp that says it listens. Done here, it is still to do on the real kit: print the
      card, or open it on the phone.
    </p>
  </aside>
</main>
