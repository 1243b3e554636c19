<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '../api/client';
  import { wordsOf } from '../api/errors';
  import type { Unit } from '../api/types';
  import ColourOrder from './ColourOrder.svelte';
  import LampBar from './LampBar.svelte';
  import Tape from './Tape.svelte';
  import { figure } from '../lib/words';
  import { cabling } from '../state/cabling.svelte';
  import { p } from '../state/navigation';
  import { useRig } from '../state/rig.svelte';

  /** How a unit's receiver is made to listen to its sender, in the words of its kit. */
  let {
    unit,
    isPractice = false,
    isAsked = false,
  }: {
    unit: Unit;
    /** On the bench: read along, and nothing is kept. */
    isPractice?: boolean;
    /** Where it is one of several things about a unit, that fold by themselves. */
    isAsked?: boolean;
  } = $props();
  const session = useRig();
  const card = createQuery(() => ({
    queryKey: ['rig', session.id, 'pairing', unit.id, session.rig.version],
    placeholderData: (before) => before,
    retry: false,
    queryFn: () =>
      answered(
        api.GET('/api/rigs/{rig}/units/{unit}/pairing', { params: { path: { rig: session.id, unit: unit.id } } }),
      ),
  }));

  const link = $derived(session.rig.links.find((one) => one.id === unit.linkId));
  /** Units of several colours on outputs that are given by hand. */
  const coloured = $derived(
    link?.isAssigned
      ? session.rig.units.filter(
          (one) =>
            (one.id === unit.id || (unit.receiverId && one.receiverId === unit.receiverId)) &&
            one.labels.length > 1 &&
            one.labels.length <= link.outputs,
        )
      : [],
  );

  async function done() {
    const problem = await session.change({ do: 'pair-unit', unit: unit.id });
    if (!problem) cabling.look({});
  }
</script>

<section class="mb-5" aria-label="Pair {unit.name}">
  <div class="mb-2.5 flex flex-wrap items-center gap-2">
    <h3>Pair</h3>
    <Tape name={card.data?.name ?? unit.name} roll={unit.receiverId ? undefined : unit.tape} />
    <span class="flex-1 text-[12.5px]"
      >{#if card.data}with <Tape name={card.data.sender} /> on <b class="font-[620]">{card.data.setting}</b>{/if}</span
    >
    {#if !isPractice && !isAsked}<button class="btn btn-quiet h-7" onclick={() => cabling.look({})}>Leave it</button
      >{/if}
  </div>
  {#if card.error}<p class="text-error text-[12.5px]" role="alert">{wordsOf(card.error)}</p>{/if}
  {#if card.data}
    <ol class="grid gap-2.5 text-[13px]">
      {#each card.data.steps as step, nth (nth)}
        <li class="grid grid-cols-[22px_1fr] gap-1.5">
          <span class="mono faint text-[12px]">{nth + 1}</span>
          <div>
            {step.words}
            {#if step.to}<span class="block font-[620]"
                >{figure(step.from ?? 0)} to {figure(step.to)} s after switching on</span
              >{/if}
            {#if step.pattern}<span class="mt-1 flex items-center gap-2"
                ><LampBar pattern={step.pattern} words={step.lamp ?? ''} /><span class="dim text-[12px]"
                  >{step.lamp}</span
                ></span
              >{/if}
          </div>
        </li>
      {/each}
    </ol>
    <h4 class="dim mt-3 mb-1 text-[12px]">Proof</h4>
    <ul class="grid gap-1 text-[12.5px]">
      {#each card.data.proof as one (one)}<li>{one}</li>{/each}
    </ul>
    {#if !isPractice}{#each coloured as one (one.id)}<ColourOrder unit={one} />{/each}{/if}
    {#if card.data.note}<p class="mt-2 text-[12.5px]">{card.data.note}</p>{/if}
    <div class="mt-3 flex flex-wrap items-center gap-2">
      {#if !isPractice}
        <button class="btn btn-primary" onclick={done} disabled={session.busy}>It is paired and proved</button>
        <a
          class="link-repair text-[12.5px]"
          href="{p('/rigs/:rig/lines/bench', { params: { rig: session.id } })}?unit={unit.id}"
          >Practise it on the bench</a
        >
      {/if}
      <a
        class="link-repair text-[12.5px]"
        href="{p('/rigs/:rig/sheets', { params: { rig: session.id } })}?sheet=pairing">Print the cards</a
      >
    </div>
    {#if card.data.undo.length}<details class="mt-2 text-[12.5px]">
        <summary class="dim cursor-pointer">To unpair it</summary>
        {#each card.data.undo as one (one)}<p>{one}</p>{/each}
      </details>{/if}
  {/if}
</section>
