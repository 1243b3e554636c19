<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import type { Link } from '../../api/types';
  import { useRig } from '../../state/rig.svelte';
  import SpotFields from './SpotFields.svelte';

  /** Where a sender's aerial is, and what lies between it and its receivers. */
  let { link }: { link: Link } = $props();
  const session = useRig();
  const PLACES = [
    ['open', 'nothing: in the open'],
    ['seated', 'a seated audience'],
    ['walls', 'walls'],
  ] as const;

  async function obstacles(text: string): Promise<string | null> {
    const told = await session.change({ do: 'place-link', link: link.id, obstacles: text }, true);
    return told ? (told.at('obstacles') ?? told.message) : null;
  }
</script>

<details class="mt-1 w-full text-[12.5px]">
  <summary class="dim cursor-pointer">In the air{link.band ? `: ${link.band}` : ''}</summary>
  <div class="mt-2 grid max-w-[420px] gap-2.5">
    <SpotFields
      label="Aerial of {link.label}"
      spot={link.spot ?? null}
      onPut={(spot) => session.change({ do: 'place-link', link: link.id, ...spot }, true)}
    />
    <div class="flex flex-wrap items-end gap-2">
      <label class="grid gap-0.5"
        ><span class="dim">Between it and its receivers lies</span>
        <select
          class="select h-8"
          value={link.place}
          onchange={(event) =>
            session.change({
              do: 'place-link',
              link: link.id,
              place: event.currentTarget.value as (typeof PLACES)[number][0],
            })}
        >
          {#each PLACES as [key, words] (key)}<option value={key}>{words}</option>{/each}
        </select></label
      >
      <div class="grid gap-0.5">
        <span class="dim">and things that take dB each</span>
        <EditText
          label="What stands in the way of {link.label}, dB"
          about={link.id}
          value={link.obstacles.join(' ')}
          placeholder="3 6"
          onCommit={obstacles}
        />
      </div>
    </div>
    <p class="faint text-[11.5px]">Planning figures. Aerials above head height; try it with the house full.</p>
  </div>
</details>
