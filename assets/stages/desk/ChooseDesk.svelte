<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { desksQuery } from '../../api/queries';
  import { p } from '../../state/navigation';
  import { useRig } from '../../state/rig.svelte';

  /** The desks of the shelf, each to be taken with one press. */
  const session = useRig();
  const desks = createQuery(() => desksQuery());
</script>

<p class="dim max-w-[60ch] pt-4">
  Choose the desk you play on. Rigger then names each of its faders by what it does to the unit that sits there.
</p>
<ul class="mt-3 grid max-w-[760px] grid-cols-2 gap-2.5" aria-label="Desks on the shelf">
  {#each desks.data?.desks ?? [] as one (one.id)}
    <li>
      <button
        class="desk rule"
        disabled={session.busy}
        onclick={() => session.change({ do: 'choose-desk', desk: one.id })}
      >
        <b class="block font-[620]"><bdi>{one.name}</bdi></b>
        <span class="dim block text-[12.5px]">{one.words}</span>
      </button>
    </li>
  {/each}
  <li>
    <a class="desk rule" href={p('/rigs/:rig/desk/describe', { params: { rig: session.id } })}>
      <b class="block font-[620]">Another one</b>
      <span class="dim block text-[12.5px]">Describe it by counting its faders and keys</span>
    </a>
  </li>
</ul>

<style>
  .desk {
    display: block;
    width: 100%;
    height: 100%;
    padding: 10px 14px;
    text-align: left;
    border-width: 1px;
    border-radius: 6px;
    cursor: pointer;
  }
  .desk:hover {
    background: var(--color-base-300);
  }
</style>
