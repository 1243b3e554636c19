<script lang="ts">
  import type { DescribingKit } from '../../state/describingKit.svelte';
  import KitAct from './KitAct.svelte';
  import KitLamps from './KitLamps.svelte';

  /** The answers of a leaflet: what matters first, the rest folded. */
  let { describing }: { describing: DescribingKit } = $props();
  const buttons = $derived([
    ...new Set(
      [...describing.parts.map((part) => part.receiver), ...describing.others.split(',')]
        .map((one) => one.trim())
        .filter((one) => one !== ''),
    ),
  ]);
</script>

{#snippet wrong(path: string)}
  {#if describing.at(path)}<span class="text-error text-[11.5px]">{describing.at(path)}</span>{/if}
{/snippet}

<div class="grid gap-4 text-[12.5px]">
  <label class="grid max-w-[320px] gap-0.5"
    ><span class="dim">What the kit is called</span><input class="input h-8" bind:value={describing.name} dir="auto" />
    {@render wrong('name')}</label
  >
  <fieldset class="grid gap-2">
    <legend class="mb-1 font-[620]">What sender and receiver are set to; all of it must match</legend>
    {#each describing.parts as part, nth (nth)}
      <div class="flex flex-wrap items-end gap-2">
        <label class="grid gap-0.5"
          ><span class="dim">It is called</span><input
            class="input h-8 w-28"
            bind:value={part.label}
            placeholder="name"
          /></label
        >
        <label class="grid min-w-[200px] flex-1 gap-0.5"
          ><span class="dim">and can be, in the order of its button</span><input
            class="input h-8 w-full"
            bind:value={part.values}
            placeholder="Alder, Birch … or 1-6"
          /></label
        >
        <label class="grid gap-0.5"
          ><span class="dim">Sender's button</span><input class="input h-8 w-24" bind:value={part.sender} /></label
        >
        <label class="grid gap-0.5"
          ><span class="dim">Receiver's</span><input class="input h-8 w-24" bind:value={part.receiver} /></label
        >
        {#if describing.parts.length > 1}<button class="btn btn-quiet h-8" onclick={() => describing.removePart(nth)}
            >Remove</button
          >{/if}
      </div>
      {@render wrong(`parts[${nth}]`)}
    {/each}
    <div class="flex flex-wrap items-end gap-2">
      {#if describing.parts.length < 3}<button class="btn h-8" onclick={() => describing.addPart()}
          >One part more</button
        >{/if}
      {#if describing.parts.length > 1}<label class="flex items-center gap-1.5"
          ><span class="dim">Written with</span><input
            class="input mono h-8 w-12 px-2"
            bind:value={describing.joint}
          /><span class="dim">between</span></label
        >{/if}
      <label class="flex items-center gap-1.5"
        ><span class="dim">Other buttons of a receiver</span><input
          class="input h-8 w-32"
          bind:value={describing.others}
        /></label
      >
    </div>
    {@render wrong('joint')}
    {@render wrong('sender.buttons')}
    {@render wrong('receiver.buttons')}
  </fieldset>
  <div class="grid gap-4 min-[1600px]:grid-cols-2">
    <KitLamps title="Lamp of a sender" rows={describing.senderLamps} problem={describing.at('sender.lamps')} />
    <KitLamps title="Lamp of a receiver" rows={describing.receiverLamps} problem={describing.at('receiver.lamps')} />
  </div>
  <fieldset class="grid gap-2">
    <legend class="mb-1 font-[620]">Pairing</legend>
    <KitAct
      title="To pair"
      none="both are set by hand"
      bind:act={() => describing.pair, (act) => (describing.pair = act)}
      {buttons}
    />
    {@render wrong('pair')}
    <KitAct
      title="To clear"
      none="there is no way"
      bind:act={() => describing.clear, (act) => (describing.clear = act)}
      {buttons}
    />
    {@render wrong('clear')}
    <div class="flex flex-wrap items-end gap-3">
      <label class="flex items-center gap-1.5"
        ><span class="dim">Hands off for the first</span><input
          class="input mono h-8 w-16 px-2"
          bind:value={describing.handsOff}
        /><span class="dim">s</span></label
      >
      <label class="flex items-center gap-1.5"
        ><span class="dim">Without its sender it</span>
        <select class="select h-8" bind:value={describing.alone}>
          <option value="dark">goes dark</option>
          <option value="hold">holds what it heard</option>
          <option value="program">runs a program of its own</option>
        </select></label
      >
    </div>
    {@render wrong('handsOff')}
  </fieldset>
  <fieldset class="grid gap-2">
    <legend class="mb-1 font-[620]">Outputs of a receiver</legend>
    <div class="flex flex-wrap items-end gap-3">
      <label class="flex items-center gap-1.5"
        ><span class="dim">How many</span><input
          class="input mono h-8 w-16 px-2"
          bind:value={describing.outputs}
          placeholder="0"
        /></label
      >
      <span class="faint">none: it hands all 512 slots on</span>
      <label class="flex items-center gap-1.5"
        ><span class="dim">Presses that give one the address whose fader is up</span><input
          class="input mono h-8 w-16 px-2"
          bind:value={describing.assign}
        /></label
      >
    </div>
    {@render wrong('outputs')}
    {@render wrong('assign')}
    <label class="grid max-w-[360px] gap-0.5"
      ><span class="dim">Curves by the fader's level at that moment, a line each</span><textarea
        class="input mono h-[74px] py-1.5"
        bind:value={describing.curves}
        placeholder="0-127 linear"></textarea></label
    >
    {#each describing.unread as line (line)}<span class="text-error text-[11.5px]"
        >“{line}” says no levels: write 0-127 and the curve.</span
      >{/each}
    {@render wrong('curves')}
  </fieldset>
  <details>
    <summary class="cursor-pointer font-[620]">In the air</summary>
    <div class="mt-2 flex flex-wrap items-end gap-2.5">
      <label class="grid gap-0.5"
        ><span class="dim">Power, dBm</span><input
          class="input mono h-8 w-20 px-2"
          bind:value={describing.power}
        /></label
      >
      <label class="grid gap-0.5"
        ><span class="dim">Gains, sender and receiver, dB</span><input
          class="input mono h-8 w-28 px-2"
          bind:value={describing.gains}
          placeholder="0, 0"
        /></label
      >
      <label class="grid gap-0.5"
        ><span class="dim">Sensitivity, dBm</span><input
          class="input mono h-8 w-20 px-2"
          bind:value={describing.sensitivity}
        /></label
      >
      <label class="grid gap-0.5"
        ><span class="dim">Frequencies of their own has each</span>
        <select class="select h-8" bind:value={describing.airPart}>
          <option value="">nothing: all share the band</option>
          {#each describing.parts as part, nth (nth)}<option value={String(nth)}
              >{part.label || `part ${nth + 1}`}</option
            >{/each}
        </select></label
      >
      {#if describing.airPart !== ''}
        <label class="grid min-w-[220px] flex-1 gap-0.5"
          ><span class="dim">MHz, in their order</span><input
            class="input mono h-8 w-full px-2"
            bind:value={describing.mhz}
          /></label
        >
        <label class="grid gap-0.5"
          ><span class="dim">each so wide, MHz</span><input
            class="input mono h-8 w-20 px-2"
            bind:value={describing.width}
            placeholder="5"
          /></label
        >
      {/if}
    </div>
    {@render wrong('air')}
  </details>
  <label class="grid gap-0.5"
    ><span class="dim">What else catches people out</span><input
      class="input h-8 w-full"
      bind:value={describing.note}
      dir="auto"
    /></label
  >
</div>
