<script lang="ts">
  import { plural } from '../../lib/words';
  import { p } from '../../state/navigation';
  import { useBench } from '../../state/bench.svelte';
  import { Preflight } from '../../state/preflight.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** What to look at on the desk before anyone blames a lamp; one hand holds the phone. */
  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
  const list = new Preflight(session.id);
  const items = $derived(rig.desk?.preflight ?? []);
  const left = $derived(items.filter((one) => !list.ticked[one.key]).length);
  const time = (at: number) => new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });
  const isOld = $derived(Object.values(list.ticked).some((one) => Date.now() - one > 12 * 3600 * 1000));
</script>

<svelte:head><title>Pre-flight · {rig.name}</title></svelte:head>
<main class="scroll">
  <div class="mx-auto max-w-[640px] px-4 py-3">
    <div class="flex items-center gap-2">
      <h2 class="flex-1">Pre-flight{rig.desk ? `, ${rig.desk.name}` : ''}</h2>
      <a class="btn btn-quiet" href={p('/rigs/:rig/desk', { params: { rig: rig.id } })}>Back to Desk</a>
    </div>
    {#if !rig.desk}
      <p class="dim py-4">Choose a desk in Desk: the list asks what that desk has.</p>
    {:else}
      <p class="mb-3 flex items-center gap-3 text-[13px]" role="status">
        <span class="flex-1"
          >{left === 0 ? 'All looked at.' : `${plural(left, 'thing')} of ${items.length} still to look at.`}</span
        >
        {#if left < items.length}<button class="btn min-h-11" onclick={() => list.beginAgain()}>Begin again</button
          >{/if}
      </p>
      {#if isOld}<p class="mb-3 text-[13px]">Some ticks are older than half a day: begin again tonight.</p>{/if}
      <ol class="grid gap-2">
        {#each items as item (item.key)}
          {@const ticked = list.ticked[item.key]}
          <li>
            <button class="item" class:done={ticked} aria-pressed={!!ticked} onclick={() => list.tick(item.key)}>
              <span class="box" aria-hidden="true">{ticked ? '✓' : ''}</span>
              <span class="min-w-0 flex-1"
                ><b>{item.title}</b>{#if ticked}<span class="dim"> · {time(ticked)}</span>{:else}<span class="dim block"
                    >{item.why}</span
                  >{/if}</span
              >
            </button>
          </li>
        {/each}
      </ol>
      <p class="dim mt-4 text-[12.5px]">
        Hands off a moving head that powers up, and nobody under it. Flashing light: say so at the door. Local rules
        decide.
      </p>
    {/if}
  </div>
</main>

<style>
  .item {
    display: flex;
    align-items: flex-start;
    gap: 12px;
    width: 100%;
    min-height: 56px;
    padding: 10px 12px;
    border: 1px solid var(--line);
    border-radius: 6px;
    background: var(--color-base-200);
    text-align: left;
    font-size: 13px;
    cursor: pointer;
  }
  .item b {
    font-weight: 620;
    font-size: 15px;
  }
  .box {
    flex: none;
    width: 24px;
    height: 24px;
    border: 2px solid var(--dim);
    border-radius: 5px;
    display: grid;
    place-content: center;
    font-weight: 700;
    color: var(--color-success);
  }
  .done .box {
    border-color: var(--color-success);
  }
</style>
