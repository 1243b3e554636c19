<script lang="ts">
  import type { ApiError } from '../../api/errors';
  import type { Rig } from '../../api/types';
  import EditText from '../../components/EditText.svelte';
  import { threeDigits } from '../../lib/address';
  import { kept } from '../../state/kept';
  import { drafts } from '../../state/drafts.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** Slots that the house or another desk plays: held by name, and no plan gives them to a unit. */
  const session = useRig();
  type Hold = Rig['holds'][number];
  let name = $state('');
  let slots = $state('');
  let problem = $state<ApiError | null>(null);

  /** "1-8", "u2 1-8" or "9": what was understood stands beside the field. */
  const read = $derived.by(() => {
    const found = /^\s*(?:u\s*(\d{1,5})\s+)?(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*$/i.exec(slots);
    if (!found) return null;
    const from = Number(found[2]);
    return { universe: Number(found[1] ?? session.rig.desk?.universe ?? 1), from, to: Number(found[3] ?? from) };
  });
  const words = (one: { universe: number; from: number; to: number }) =>
    `universe ${one.universe}, ${threeDigits(one.from)}${one.to === one.from ? '' : `–${threeDigits(one.to)}`}`;

  async function hold(event: SubmitEvent) {
    event.preventDefault();
    if (!read) return;
    problem = await session.change({ do: 'hold-slots', ...read, name }, true);
    if (problem) return;
    drafts.dropAll('hold.');
    [name, slots] = ['', ''];
  }

  async function change(one: Hold, other: Partial<Hold>): Promise<string | null> {
    const { id, ...rest } = { ...one, ...other };
    const told = await session.change({ do: 'change-hold', hold: id, ...rest }, true);
    return told?.firstWords ?? null;
  }
</script>

<p class="dim mb-3 text-[12.5px]">
  House lights, another desk, a hired dimmer: what is held stays free of your units, whoever numbers them.
</p>
<ul class="grid gap-2" aria-label="Held slots">
  {#each session.rig.holds as one (one.id)}
    <li class="grid grid-cols-[1fr_auto_auto] items-center gap-3">
      <EditText
        about={one.id}
        label="Whose slots {threeDigits(one.from)} to {threeDigits(one.to)} are"
        class="h-8"
        value={one.name}
        onCommit={(text) => change(one, { name: text })}
      />
      <span class="mono text-[12.5px]">{words(one)}</span>
      <button
        class="btn btn-quiet h-8"
        disabled={session.busy}
        aria-label="Release the slots of {one.name}"
        onclick={() => session.change({ do: 'release-slots', hold: one.id })}>Release</button
      >
    </li>
  {:else}
    <li class="dim text-[12.5px]">Nothing is held.</li>
  {/each}
</ul>
<form class="rule mt-3 grid grid-cols-[1fr_130px_auto] items-start gap-3 border-t pt-3" onsubmit={hold}>
  <label class="grid gap-0.5"
    ><span class="dim text-[12px]">Whose they are</span>
    <input
      class="input h-8"
      bind:value={name}
      dir="auto"
      {@attach kept(
        'hold.name',
        'Whose slots are held',
        () => name,
        (text) => (name = text),
      )}
    /></label
  >
  <label class="grid gap-0.5"
    ><span class="dim text-[12px]">Slots</span>
    <input
      class="input mono h-8"
      placeholder="1-8"
      bind:value={slots}
      {@attach kept(
        'hold.slots',
        'Slots that are held',
        () => slots,
        (text) => (slots = text),
      )}
    /></label
  >
  <button class="btn btn-primary mt-[20px] h-8" disabled={!read || name.trim() === '' || session.busy}>Hold them</button
  >
  <p class="dim col-span-3 min-h-5 text-[12px]" aria-live="polite">
    {#if problem}<span class="text-error" role="alert">{problem.firstWords}</span>
    {:else if slots.trim() !== ''}{read
        ? `Read as ${words(read)}.`
        : 'Type slots such as 1-8, or u2 1-8 for the second universe.'}{/if}
  </p>
</form>
