<script lang="ts">
  import { firstSteps, type StepKey } from '../lib/steps';
  import { p } from '../state/navigation';
  import { useRig } from '../state/rig.svelte';

  /** What comes first in this rig and what comes next, each with its button; the next one stands out. */
  let {
    here,
    onHang,
  }: {
    /** The stage that shows them: no button leads to where one is. */
    here: string;
    /** Opens the form for units, where the stage has it. */
    onHang?: () => void;
  } = $props();
  const session = useRig();
  const steps = $derived(firstSteps(session.rig));
  const next = $derived(steps.findIndex((one) => !one.isDone));
  const to = (path: string) => p(`/rigs/:rig/${path}`, { params: { rig: session.id } });
  const WAYS: Record<StepKey, [words: string, path: string][]> = {
    hang: [
      ['Hang from the shelf', 'patch?add'],
      ['Write or paste a chart', 'fixtures?new'],
    ],
    desk: [['Choose the desk', 'desk']],
    addresses: [['To the addresses', 'patch']],
    set: [['Walk round', 'walk']],
    look: [['To the faders', 'desk']],
    print: [['To the sheets', 'sheets']],
  };
  const href = (path: string) => {
    const [page = '', query] = path.split('?');
    return to(page) + (query === undefined ? '' : `?${query}`);
  };
</script>

<section class="max-w-[560px] py-3" aria-label="First steps">
  <h3 class="mb-2">What comes first</h3>
  <ol>
    {#each steps as step, index (step.key)}
      <li class="step rule border-t py-2.5" class:is-next={index === next}>
        <span class="mono nr" aria-hidden="true">{step.isDone ? '✓' : index + 1}</span>
        <div>
          <b class="font-[620]"
            >{step.words}{#if step.isDone}<span class="sr-only">, done</span>{/if}</b
          >
          {#if !step.isDone}<span class="dim block text-[12.5px]">{step.why}</span>{/if}
          <span class="flex flex-wrap gap-x-3 gap-y-2" class:mt-2={index === next}>
            {#if !step.isDone}{#each WAYS[step.key] as [words, path], nth (path)}
                {@const look = index !== next ? 'link-repair text-[12.5px]' : nth === 0 ? 'btn btn-primary' : 'btn'}
                {#if path === 'patch?add' && onHang}<button class={look} onclick={onHang}>{words}</button>
                {:else if path.split('?')[0] !== here}<a class={look} href={href(path)}>{words}</a>{/if}
              {/each}{/if}
          </span>
        </div>
      </li>
    {/each}
  </ol>
</section>

<style>
  .step {
    display: grid;
    grid-template-columns: 26px 1fr;
    color: var(--dim);
  }
  .is-next {
    color: var(--color-base-content);
  }
  .nr {
    font-size: 12.5px;
    padding-top: 2px;
  }
</style>
