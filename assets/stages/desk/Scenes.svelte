<script lang="ts">
  import Tape from '../../components/Tape.svelte';
  import RecordLook from '../../components/RecordLook.svelte';
  import type { Desk } from '../../api/types';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** The desk's scene keys: press one to recall it. */
  let { desk }: { desk: Desk } = $props();
  const session = useRig();
  const faders = useFaders();
  let bank = $state(1);
  let recording = $state(false);

  const perBank = $derived(
    desk.scenesPerBank ?? Math.max(6, ...session.rig.looks.filter((one) => one.bank === bank).map((one) => one.number)),
  );
  const banks = $derived(desk.banks ?? Math.max(1, ...session.rig.looks.map((one) => one.bank)) + 1);
  const scenes = $derived(
    Array.from({ length: perBank }, (_, index) => ({
      number: index + 1,
      look: session.rig.looks.find((one) => one.bank === bank && one.number === index + 1),
    })),
  );
  const free = $derived(scenes.find((one) => !one.look)?.number ?? 1);
</script>

<div class="grid w-[150px] shrink-0 content-center gap-1.5" role="group" aria-label="Scenes">
  <div class="flex items-center gap-1 pb-1">
    <button class="btn h-7 px-2" disabled={bank <= 1} onclick={() => (bank -= 1)} aria-label="{desk.keys.bank} before"
      >−</button
    >
    <span class="flex-1 text-center text-[12px]"
      >{desk.keys.bank} <b class="mono">{String(bank).padStart(2, '0')}</b></span
    >
    <button
      class="btn h-7 px-2"
      disabled={bank >= banks}
      onclick={() => (bank += 1)}
      aria-label="Next {desk.keys.bank.toLowerCase()}">+</button
    >
  </div>
  <div class="scroll grid max-h-[min(420px,calc(100vh-480px))] gap-1.5">
    {#each scenes as scene (scene.number)}
      <div class="grid grid-cols-[28px_1fr] items-center gap-2">
        <button
          class="scene mono"
          class:on={scene.look && scene.look.id === faders.recalled}
          disabled={!scene.look}
          aria-label={scene.look ? `Recall ${scene.look.name}` : `${desk.keys.scene} ${scene.number}, empty`}
          onclick={() => scene.look && faders.recall(scene.look)}>{scene.number}</button
        >
        {#if scene.look}<Tape name={scene.look.name} class="justify-self-start" />{:else}<span class="faint text-[11px]"
            >empty</span
          >{/if}
      </div>
    {/each}
  </div>
  <button class="btn mt-1" onclick={() => (recording = true)}>Record a look</button>
</div>
<RecordLook bind:open={recording} {bank} number={free} />

<style>
  .scene {
    height: 28px;
    border-radius: 5px;
    background: var(--color-base-300);
    border: 1px solid var(--line);
    color: var(--dim);
    cursor: pointer;
  }
  .scene:disabled {
    opacity: 0.75;
    background: transparent;
    cursor: default;
  }
  .on {
    background: var(--color-primary);
    color: var(--color-primary-content);
  }
</style>
