<script lang="ts">
  import Mark from '../../components/Mark.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Run, RunItem } from '../../api/types';
  import { lengthWords, nameOf } from '../../lib/runs';
  import { figure, plural } from '../../lib/words';
  import { cabling } from '../../state/cabling.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** A run from its outlet along its units: a cable is a plug to pull, a name a thing to set. */
  let { run, depth }: { run: Run; depth: number } = $props();
  const session = useRig();
  const units = $derived(session.rig.units);
  const worst = $derived(
    ['error', 'warning', 'caution'].find((severity) =>
      session.rig.findings.some((one) => one.runId === run.id && one.severity === severity && !one.knownId),
    ) as 'error' | 'warning' | 'caution' | undefined,
  );
  const isDark = (item: RunItem) => item.unitId !== null && cabling.pulled?.dark.has(item.unitId ?? '');
  const flickers = (item: RunItem) => item.unitId !== null && cabling.pulled?.flickers.has(item.unitId ?? '');

  async function move(item: RunItem, by: -1 | 1) {
    const ids = run.items.map((one) => one.id);
    const from = ids.indexOf(item.id);
    const other = run.items[from + by];
    if (!other || other.splitter || item.splitter) return;
    ids.splice(from + by, 0, ...ids.splice(from, 1));
    await session.change({ do: 'order-run', run: run.id, items: ids });
  }

  function keyed(event: KeyboardEvent, item: RunItem) {
    if (event.altKey && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
      event.preventDefault();
      void move(item, event.key === 'ArrowLeft' ? -1 : 1);
    } else if (event.key === 'Delete') {
      event.preventDefault();
      void session.change({ do: 'take-off-run', items: [item.id] });
    }
  }

  const cableWords = (item: RunItem) =>
    [
      `Cable to ${nameOf(item, units)}`,
      item.metres === null ? 'of unknown length' : `${lengthWords(item)} m`,
      ...(item.cable === 'data' ? [] : [`${item.cable} cable`]),
      ...(item.adapters.length ? [plural(item.adapters.length, 'adapter')] : []),
    ].join(', ');
</script>

<div class="lane" style:--in="{depth * 18}px" class:branch={depth > 0}>
  <div class="head">
    <button
      class="run"
      aria-pressed={cabling.run === run.id}
      onclick={() => cabling.look(cabling.run === run.id ? {} : { run: run.id })}
      aria-label="{run.name}, from {run.from}"
      ><Tape name={run.name} />{#if worst}<Mark severity={worst} />{/if}</button
    >
    <span class="dim text-[11.5px]"
      >{run.from}{run.universe && run.universe !== 1 ? `, universe ${run.universe}` : ''} · {plural(
        run.items.length,
        'device',
      )}{run.metres ? `, ${figure(run.metres)} m` : ''}{run.unknown ? ', lengths open' : ''}</span
    >
  </div>
  <div class="chain" role="group" aria-label="{run.name}, in the order of the cable">
    <span class="outlet" aria-hidden="true">{run.ends === '3-pin' ? '' : run.ends}</span>
    {#each run.items as item (item.id)}
      <span class="hop">
        <button
          class="cable {item.cable}"
          class:open={isDark(item) && cabling.pulled?.item !== item.id}
          aria-pressed={cabling.pulled?.item === item.id}
          aria-label="{cableWords(item)}: pull the plug"
          title="Pull this plug"
          onclick={() => cabling.pull(session, item.id)}
        >
          <span class="metres mono" class:unknown={item.metres === null}>{lengthWords(item)}</span>
          <span class="wire" aria-hidden="true"></span>
          <span class="under">{item.adapters.length ? plural(item.adapters.length, 'adapter') : ''}</span>
        </button>
        <button
          class="device"
          class:dark={isDark(item)}
          class:flickers={flickers(item)}
          aria-pressed={cabling.item === item.id}
          aria-label="{nameOf(item, units)} on {run.name}"
          onclick={() => cabling.look(cabling.item === item.id ? {} : { item: item.id })}
          onkeydown={(event) => keyed(event, item)}
        >
          {#if item.splitter}<span class="splitter"><Tape name={item.splitter} /></span>{:else}<Tape
              name={nameOf(item, units)}
              roll={units.find((one) => one.id === item.unitId)?.tape}
            />{/if}
          <span class="under"
            >{item.splitter
              ? plural(item.outputs ?? 0, 'output')
              : item.ends === '3-pin'
                ? ''
                : item.ends === 'rj45'
                  ? 'RJ45'
                  : item.ends}</span
          >
        </button>
      </span>
    {/each}
    {#if run.end === 'terminator'}<span class="end good">terminator</span>
    {:else if run.end === 'open'}<span class="end open-end">open end</span>
    {:else if run.end === ''}<button class="link-repair text-[12.5px]" onclick={() => cabling.look({ run: run.id })}
        >Put units on it</button
      >{/if}
  </div>
</div>

<style>
  .lane {
    padding-left: var(--in);
  }
  .branch .head::before {
    content: '';
    width: 12px;
    height: 12px;
    margin-top: -8px;
    border: solid var(--line);
    border-width: 0 0 1px 1px;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 8px;
  }
  .run {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    padding: 2px 4px;
    border: 1px solid transparent;
    border-radius: 5px;
    cursor: pointer;
  }
  .run[aria-pressed='true'],
  .device[aria-pressed='true'] {
    border-color: var(--line);
    background: var(--color-base-300);
  }
  .chain {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    row-gap: 4px;
    padding-top: 0;
  }
  .outlet {
    margin-bottom: 10px;
    min-width: 10px;
    height: 22px;
    padding: 3px 3px 0;
    border: 1px solid var(--line);
    border-radius: 3px;
    font-size: 10.5px;
    color: var(--dim);
    background: var(--color-base-300);
  }
  .hop {
    display: inline-flex;
    align-items: center;
  }
  .cable,
  .device {
    display: grid;
    grid-template-rows: 14px 3px 14px;
    justify-items: center;
    align-items: center;
    cursor: pointer;
    border: 1px solid transparent;
    border-radius: 5px;
  }
  .cable {
    min-width: 46px;
    padding: 0 1px;
    margin-bottom: 10px;
  }
  .device {
    grid-template-rows: 2px 24px 13px;
    padding-inline: 2px;
  }
  .device > :global(:first-child) {
    grid-row: 2;
  }
  .device .under {
    grid-row: 3;
  }
  .metres {
    font-size: 11px;
    color: var(--dim);
  }
  .metres.unknown {
    color: var(--color-warning);
  }
  .wire {
    width: 100%;
    border-top: 2px solid color-mix(in oklab, var(--color-base-content) 55%, transparent);
  }
  .microphone .wire {
    border-top: 2px dashed var(--color-warning);
  }
  .network .wire {
    border-top-style: double;
    border-top-width: 4px;
  }
  .cable:hover .wire {
    border-color: var(--color-primary);
  }
  .cable[aria-pressed='true'] .wire {
    border-top: 2px dotted var(--color-error);
    width: 40%;
    justify-self: start;
  }
  .cable.open .wire {
    opacity: 0.35;
  }
  .under {
    font-size: 10.5px;
    color: var(--dim);
    white-space: nowrap;
  }
  .dark {
    opacity: 0.45;
  }
  .flickers {
    border: 1px dashed var(--color-warning);
  }
  .splitter {
    padding: 2px 5px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--color-base-300);
  }
  .end {
    margin: 0 0 10px 8px;
    padding: 1px 9px;
    border: 1px solid currentColor;
    border-radius: 10px;
    font-size: 11.5px;
  }
  .good {
    color: var(--color-success);
  }
  .open-end {
    color: var(--color-warning);
    border-style: dashed;
  }
</style>
