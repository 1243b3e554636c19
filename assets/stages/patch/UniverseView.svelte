<script lang="ts">
  import { threeDigits, pageLetter } from '../../lib/address';
  import { tapeRows } from '../../lib/tapes';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';

  const session = useRig();
  const rig = $derived(session.rig);
  const desk = $derived(rig.desk);
  let universe = $state<number | null>(null);
  let wantRows = $state(false);

  const chosen = $derived(universe ?? desk?.universe ?? 1);
  const universes = $derived(
    [...new Set([desk?.universe ?? 1, ...rig.universes.map((one) => one.universe)])].sort((a, b) => a - b),
  );
  const usage = $derived(rig.universes.find((one) => one.universe === chosen));
  const canDesk = $derived(!!desk && desk.starts.length > 0 && desk.universe === chosen);
  const asRows = $derived(wantRows || !canDesk);
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
      rig.findings.filter((one) => ['clash', 'mixed'].includes(one.code)).map((one) => one.fixtureIds[0] ?? ''),
    ),
    spills: new Set(rig.findings.filter((one) => one.code === 'spills').flatMap((one) => one.fixtureIds)),
  });
  const rows = $derived(tapeRows(rig.fixtures, chosen, starts, marks));
  const beyond = $derived(
    canDesk && !asRows
      ? rig.fixtures.filter(
          (one) =>
            one.universe === chosen && !rows.some((row) => row.pieces.some((piece) => piece.ids.includes(one.id))),
        )
      : [],
  );
  const heads = $derived(
    Array.from({ length: width }, (_, place) =>
      asRows
        ? String(place + 1)
        : desk && place < desk.reach
          ? `${pageLetter(Math.floor(place / desk.faders) + 1)}${(place % desk.faders) + 1}`
          : '–',
    ),
  );
</script>

<div class="grid min-h-0 grid-rows-[auto_1fr] px-4 py-2.5">
  <div class="flex items-center gap-3 pb-2">
    {#if universes.length > 1}
      <select
        class="select w-auto"
        aria-label="Universe"
        value={chosen}
        onchange={(event) => (universe = Number(event.currentTarget.value))}
      >
        {#each universes as one (one)}<option value={one}>Universe {one}</option>{/each}
      </select>
    {:else}<h2>Universe {chosen}</h2>{/if}
    <span class="dim flex-1 text-[12.5px]"
      >{usage ? `${usage.used} of 512 used, ${usage.free} free` : 'all 512 free'}{usage?.gapFrom
        ? `, longest gap ${usage.gapFrom}–${usage.gapTo}`
        : ''}</span
    >
    <div class="join" role="group" aria-label="Arrangement">
      <button
        class="btn join-item"
        class:bg-base-300={!asRows}
        disabled={!canDesk}
        aria-pressed={!asRows}
        onclick={() => (wantRows = false)}>As the desk sees it</button
      >
      <button class="btn join-item" class:bg-base-300={asRows} aria-pressed={asRows} onclick={() => (wantRows = true)}
        >Rows of 32</button
      >
    </div>
  </div>
  <div class="scroll">
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
          <div class="cells slots">
            {#each row.pieces as piece (piece.ids[0])}
              <button
                class="piece"
                class:clash={piece.clash}
                class:spills={piece.spills}
                class:comes={piece.comesOn && !piece.clash}
                class:chosen={piece.ids.includes(selection.fixture ?? '')}
                style:left="{(piece.from / width) * 100}%"
                style:width="{((piece.to - piece.from + 1) / width) * 100}%"
                title="{piece.name}: {row.start + piece.from}–{row.start + piece.to}"
                onclick={() => (selection.fixture = piece.ids[0] ?? null)}
                ><bdi>{piece.comesOn ? '→ ' : ''}{piece.name}{piece.goesOn ? ' →' : ''}</bdi></button
              >
            {/each}
          </div>
        </div>
      {/each}
      {#if beyond.length}
        <p class="text-warning mt-2 text-[12.5px]">
          Beyond the desk's buttons: {beyond.map((one) => `${one.name} at ${one.address}`).join(', ')}
        </p>
      {/if}
    </div>
  </div>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: 22px 36px 1fr;
    align-items: center;
    gap: 6px;
    margin-bottom: 6px;
    max-width: 720px;
  }
  .dense .row {
    margin-bottom: 3px;
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
    height: 22px;
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
    font-size: 12px;
    padding: 0 5px;
  }
  .spills {
    background: repeating-linear-gradient(120deg, var(--tape) 0 12px, oklch(0.84 0.09 90) 12px 18px);
  }
  .chosen {
    background: oklch(0.86 0.1 80);
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
    top: 6px;
  }
  .piece:focus-visible {
    outline: none;
    box-shadow: inset 0 0 0 2px oklch(0.4 0.1 60);
  }
</style>
