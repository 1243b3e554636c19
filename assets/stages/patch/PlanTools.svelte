<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import { figure, plural } from '../../lib/words';
  import type { PlanDrag } from '../../state/planDrag.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** What is done with the units that are selected on the plan: typed places for one, lines for several. */
  let { drag, onRaise }: { drag: PlanDrag; onRaise: (kind: 'beam' | 'stand') => void } = $props();
  const session = useRig();
  const unit = $derived(drag.units.length === 1 ? drag.units[0] : undefined);
  const spot = $derived(drag.at && unit ? { ...unit.spot, ...drag.at } : unit?.spot);

  async function place(change: {
    x?: number | null;
    y?: number | null;
    height?: number | null;
  }): Promise<string | null> {
    if (!unit) return null;
    const now = { x: unit.spot?.x ?? 0, y: unit.spot?.y ?? 0, height: unit.spot?.height ?? null };
    const problem = await session.change({ do: 'place-unit', unit: unit.id, ...now, ...change }, true);
    return problem?.firstWords ?? null;
  }

  /** Metres as typed; what is no number is told at the field. */
  function metres(text: string, take: (value: number) => Promise<string | null>): Promise<string | null> {
    const value = Number(text.trim().replace(',', '.').replace(/\s*m$/i, ''));
    return text.trim() !== '' && Number.isFinite(value)
      ? take(value)
      : Promise.resolve(`Type metres, such as 1.5, not "${text.slice(0, 12)}".`);
  }
  const show = (value: number | null | undefined) => (value === null || value === undefined ? '' : figure(value));
</script>

<div class="flex min-h-8 items-center gap-2 text-[12.5px]" role="toolbar" aria-label="On the plan">
  {#if unit}
    <span class="dim">x</span>
    <span class="w-16"
      ><EditText
        label="Metres right of centre"
        about={unit.id}
        class="mono h-7"
        value={show(spot?.x)}
        onCommit={(text) => metres(text, (x) => place({ x }))}
      /></span
    >
    <span class="dim">y</span>
    <span class="w-16"
      ><EditText
        label="Metres upstage of the edge"
        about={unit.id}
        class="mono h-7"
        value={show(spot?.y)}
        onCommit={(text) => metres(text, (y) => place({ y }))}
      /></span
    >
    <span class="dim">height</span>
    <span class="w-16"
      ><EditText
        label="Metres above the floor"
        about={unit.id}
        class="mono h-7"
        value={show(unit.spot?.height)}
        onCommit={(text) =>
          text.trim() === '' ? place({ height: null }) : metres(text, (height) => place({ height }))}
      /></span
    >
    <span class="dim min-w-0 flex-1 truncate" aria-live="polite"
      >{drag.at
        ? 'Enter puts it there, Esc leaves it'
        : (unit.spot?.words ?? 'Drag it onto the plan, or type where it hangs.')}</span
    >
    {#if unit.spot}<button class="btn btn-quiet h-7" onclick={() => place({ x: null, y: null })} disabled={session.busy}
        >Off the plan</button
      >{/if}
  {:else if drag.units.length > 1}
    <span class="flex-1">{plural(drag.units.length, 'unit')} selected</span>
    <button class="btn h-7" onclick={() => drag.lineUp('row')} disabled={session.busy}>In one row</button>
    <button class="btn h-7" onclick={() => drag.lineUp('column')} disabled={session.busy}>One behind the other</button>
    <button class="btn h-7" onclick={() => drag.lineUp('spread')} disabled={session.busy || drag.units.length < 3}
      >Spread evenly</button
    >
  {:else}
    <span class="dim flex-1">Drag units; Shift and click, or a frame around them, selects several. Arrows nudge.</span>
  {/if}
  <button class="btn btn-quiet h-7" onclick={() => onRaise('beam')}>Add a beam</button>
  <button class="btn btn-quiet h-7" onclick={() => onRaise('stand')}>Add a stand</button>
</div>
