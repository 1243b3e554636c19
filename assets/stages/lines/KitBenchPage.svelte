<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { answered, api } from '../../api/client';
  import { useBench } from '../../state/bench.svelte';
  import { cabling } from '../../state/cabling.svelte';
  import type { BenchDevice as Device } from '../../api/types';
  import { threeDigits } from '../../lib/address';
  import { drivenBy, onOutputs, receiversOf } from '../../lib/receivers';
  import { plural } from '../../lib/words';
  import { KitBench, type Fault } from '../../state/kitBench.svelte';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';
  import BenchDevice from './BenchDevice.svelte';
  import PairingPanel from '../../components/PairingPanel.svelte';

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
  const receivers = $derived(link ? receiversOf(link, rig.units) : []);
  const mine = $derived(receivers.find((one) => one.units.some((other) => other.id === unit?.id)));
  const others = $derived(receivers.filter((one) => one !== mine));
  const bench = $derived(link && mine ? untrack(() => new KitBench(link, mine, others.slice(0, MOST))) : null);
  const drives = $derived(link && mine ? drivenBy(link, mine) : new Map<number, string>());
  const choices = $derived(rig.links.flatMap((one) => receiversOf(one, rig.units)));
  /** Faders that move what is practised: one for each address, named by what answers. */
  const faders = $derived(
    link && mine
      ? [
          ...new Map(
            onOutputs(link, mine).flatMap((one) =>
              one.labels.map((label, nth) => [one.address + nth, mine.units.length === 1 ? label : one.name] as const),
            ),
          ),
        ]
      : [],
  );
  const nameOf = (id: string) => bench?.devices.find((one) => one.id === id)?.name ?? '';
  const senders = new Set(['sender', 'second']);
  let clock = $state(0);
  const FAULTS: [Fault, string][] = [
    ['wrong', 'Receiver set to something else'],
    ['far', 'Too far away'],
    ['flat', 'Battery nearly flat'],
    ['second', 'Another sender on the same'],
  ];

  /** Outputs that drive something and hear their sender, and have no address yet. */
  const openOutputs = (device: Device | undefined): number[] =>
    device?.hears.length
      ? device.outputs.filter((one) => drives.has(one.output) && one.address === null).map((one) => one.output)
      : [];

  $effect(() => {
    const here = bench;
    if (!here) return;
    untrack(() => here.begin());
    const timer = setInterval(() => (clock = here.clock), 100);
    return () => {
      clearInterval(timer);
      here.leave();
      cabling.putBack();
    };
  });
  $effect(() => {
    const devices = bench?.state?.devices ?? [];
    const here = bench;
    if (!here) return;
    untrack(() => {
      const deaf = devices.filter((one) => !senders.has(one.id) && !one.hears.length);
      const open = openOutputs(devices.find((one) => one.id === 'receiver'));
      if (!deaf.length && !open.length) return cabling.putBack();
      const said = deaf.map((one) =>
        one.isOn
          ? `${nameOf(one.id)} is set to ${one.setting}, and hears no sender.`
          : `${nameOf(one.id)} is switched off.`,
      );
      if (open.length)
        said.push(
          `${here.mine.name} hears its sender; ${open.length === 1 ? 'output' : 'outputs'} ${open.join(', ')} ${open.length === 1 ? 'has' : 'have'} no address yet.`,
        );
      const words = [...said.slice(0, 3), ...(said.length > 3 ? [`${said.length - 3} more are dark.`] : [])].join(' ');
      const dark = new Set(
        [...deaf.map((one) => one.id), ...(open.length ? ['receiver'] : [])].flatMap(
          (id) =>
            (id === 'receiver' ? here.mine : here.others.find((one) => one.id === id))?.units.map((one) => one.id) ??
            [],
        ),
      );
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
      {#if choices.length > 1}
        <label class="mb-3 flex items-center gap-2 text-[12.5px]"
          ><span class="dim">Receiver of</span>
          <select
            class="select h-8 w-48"
            value={mine?.units[0]?.id}
            onchange={(event) => (chosen = event.currentTarget.value)}
          >
            {#each choices as one (one.id)}<option value={one.units[0]?.id}>{one.name}</option>{/each}
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
            drives={device.id === 'receiver' ? drives : null}
          />
        {/each}
      </div>
      {#if others.length > MOST}<p class="dim mt-2 text-[12.5px]">
          {plural(others.length - MOST, 'more receiver')} of {link?.label}
          {others.length - MOST === 1 ? 'lies' : 'lie'} beside the bench: it has room for {MOST + 1}.
        </p>{/if}
      {#if faders.length}
        <div class="mt-4 grid max-w-[640px] gap-1.5" role="group" aria-label="Faders of the desk">
          <span class="dim text-[12px]">Faders of the desk: an output takes the address of the one that is up.</span>
          {#each faders as [address, label] (address)}
            <label class="grid grid-cols-[44px_120px_1fr_40px] items-center gap-2 text-[12.5px]"
              ><span class="mono">{threeDigits(address)}</span><bdi class="truncate">{label}</bdi>
              <input
                type="range"
                min="0"
                max="255"
                class="range range-sm w-full"
                value={bench.faders[address] ?? 0}
                aria-label="Fader {threeDigits(address)}, {label}"
                onchange={(event) => bench.raise(address, Number(event.currentTarget.value))}
              /><span class="mono text-right">{bench.faders[address] ?? 0}</span></label
            >
          {/each}
        </div>
      {/if}
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
      Done here, it is still to do on the real kit: print the card, or open it on the phone.
    </p>
  </aside>
</main>
