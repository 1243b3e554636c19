<script lang="ts">
  import { tick, untrack } from 'svelte';
  import Tape from '../../components/Tape.svelte';
  import { extentOf, namedAbove, onDrawing, onStage, within, type Point } from '../../lib/plan';
  import { figure } from '../../lib/words';
  import { useFaders } from '../../state/faders.svelte';
  import { PlanDrag } from '../../state/planDrag.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';
  import PlanTools from './PlanTools.svelte';
  import StageDrawing from './StageDrawing.svelte';
  import SupportForm from './SupportForm.svelte';

  /** The stage from above, in metres, the audience at the foot: units are placed by dragging, by arrows or by typing. */
  const session = useRig();
  const faders = useFaders();
  const rig = $derived(session.rig);
  const drag = untrack(() => new PlanDrag(session));
  if (selection.unit) drag.select(selection.unit, false);
  let support = $state<string | null>(null);
  let raising = $state<'beam' | 'stand' | null>(null);
  let drawing: HTMLElement | undefined = $state();
  let band = $state.raw<[Point, Point] | null>(null);

  let wide = $state(4);
  let high = $state(3);
  const extent = $derived(extentOf(rig.units, rig.supports, wide / Math.max(high, 1)));
  const waiting = $derived(rig.units.filter((one) => !one.spot));
  const standing = $derived(rig.units.filter((one) => one.spot || (drag.at && drag.has(one.id))));
  const above = $derived(
    namedAbove(
      standing.flatMap((one) => (one.spot ? [{ id: one.id, x: one.spot.x, y: one.spot.y }] : [])),
      wide / (extent.right - extent.left),
    ),
  );
  const chosenSupport = $derived(rig.supports.find((one) => one.id === support));
  const light = $derived(
    Object.fromEntries(
      faders.lamps.map((one) => {
        const cell = one.cells.toSorted((a, b) => b.brightness - a.brightness)[0];
        return [one.unitId, cell?.hex && cell.brightness > 0 ? cell.hex : null];
      }),
    ),
  );

  let held: { id: string; x: number; y: number } | null = null;
  const under = (event: PointerEvent): Point | null =>
    drawing ? onStage(extent, drawing.getBoundingClientRect(), { x: event.clientX, y: event.clientY }) : null;

  function pick(id: string, also: boolean) {
    drag.select(id, also);
    selection.unit = drag.ids[0] ?? null;
    support = null;
    raising = null;
  }

  function grab(event: PointerEvent, id: string) {
    if (event.button !== 0 || event.shiftKey || event.ctrlKey || event.metaKey) return;
    held = { id, x: event.clientX, y: event.clientY };
  }

  function follow(event: PointerEvent) {
    const at = under(event);
    if (!at) return;
    if (band) band = [band[0], at];
    if (!held || (!drag.at && Math.hypot(event.clientX - held.x, event.clientY - held.y) < 5)) return;
    if (drag.ids[0] !== held.id) pick(held.id, false);
    drag.to(at);
  }

  function drop(event: PointerEvent) {
    const at = under(event);
    if (band && at) {
      const ids = within(rig.units, band[0], at);
      drag.ids = ids;
      if (ids[0]) selection.unit = ids[0];
    }
    band = null;
    const inside = at && at.x >= extent.left && at.x <= extent.right && at.y >= extent.bottom && at.y <= extent.top;
    if (held && drag.at) {
      // Let go beside the plan is thought better of.
      if (inside) void drag.drop();
      else drag.leave();
    }
    held = null;
  }

  function keyed(event: KeyboardEvent, id: string) {
    const far = event.shiftKey ? 1 : 0.1;
    const by = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, far], ArrowDown: [0, -far] }[event.key];
    if (by && rig.units.find((one) => one.id === id)?.spot) {
      event.preventDefault();
      if (drag.ids[0] !== id) pick(id, false);
      drag.nudge(by[0] ?? 0, by[1] ?? 0);
    } else if (event.key === 'Enter' && drag.at) {
      event.preventDefault();
      void drag
        .drop()
        .then(() => tick().then(() => document.querySelector<HTMLElement>(`[data-unit="${id}"]`)?.focus()));
    } else if (event.key === 'Escape' && drag.at) {
      event.stopPropagation();
      drag.leave();
    } else if (event.key === ' ') {
      event.preventDefault();
      pick(id, true);
    }
  }

  const byWords = () => session.change({ do: 'put-by-words' });
</script>

<svelte:window
  onpointermove={follow}
  onpointerup={drop}
  onpointercancel={() => (drag.leave(), (held = null), (band = null))}
/>
<div class="grid min-h-0 grid-rows-[auto_1fr_auto] gap-2">
  {#if raising || chosenSupport}
    {#key `${raising}/${support}`}
      <SupportForm
        kind={raising ?? 'beam'}
        support={chosenSupport ?? null}
        onDone={() => ((raising = null), (support = null))}
      />
    {/key}
  {:else}
    <PlanTools {drag} onRaise={(kind) => (raising = kind)} />
  {/if}
  <div class="min-h-0">
    <div
      class="stage"
      bind:this={drawing}
      bind:clientWidth={wide}
      bind:clientHeight={high}
      onpointerdown={(event) => {
        const at = under(event);
        if (event.button === 0 && at && event.target === event.currentTarget) band = [at, at];
      }}
      role="group"
      aria-label="Stage from above, the audience at the foot"
    >
      <StageDrawing {extent} supports={rig.supports} {band} chosen={support} />
      {#each rig.supports as one (one.id)}
        {@const end = one.fromX > one.toX ? 'from' : 'to'}
        {@const spot = onDrawing(extent, { x: one[`${end}X`], y: one[`${end}Y`] })}
        <button
          class="beam-name"
          class:chosen={support === one.id}
          style:left="{spot.x}%"
          style:top="{spot.y}%"
          onclick={() => ((support = one.id), (raising = null))}
          aria-label="{one.name}, {one.kind}, {figure(one.height)} m up: change"
          >{one.name} <b class="mono">{figure(one.height)} m</b></button
        >
      {/each}
      {#each standing as unit (unit.id)}
        {@const place = drag.place(unit)}
        {#if place}
          {@const spot = onDrawing(extent, place)}
          <button
            class="unit"
            class:chosen={drag.has(unit.id)}
            class:above={above.has(unit.id)}
            class:moving={drag.at && drag.has(unit.id)}
            data-unit={unit.id}
            style:left="{spot.x}%"
            style:top="{spot.y}%"
            onpointerdown={(event) => grab(event, unit.id)}
            onkeydown={(event) => keyed(event, unit.id)}
            onblur={() => !held && drag.leave()}
            onclick={(event) => pick(unit.id, event.shiftKey || event.ctrlKey || event.metaKey)}
            aria-pressed={drag.has(unit.id)}
            aria-label="{unit.name}, {unit.spot?.words ?? 'held'}"
            ><i style:background={light[unit.id] ?? 'transparent'}></i><Tape
              name={unit.name}
              roll={unit.tape}
            /></button
          >
        {/if}
      {/each}
    </div>
  </div>
  {#if waiting.length}
    <div class="flex min-w-0 flex-wrap items-center gap-1.5" aria-label="Not on the plan yet" role="group">
      <span class="dim text-[12px]">Not on the plan yet:</span>
      {#each waiting.slice(0, 40) as unit (unit.id)}
        <button
          class="waiting"
          onpointerdown={(event) => grab(event, unit.id)}
          onclick={() => pick(unit.id, false)}
          aria-pressed={drag.has(unit.id)}><Tape name={unit.name} roll={unit.tape} /></button
        >
      {/each}
      {#if waiting.length > 40}<span class="dim text-[12px]">and {waiting.length - 40} more</span>{/if}
      {#if rig.supports.length}<button class="link-repair text-[12px]" onclick={byWords} disabled={session.busy}
          >Put them where their hanging positions say</button
        >{/if}
    </div>
  {/if}
</div>

<style>
  .stage {
    position: relative;
    height: 100%;
    min-height: 200px;
    background: var(--well);
    border: 1px solid var(--well-edge);
    border-radius: 4px;
    overflow: hidden;
    touch-action: none;
  }
  .unit {
    position: absolute;
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 2px;
    transform: translate(-50%, -7px);
    cursor: grab;
    touch-action: none;
  }
  .unit.above {
    flex-direction: column-reverse;
    transform: translate(-50%, calc(-100% + 7px));
  }
  .unit i {
    width: 13px;
    height: 13px;
    border-radius: 50%;
    border: 2px solid var(--dim);
  }
  .unit.chosen i {
    border-color: var(--color-primary);
  }
  .unit.chosen {
    z-index: 2;
  }
  .unit.moving {
    z-index: 3;
    opacity: 0.85;
    cursor: grabbing;
  }
  .unit :global(.tape) {
    font-size: 11.5px;
    padding-inline: 5px;
    max-width: 88px;
  }
  .unit.chosen :global(.tape) {
    outline: 2px solid var(--color-primary);
    outline-offset: -2px;
  }
  .waiting {
    cursor: grab;
    touch-action: none;
  }
  .waiting[aria-pressed='true'] {
    outline: 2px solid var(--color-primary);
  }
  .beam-name {
    position: absolute;
    transform: translate(12px, -50%);
    font-size: 11px;
    color: var(--dim);
    cursor: pointer;
    white-space: nowrap;
    padding: 0 3px;
  }
  .beam-name:hover {
    color: var(--color-base-content);
  }
  .beam-name.chosen {
    color: var(--grease-ink);
  }
  .beam-name b {
    font-weight: 400;
    font-size: 10px;
  }
</style>
