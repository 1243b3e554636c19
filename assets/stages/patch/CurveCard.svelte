<script lang="ts">
  import { untrack } from 'svelte';
  import CurveGraph from '../../components/CurveGraph.svelte';
  import type { Unit } from '../../api/types';
  import { CurveEdit, type Shape } from '../../state/curveEdit.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** Limits and curve between a fader and a channel, drawn with its dead travel. */
  let { unit }: { unit: Unit } = $props();
  const session = useRig();
  const edit = untrack(() => new CurveEdit(session, () => unit));
  const bent = $derived(new Set(unit.curves.map((one) => one.channel)));
  const SHAPES: [Shape, string][] = [
    ['linear', 'straight'],
    ['square', 'square: slow at the foot'],
    ['root', 'root: quick at the foot'],
    ['s', 's: soft at both ends'],
    ['table', 'by points'],
  ];

  $effect(() => edit.keep());
  $effect(() => {
    void edit.wish;
    const timer = setTimeout(() => void edit.ask(), 60);
    return () => clearTimeout(timer);
  });
</script>

<div class="grid grid-cols-[132px_1fr] gap-4">
  {#if edit.travel}<CurveGraph values={edit.travel.values} />{:else}<span></span>{/if}
  <form
    class="grid content-start gap-1.5 text-[12.5px]"
    aria-label="Curve and limits"
    onsubmit={(event) => (event.preventDefault(), void edit.take())}
  >
    <div class="flex gap-2">
      <select
        class="select h-7 min-w-0 flex-1"
        aria-label="Channel"
        value={edit.channel}
        onchange={(event) => edit.begin(Number(event.currentTarget.value))}
      >
        {#each unit.labels as label, index (index)}<option value={index + 1}
            >{index + 1} {label}{bent.has(index + 1) ? ', bent' : ''}</option
          >{/each}
      </select>
      <select
        class="select h-7 min-w-0 flex-1"
        aria-label="For whom"
        value={edit.isForType ? 'type' : 'unit'}
        onchange={(event) => (edit.isForType = event.currentTarget.value === 'type')}
      >
        <option value="unit">only {unit.name}</option>
        <option value="type">every {unit.model}, {unit.modeName}</option>
      </select>
    </div>
    <div class="flex items-center gap-1.5">
      <select class="select h-7 min-w-[86px] flex-1 pl-2" aria-label="Shape" bind:value={edit.shape}>
        {#each SHAPES as [shape, words] (shape)}<option value={shape}>{words}</option>{/each}
      </select>
      <label class="flex items-center gap-1.5"
        ><span class="dim">from</span><input
          class="input mono h-7 w-[46px] px-1"
          aria-label="Lowest value"
          bind:value={edit.min}
        /></label
      >
      <label class="flex items-center gap-1.5"
        ><span class="dim">to</span><input
          class="input mono h-7 w-[46px] px-1"
          aria-label="Highest value"
          bind:value={edit.max}
        /></label
      >
      <select class="select h-7 w-[84px] pl-2" aria-label="How the limits hold" bind:value={edit.bound}>
        <option value="scale">scaled</option>
        <option value="clamp">clamped</option>
      </select>
    </div>
    {#if edit.shape === 'table'}<input
        class="input mono h-7 w-full px-2"
        aria-label="Points: level in, level out"
        bind:value={edit.points}
      />{/if}
    {#if edit.problem}<p class="text-error" role="alert">{edit.problem}</p>
    {:else if edit.travel}<p class="dim" role="status">
        {#if edit.understood}<span class="text-base-content mr-1">{edit.understood}</span>{/if}{edit.travel
          .words}{#if edit.travel.glow}<span class="text-warning ml-1">{edit.travel.glow}</span>{/if}
      </p>{/if}
    <div class="flex gap-2">
      <button class="btn btn-primary h-7" disabled={session.busy || !!edit.problem}>Take this curve</button>
      {#if edit.there}<button
          type="button"
          class="btn btn-quiet h-7"
          disabled={session.busy}
          onclick={() => edit.straighten()}>Straight again</button
        >{/if}
    </div>
  </form>
</div>
