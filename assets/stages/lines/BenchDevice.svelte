<script lang="ts">
  import type { BenchDevice } from '../../api/types';
  import LampBar from '../../components/LampBar.svelte';
  import Tape from '../../components/Tape.svelte';
  import { threeDigits } from '../../lib/address';
  import { figure } from '../../lib/words';
  import type { KitBench } from '../../state/kitBench.svelte';

  /** A sender or receiver on the bench, with its window, its buttons, its switch and its lamp. */
  let {
    bench,
    device,
    name,
    what,
    buttons,
    clock,
    drives = null,
  }: {
    bench: KitBench;
    device: BenchDevice;
    name: string;
    what: string;
    buttons: readonly string[];
    clock: number;
    /** What hangs on its outputs, by their numbers; null where they are not given here. */
    drives?: ReadonlyMap<number, string> | null;
  } = $props();
  const onFor = $derived(typeof device.onAt === 'number' ? Math.max(0, clock - device.onAt) : null);

  function tap(button: string) {
    bench.do(device.id, 'press', button);
    bench.do(device.id, 'let-go', button);
  }

  function keyed(event: KeyboardEvent, button: string, isDown: boolean) {
    if ((event.key !== ' ' && event.key !== 'Enter') || event.repeat) return;
    event.preventDefault();
    bench.do(device.id, isDown ? 'press' : 'let-go', button);
  }
</script>

<section class="box" aria-label="{what} {name}">
  <div class="flex items-center gap-2"><span class="dim flex-1 text-[12px]">{what}</span><Tape {name} /></div>
  <div class="grid grid-cols-[1fr_auto] items-start gap-3">
    <div class="grid gap-2">
      <output class="window mono" class:off={!device.isOn} aria-label="Its window"
        >{device.isOn ? device.setting : ''}</output
      >
      <div class="flex flex-wrap gap-2">
        {#each buttons as button (button)}
          <button
            class="key"
            class:held={device.held === button}
            onpointerdown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              bench.do(device.id, 'press', button);
            }}
            onpointerup={() => bench.do(device.id, 'let-go', button)}
            onpointercancel={() => bench.do(device.id, 'let-go', button)}
            onkeydown={(event) => keyed(event, button, true)}
            onkeyup={(event) => keyed(event, button, false)}
            aria-label="{name}: {button}">{button}</button
          >
        {/each}
      </div>
    </div>
    <div class="grid justify-items-end gap-1">
      <LampBar pattern={device.pattern ?? '0'} words={device.lamp ?? 'dark'} />
      <b class="text-[12px] font-[620]">{device.lamp ?? 'dark'}</b>
      <span class="dim text-[12px]">{device.means}</span>
    </div>
  </div>
  {#if drives?.size && device.outputs.length}
    <ul class="grid gap-1" aria-label="Outputs of {name}">
      {#each device.outputs as one (one.output)}
        <li class="flex items-center gap-2 text-[12.5px]">
          <button class="key out" onclick={() => tap(`Output ${one.output}`)} aria-label="{name}: Output {one.output}"
            >{one.output}</button
          >
          <span class="mono w-8">{one.address ? threeDigits(one.address) : '—'}</span>
          <span class="dim flex-1">{one.curve ?? (one.address ? '' : 'no address')}</span>
          <span class:dim={!one.level}>{drives.get(one.output) ?? 'nothing on it'}{one.level ? ' lit' : ''}</span>
          <span class="lamp" class:lit={one.level > 0} aria-hidden="true"></span>
        </li>
      {/each}
    </ul>
  {/if}
  <label class="flex items-center gap-2 text-[12.5px]"
    ><input
      type="checkbox"
      class="toggle toggle-sm"
      checked={device.isOn}
      aria-label="{name}: switch"
      onchange={(event) => bench.do(device.id, event.currentTarget.checked ? 'on' : 'off')}
    />{onFor === null ? 'off' : `on for ${figure(Math.round(onFor * 10) / 10)} s`}</label
  >
</section>

<style>
  .box {
    display: grid;
    align-content: start;
    gap: 10px;
    width: 300px;
    padding: 12px;
    border: 1px solid var(--line);
    border-radius: 6px;
    background: var(--color-base-300);
  }
  .window {
    padding: 7px 10px;
    min-height: 36px;
    border-radius: 4px;
    background: var(--well);
    font-size: 15px;
  }
  .off {
    opacity: 0.5;
  }
  .key {
    min-width: 64px;
    min-height: 44px;
    padding: 6px 12px;
    border: 1px solid var(--line);
    border-radius: 22px;
    background: var(--color-base-200);
    font-size: 12.5px;
    cursor: pointer;
    touch-action: none;
  }
  .out {
    min-width: 44px;
    padding: 4px;
  }
  .lamp {
    width: 12px;
    height: 12px;
    border: 1px solid var(--line);
    border-radius: 50%;
  }
  .lit {
    background: var(--color-base-content);
  }
  .held {
    border-color: var(--color-primary);
    box-shadow: inset 0 0 0 2px var(--color-primary);
  }
</style>
