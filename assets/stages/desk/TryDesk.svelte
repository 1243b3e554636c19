<script lang="ts">
  import { untrack } from 'svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Desk } from '../../api/types';
  import { plural } from '../../lib/words';
  import { p } from '../../state/navigation';
  import type { DeskHand } from '../../state/deskHand.svelte';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** The rig tried from the desk: a fader held or blinked, units or faders one by one, and a stand-in that other windows follow. */
  let { desk, hand }: { desk: Desk; hand: DeskHand } = $props();
  const session = useRig();
  const faders = useFaders();
  const test = $derived(hand.test);
  const along = $derived(new URLSearchParams({ seat: faders.seat ?? '' }).toString());
  const strip = $derived(desk.strips.find((one) => one.address === hand.touched?.address));
  const expected = $derived(test.step?.unitIds ?? []);
  $effect(() => {
    const { version } = session.rig;
    const { kind } = test;
    // Somebody else at this seat may have begun the walk.
    if (kind === 'units' || kind === 'faders') untrack(() => void test.load(kind, version));
  });
  const answering = $derived(
    faders.lamps.filter(
      (one) => one.state !== 'silent' && (one.selfRunning || one.cells.some((cell) => cell.brightness > 0)),
    ),
  );
  const strangers = $derived(answering.filter((one) => !expected.includes(one.unitId)));
  const missing = $derived(faders.lamps.filter((one) => expected.includes(one.unitId) && !answering.includes(one)));
</script>

<h3 class="mb-1">One fader</h3>
{#if strip}
  <p class="mb-2 text-[12.5px]">
    Fader {strip.fader}, {strip.label ?? 'idle'}{strip.units.length
      ? ` of ${strip.units.map((one) => one.name).join(', ')}`
      : ''}
  </p>
{:else}
  <p class="dim mb-2 text-[12.5px]">Touch a fader, then hold it up or let it blink.</p>
{/if}
<div class="flex gap-1.5">
  <button
    class="btn"
    disabled={!strip}
    aria-pressed={test.kind === 'hold'}
    onclick={() => strip && test.try('hold', strip.address)}>Hold it at full</button
  >
  <button
    class="btn"
    disabled={!strip}
    aria-pressed={test.kind === 'blink'}
    onclick={() => strip && test.try('blink', strip.address)}>Blink it</button
  >
  {#if test.kind === 'hold' || test.kind === 'blink'}<button class="btn btn-primary" onclick={() => test.stop()}
      >Let go</button
    >{/if}
</div>
<p class="dim mt-1.5 text-[12px]">
  It blinks once a second, well below what troubles people who react to flashing light; say it to the room all the same.
</p>

<h3 class="rule mt-4 mb-1.5 border-t pt-3">One by one</h3>
<div class="flex flex-wrap items-center gap-1.5">
  <button class="btn" aria-pressed={test.kind === 'units'} onclick={() => test.walk('units', session.rig.version)}
    >Units</button
  >
  <button class="btn" aria-pressed={test.kind === 'faders'} onclick={() => test.walk('faders', session.rig.version)}
    >Faders</button
  >
  <label class="flex items-center gap-1.5 text-[12.5px]"
    >every <select class="select h-8 w-20" bind:value={test.seconds} onchange={() => test.isRunning && test.run(true)}>
      {#each [1, 2, 3, 5, 10] as one (one)}<option value={one}>{one} s</option>{/each}
    </select></label
  >
</div>
{#if test.problem}<p class="text-error mt-2 text-[12.5px]" role="alert">{test.problem}</p>{/if}
{#if test.step}
  <section class="mt-2.5 rounded border p-2.5" style:border-color="var(--line)" aria-label="The walk">
    <p class="dim text-[12px]">{test.index + 1} of {test.steps.length}</p>
    <p class="text-[14px] font-[620]" role="status">{test.step.words}</p>
    <p class="mt-1 flex flex-wrap items-center gap-1.5 text-[12.5px]">
      {#if answering.length}{#each answering.filter((one) => expected.includes(one.unitId)) as one (one.unitId)}<Tape
            name={one.name}
            class="!text-[11.5px]"
          />{/each}
        {answering.length - strangers.length === 1 ? 'answers' : 'answer'}{:else}Nobody shines now.{/if}
    </p>
    {#each strangers as one (one.unitId)}<p class="text-warning mt-1 text-[12.5px]">
        <bdi>{one.name}</bdi> answers too, and should not.
      </p>{/each}
    {#if test.kind === 'units'}{#each missing as one (one.unitId)}<p class="dim mt-1 text-[12.5px]">
          <bdi>{one.name}</bdi> stays dark. {one.why ?? ''}
        </p>{/each}{/if}
    <div class="mt-2 flex gap-1.5">
      <button class="btn" onclick={() => test.go(test.index - 1)}>Back</button>
      <button class="btn" onclick={() => test.run(!test.isRunning)}>{test.isRunning ? 'Pause' : 'Go on'}</button>
      <button class="btn" onclick={() => test.go(test.index + 1)}>Next</button>
      <button class="btn btn-primary" onclick={() => test.stop()}>Stop</button>
    </div>
  </section>
{:else}
  <p class="dim mt-1.5 text-[12px]">
    Each goes up alone, as bright as it goes; a fader also goes up and down. Who answers is said here.
  </p>
{/if}

<h3 class="rule mt-4 mb-1.5 border-t pt-3">Another window</h3>
{#if faders.isAlong}
  <p class="mb-1.5 text-[12.5px]">This window plays along with the desk of another one.</p>
  <a
    class="btn mb-2"
    href={p('/rigs/:rig/desk', { params: { rig: session.id } })}
    onclick={(event) => {
      event.preventDefault();
      faders.partWays();
      location.assign((event.currentTarget as HTMLAnchorElement).href);
    }}>Give it a desk of its own</a
  >
{/if}
<p class="dim mb-1.5 text-[12px]">It plays along: what one of them does, the other shows at once.</p>
<div class="flex flex-wrap gap-1.5">
  <a class="btn" href="{p('/rigs/:rig/stage', { params: { rig: session.id } })}?{along}" target="_blank" rel="noopener"
    >Open the stage in a window</a
  >
  <a class="btn" href="{p('/rigs/:rig/desk', { params: { rig: session.id } })}?{along}" target="_blank" rel="noopener"
    >Open this desk again</a
  >
</div>
<label class="mt-3 flex items-center gap-2 text-[12.5px]"
  ><input
    type="checkbox"
    class="toggle toggle-sm"
    checked={faders.isStreaming}
    disabled={faders.isAway}
    onchange={(event) => faders.stream(event.currentTarget.checked)}
  />Send to the stand-in desk</label
>
<p class="dim mt-1 text-[12px]">
  It repeats {plural(512, 'value')} as your desk would, on this machine alone; one window at a time sends to it. No lamp hears
  it.
  <a class="underline" href={p('/rigs/:rig/stage', { params: { rig: session.id } })} target="_blank" rel="noopener"
    >See what it sends</a
  >
</p>
