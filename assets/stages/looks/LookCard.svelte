<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import Recipe from '../../components/Recipe.svelte';
  import type { Change, Look } from '../../api/types';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';

  let { look }: { look: Look } = $props();
  const session = useRig();
  const faders = useFaders();

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
</script>

{#if look.made}<p class="dim mb-2 text-[12.5px]">
    Made for this rig: made, not recorded. Whatever you set in it makes it yours.
  </p>{/if}
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
<h3 class="rule mb-2 border-t pt-3">Store it on the desk{look.where ? `: ${look.where}` : ''}</h3>
<Recipe {look} />
