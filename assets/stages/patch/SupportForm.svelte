<script lang="ts">
  import { kept } from '../../state/kept';
  import { drafts } from '../../state/drafts.svelte';
  import { untrack } from 'svelte';
  import type { ApiError } from '../../api/errors';
  import type { Support } from '../../api/types';
  import { figure } from '../../lib/words';
  import { useRig } from '../../state/rig.svelte';

  /** A beam or stand: its name, its height and where it is, in metres. What hangs from it goes along. */
  let { kind, support, onDone }: { kind: 'beam' | 'stand'; support: Support | null; onDone: () => void } = $props();
  const session = useRig();
  // The form begins with what is there, and is drawn anew for another.
  const begun = untrack(
    () => support ?? { kind, name: '', height: kind === 'beam' ? 4 : 2.2, fromX: -3, fromY: 1, toX: 3, toY: 1 },
  );
  const isStand = begun.kind === 'stand';
  let name = $state(begun.name);
  let problem = $state<ApiError | null>(null);
  const typed = $state({
    height: figure(begun.height),
    fromX: figure(begun.fromX),
    fromY: figure(begun.fromY),
    toX: figure(begun.toX),
    toY: figure(begun.toY),
  });
  const FIELDS = [
    ['height', 'height'],
    ['fromX', isStand ? 'x' : 'from x'],
    ['fromY', 'y'],
    ...(isStand
      ? []
      : ([
          ['toX', 'to x'],
          ['toY', 'y'],
        ] as const)),
  ] as const;
  /** What is no number goes as such, and is refused at its field. */
  const metres = (text: string) => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.')));

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const rest = {
      height: metres(typed.height),
      fromX: metres(typed.fromX),
      fromY: metres(typed.fromY),
      toX: metres(typed.toX),
      toY: metres(typed.toY),
    };
    const what = { kind: isStand ? ('stand' as const) : ('beam' as const), name, ...rest };
    problem = await session.change(
      support ? { do: 'change-support', support: support.id, ...what } : { do: 'add-support', ...what },
      true,
    );
    if (problem) return;
    drafts.drop(`support.${session.id}.${kind}`);
    onDone();
  }

  async function strike() {
    if (!support) return;
    problem = await session.change({ do: 'remove-support', support: support.id }, true);
    if (!problem) onDone();
  }
</script>

<form
  class="flex min-h-8 flex-wrap items-center gap-2 text-[12.5px]"
  onsubmit={save}
  aria-label={support ? `The ${begun.kind} ${support.name}` : `A new ${begun.kind}`}
>
  <b class="font-[620]">{isStand ? 'Stand' : 'Beam'}</b>
  <input
    class="input h-7 w-36 px-2"
    aria-label="Name"
    placeholder={isStand ? 'stand, house left' : 'front beam'}
    bind:value={name}
    {@attach support
      ? undefined
      : kept(
          `support.${session.id}.${kind}`,
          'Name of a beam or stand',
          () => name,
          (text) => (name = text),
        )}
    dir="auto"
    aria-invalid={!!problem?.at('name')}
  />
  {#each FIELDS as [member, words] (member)}
    <label class="flex items-center gap-1"
      ><span class="dim">{words}</span><input
        class="input mono h-7 w-14 px-1.5"
        aria-label="{words}, metres"
        inputmode="decimal"
        bind:value={typed[member]}
        aria-invalid={!!problem?.at(member)}
      /></label
    >
  {/each}
  <span class="flex-1"></span>
  <button class="btn btn-primary h-7" disabled={session.busy}>{support ? 'Change it' : 'Add it'}</button>
  {#if support}<button type="button" class="btn btn-quiet h-7" onclick={strike} disabled={session.busy}
      >Take it down</button
    >{/if}
  <button type="button" class="btn btn-quiet h-7" onclick={onDone}>Leave it</button>
  {#if problem}<p class="text-error w-full" role="alert">{problem.firstWords}</p>{/if}
</form>
