<script lang="ts">
  import { tick } from 'svelte';
  import { faderName, pageName } from '../../lib/desk';
  import { threeDigits } from '../../lib/address';
  import { tapeRows, type Laid } from '../../lib/tapes';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';
  import type { TapeDrag } from '../../state/tapeDrag.svelte';

  /**
   * One universe as rows of tape: the rows are the desk's buttons, or 32 slots each. Pieces are dragged and nudged
   * unless a plan is being looked at.
   */
  let {
    units,
    universe,
    asRows,
    drag,
    moved,
    ghosts,
  }: {
    units: readonly Laid[];
    universe: number;
    asRows: boolean;
    drag: TapeDrag;
    /** Those that a plan would move. */
    moved: ReadonlySet<string>;
    /** Those that do not hang yet. */
    ghosts: ReadonlySet<string>;
  } = $props();
  const session = useRig();
  const rig = $derived(session.rig);
  const desk = $derived(rig.desk);
  const isPlan = $derived(moved.size + ghosts.size > 0);
  const width = $derived(asRows ? 32 : (desk?.stride ?? 32));
  const starts = $derived(
    asRows
      ? Array.from({ length: 16 }, (_, row) => ({ label: '', start: row * 32 + 1, width: 32 }))
      : (desk?.starts ?? []).map((start, index) => ({
          label: String(index + 1),
          start,
          width: Math.min(width, 513 - start),
        })),
  );
  const marks = $derived({
    clash: new Set(
      moved.size
        ? []
        : rig.findings.filter((one) => ['clash', 'mixed'].includes(one.code)).map((one) => one.unitIds[0] ?? ''),
    ),
    spills: new Set(
      moved.size ? [] : rig.findings.filter((one) => one.code === 'spills').flatMap((one) => one.unitIds),
    ),
  });
  const rows = $derived(tapeRows(units, universe, starts, marks, rig.holds));
  const beyond = $derived.by(() => {
    if (asRows) return [];
    const shown = new Set(rows.flatMap((row) => row.pieces.flatMap((piece) => piece.ids)));
    return units.filter((one) => one.universe === universe && !shown.has(one.id));
  });

  /** The address under the pointer, in the row that it is over. */
  function addressAt(event: PointerEvent): number | null {
    const row = document
      .elementsFromPoint(event.clientX, event.clientY)
      .find((one) => one instanceof HTMLElement && one.dataset.start) as HTMLElement | undefined;
    if (!row) return null;
    const box = row.getBoundingClientRect();
    return Number(row.dataset.start) + Math.floor(((event.clientX - box.left) / box.width) * width);
  }

  /** The slot of the unit that the hand holds it by. */
  let held: { ids: readonly string[]; grip: number; x: number; y: number } | null = null;

  function grab(event: PointerEvent, ids: readonly string[]) {
    if (isPlan || event.button !== 0) return;
    const unit = rig.units.find((one) => one.id === ids[0]);
    const under = addressAt(event);
    if (!unit || under === null) return;
    held = { ids, grip: under - unit.address, x: event.clientX, y: event.clientY };
  }

  function follow(event: PointerEvent) {
    if (!held) return;
    // A click is no drag: the hand may tremble a little.
    if (!drag.active && Math.hypot(event.clientX - held.x, event.clientY - held.y) < 5) return;
    drag.take(held.ids);
    const under = addressAt(event);
    if (under !== null) drag.to(under - held.grip);
  }

  function drop() {
    if (held && drag.active) void drag.drop();
    held = null;
  }

  /** The hand went elsewhere: what was nudged and not dropped goes back. */
  function left() {
    setTimeout(() => {
      const focus = document.activeElement instanceof HTMLElement ? document.activeElement.dataset.piece : undefined;
      if (!held && drag.active && focus !== drag.ids[0]) drag.leave();
    });
  }

  /** Left and right by one, up and down by a row; Enter drops it, Esc puts it back. */
  function nudge(event: KeyboardEvent, ids: readonly string[]) {
    const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -width, ArrowDown: width }[event.key];
    if (by !== undefined && !isPlan) {
      event.preventDefault();
      drag.take(ids);
      drag.to(drag.address + by);
      // In another row it is another button: the focus goes along.
      void tick().then(() => document.querySelector<HTMLElement>(`[data-piece="${ids[0]}"]`)?.focus());
    } else if (event.key === 'Enter' && drag.active) {
      event.preventDefault();
      void drag.drop();
    } else if (event.key === 'Escape' && drag.active) {
      event.stopPropagation();
      drag.leave();
    }
  }

  const heads = $derived(
    Array.from({ length: width }, (_, place) =>
      asRows
        ? String(place + 1)
        : desk && place < desk.reach
          ? headOf(Math.floor(place / desk.faders) + 1, (place % desk.faders) + 1)
          : '–',
    ),
  );
  /** A page that is called by a word is named over its first fader, and the others are counted. */
  function headOf(page: number, fader: number): string {
    const name = pageName(desk, page);
    if (name.length < 3) return faderName(desk, page, fader);
    return fader === 1 ? name : String(fader);
  }
</script>

<svelte:window onpointermove={follow} onpointerup={drop} onpointercancel={() => (drag.leave(), (held = null))} />
<div class="grid-rows" style:--width={width} class:dense={asRows}>
  <div class="row heads" aria-hidden="true">
    <span></span><span></span>
    <div class="cells mono">
      {#each heads as head, index (index)}<i>{asRows && index % 4 !== 0 ? '' : head}</i>{/each}
    </div>
  </div>
  {#each rows as row (row.start)}
    <div class="row">
      <b>{row.label}</b><span class="mono faint">{threeDigits(row.start)}</span>
      <div class="cells slots" data-start={row.start}>
        {#each row.held as held (held.id)}
          <span
            class="held"
            style:left="{(held.from / width) * 100}%"
            style:width="{((held.to - held.from + 1) / width) * 100}%"
            title="Held for {held.name}: {threeDigits(row.start + held.from)}–{threeDigits(row.start + held.to)}"
            ><bdi>{held.name}</bdi></span
          >
        {/each}
        {#each row.pieces as piece (piece.ids[0])}
          <button
            class="piece"
            data-roll={piece.roll}
            class:clash={piece.clash}
            class:spills={piece.spills}
            class:comes={piece.comesOn && !piece.clash}
            class:moved={piece.ids.some((id) => moved.has(id))}
            class:ghost={piece.ids.some((id) => ghosts.has(id))}
            class:dragged={drag.ids.includes(piece.ids[0] ?? '')}
            onpointerdown={(event) => grab(event, piece.ids)}
            onkeydown={(event) => nudge(event, piece.ids)}
            data-piece={piece.ids[0]}
            onblur={left}
            class:chosen={piece.ids.includes(selection.unit ?? '')}
            style:left="{(piece.from / width) * 100}%"
            style:width="{((piece.to - piece.from + 1) / width) * 100}%"
            title="{piece.name}: {threeDigits(row.start + piece.from)}–{threeDigits(row.start + piece.to)}"
            onclick={() => {
              if (!ghosts.has(piece.ids[0] ?? '')) selection.unit = piece.ids[0] ?? null;
            }}><bdi>{piece.comesOn ? '→ ' : ''}{piece.name}{piece.goesOn ? ' →' : ''}</bdi></button
          >
        {/each}
      </div>
    </div>
  {/each}
  {#if beyond.length}
    <p class="text-warning mt-2 text-[12.5px]">
      Beyond the desk's buttons: {beyond
        .slice(0, 12)
        .map((one) => `${one.name} at ${one.address}`)
        .join(', ')}{beyond.length > 12 ? ` and ${beyond.length - 12} more: rows of 32 show them` : ''}
    </p>
  {/if}
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: 22px 36px 1fr;
    align-items: center;
    gap: 6px;
    margin-bottom: 4px;
    max-width: 720px;
  }
  .dense .row {
    margin-bottom: 2px;
    max-width: none;
  }
  .row b {
    text-align: right;
    font-weight: 640;
  }
  .cells {
    position: relative;
    height: 28px;
  }
  .dense .cells {
    height: 18px;
  }
  .dense .heads .cells {
    height: 14px;
  }
  .heads .cells {
    display: grid;
    grid-template-columns: repeat(var(--width), 1fr);
    height: 14px;
    color: var(--faint);
    font-size: 10px;
  }
  .heads i {
    font-style: normal;
    padding-left: 2px;
  }
  .slots {
    border: 1px solid var(--line);
    background: linear-gradient(90deg, transparent calc(100% - 1px), var(--line) 0) 0 0 / calc(100% / var(--width)) 100%;
  }
  .piece {
    position: absolute;
    top: 1px;
    bottom: 1px;
    padding: 0 8px;
    text-align: left;
    background: var(--tape);
    color: var(--tape-ink);
    font-stretch: 68%;
    font-weight: 620;
    font-size: 13px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    cursor: pointer;
    clip-path: polygon(2px 0, 100% 0, calc(100% - 3px) 40%, 100% 72%, calc(100% - 2px) 100%, 0 100%, 3px 55%, 0 30%);
    box-shadow:
      inset 0 1px var(--tape-edge),
      inset 0 -1px var(--tape-edge);
  }
  .dense .piece {
    font-size: 11.5px;
    line-height: 15px;
    padding: 0 5px;
  }
  .held {
    position: absolute;
    inset-block: 0;
    padding: 0 6px;
    overflow: hidden;
    white-space: nowrap;
    text-overflow: ellipsis;
    font-size: 11px;
    line-height: 26px;
    color: var(--dim);
    background: repeating-linear-gradient(135deg, transparent 0 5px, var(--line) 5px 6px);
  }
  .dense .held {
    line-height: 16px;
  }
  .spills {
    background: repeating-linear-gradient(120deg, var(--tape) 0 12px, oklch(0.84 0.09 90) 12px 18px);
  }
  .chosen {
    background: oklch(0.86 0.1 80);
  }
  .piece {
    touch-action: none;
  }
  .dragged {
    z-index: 2;
    opacity: 0.86;
    box-shadow: inset 0 0 0 2px oklch(0.62 0.15 60);
    cursor: grabbing;
  }
  .ghost {
    z-index: 1;
    opacity: 0.72;
    box-shadow: inset 0 0 0 2px oklch(0.62 0.15 60);
  }
  .moved {
    box-shadow:
      inset 0 0 0 2px oklch(0.62 0.15 60),
      inset 0 1px var(--tape-edge);
  }
  .comes {
    text-align: right;
  }
  .clash {
    top: 8px;
    background: oklch(0.7 0.18 27);
    color: oklch(0.14 0.02 27);
  }
  .clash.chosen {
    background: oklch(0.76 0.16 32);
  }
  .dense .clash {
    top: 4px;
    line-height: 12px;
    font-size: 10.5px;
  }
  .piece:focus-visible {
    outline: none;
    box-shadow: inset 0 0 0 2px oklch(0.4 0.1 60);
  }
</style>
