<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import type { Change, Look } from '../../api/types';
  import { faderName, pageName } from '../../lib/desk';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';

  let { look }: { look: Look } = $props();
  const session = useRig();
  const faders = useFaders();
  const desk = $derived(session.rig.desk);

  async function change(what: Change): Promise<string | null> {
    const problem = await session.change(what, true);
    return problem?.firstWords ?? null;
  }
  async function storeAt(text: string): Promise<string | null> {
    const parts = /^\s*(\d+)\s*[.,/ ]\s*(\d+)\s*$/.exec(text);
    if (!parts) return 'Type bank and scene, as 1.3.';
    return change({ do: 'store-look', look: look.id, bank: Number(parts[1]), number: Number(parts[2]) });
  }
  const remove = async () => {
    const problem = await session.change({ do: 'remove-look', look: look.id });
    if (!problem) selection.look = null;
  };

  /** One line for each button and page, as a hand goes. */
  const lines = $derived.by(() => {
    const groups: { head: string; faders: string[] }[] = [];
    for (const step of look.steps) {
      const page = pageName(desk, step.page);
      const head = [step.button ? `Press ${step.button}` : 'Set', page ? `page ${page}` : '']
        .filter(Boolean)
        .join(', ');
      let group = groups.at(-1);
      if (group?.head !== head) groups.push((group = { head, faders: [] }));
      group.faders.push(`${faderName(desk, step.page, step.fader)} ${step.label} ${step.value}`);
    }
    return groups;
  });
</script>

<div class="mb-3 grid grid-cols-[1fr_72px] gap-2">
  <EditText
    about={look.id}
    label="Name of the look"
    value={look.name}
    onCommit={(name) => change({ do: 'rename-look', look: look.id, name })}
  />
  <EditText about={look.id} label="Bank and scene" class="mono" value="{look.bank}.{look.number}" onCommit={storeAt} />
</div>
<div class="mb-3 flex flex-wrap gap-2">
  <button class="btn" onclick={() => faders.recall(look)}>Recall</button>
  <button
    class="btn"
    onclick={() => change({ do: 'record-again', look: look.id, slots: { ...faders.slots } })}
    disabled={session.busy || faders.recalled === look.id}>Record again</button
  >
  <button class="btn btn-quiet" onclick={remove} disabled={session.busy}>Delete</button>
</div>
<h3 class="rule mb-2 border-t pt-3">Write this look on the desk</h3>
{#if look.problem}
  <p class="text-error text-[12.5px]">{look.problem}</p>
{:else}
  <ol class="doing">
    {#each lines as line, index (index)}
      <li><b>{line.head}</b> <span class="dim">{line.faders.join(', ')}</span></li>
    {/each}
    <li><b>Store</b> <span class="dim">in bank {look.bank}, scene {look.number}. Every other fader is down.</span></li>
  </ol>
  {#if look.unreachable.length}
    <p class="text-error mt-3 text-[12.5px]">
      No fader reaches {look.unreachable.map((one) => `${one.label} of ${one.unit} (${one.value})`).join(', ')}.
    </p>
  {/if}
{/if}

<style>
  .doing {
    display: grid;
    gap: 6px;
    padding-left: 18px;
    list-style: decimal;
    font-size: 12.5px;
  }
  .doing b {
    font-weight: 600;
  }
</style>
