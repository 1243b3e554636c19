<script lang="ts">
  import Menu from '../../components/Menu.svelte';
  import type { Change } from '../../api/types';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import { selection } from '../../state/selection.svelte';
  import { MADE } from './made';

  /** Looks that begin without faders: an empty one, and those that every rig needs, made for whatever hangs there. */
  let { next }: { next: { bank: number; number: number } } = $props();
  const session = useRig();
  const faders = useFaders();

  /** A name that no look has yet. */
  function free(name: string): string {
    const taken = session.rig.looks.map((one) => one.name);
    for (let nth = 1; ; nth += 1) {
      const tried = nth === 1 ? name : `${name} ${nth}`;
      if (!taken.includes(tried)) return tried;
    }
  }

  async function make(change: Change) {
    if (await session.change(change)) return;
    const made = session.rig.looks.find((one) => one.id === session.made[0]);
    if (!made) return;
    selection.look = made.id;
    if (made.cells.length) faders.recall(made);
  }
</script>

<Menu label="New look">
  <li>
    <button onclick={() => make({ do: 'begin-look', name: `Look ${session.rig.looks.length + 1}`, ...next })}
      >Empty look <span class="dim block text-[11px]">says nothing of anybody yet</span></button
    >
  </li>
  {#each MADE as one (one.name)}
    <li>
      <button
        disabled={session.rig.units.length === 0}
        onclick={() =>
          make({
            do: 'make-look',
            name: free(one.name),
            what: one.what,
            ...(one.hex ? { colour: { hex: one.hex } } : {}),
            ...next,
          })}>{one.name} <span class="dim block text-[11px]">{one.why}</span></button
      >
    </li>
  {/each}
</Menu>
