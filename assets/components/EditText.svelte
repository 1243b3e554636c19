<script lang="ts">
  import { drafts } from '../state/drafts.svelte';

  /**
   * A text that is changed in place: Enter or leaving takes it, Esc puts it back. What cannot be taken stays in the
   * field with the reason under it; what is not taken yet is kept in the browser, and offered again after a reload.
   */
  let {
    value,
    label,
    about = '',
    onCommit,
    class: extra = '',
    placeholder = '',
  }: {
    value: string;
    label: string;
    /** What the text belongs to, where the label does not say: the id of a unit, of a look. */
    about?: string;
    /** @returns null when it was taken, else why not */
    onCommit: (text: string) => Promise<string | null>;
    class?: string;
    placeholder?: string;
  } = $props();

  const key = $derived(`${location.pathname}|${label}|${about}`);
  let typed = $state<{ key: string; text: string } | null>(null);
  let refused = $state<{ key: string; words: string } | null>(null);
  let isTaking = $state(false);
  /** Esc while it was on its way: a refusal that comes after it puts nothing back into the field. */
  let isGivenUp = false;
  /** What was typed for another unit stays with that one. */
  const now = $derived(typed?.key === key ? typed.text : null);
  const before = $derived(drafts.text(key));
  const draft = $derived(now ?? (before === value ? null : before));
  const problem = $derived(refused?.key === key ? refused.words : null);
  const isOffered = $derived(now === null && draft !== null && !isTaking);
  const id = $props.id();

  function type(text: string) {
    typed = { key, text };
    drafts.keep(key, text, label);
  }

  async function commit() {
    // Enter, and then leaving the field while that is under way, is one wish.
    if (isTaking) return;
    const [mine, text] = [key, draft];
    if (text === null || text === value) return letGo();
    isTaking = true;
    isGivenUp = false;
    drafts.taking(mine);
    const words = await onCommit(text);
    isTaking = false;
    if (words !== null && isGivenUp) return drafts.drop(mine);
    refused = words === null ? null : { key: mine, words };
    if (words !== null) return drafts.keep(mine, text, label);
    drafts.drop(mine);
    if (typed?.key === mine) typed = null;
  }

  function letGo() {
    isGivenUp = true;
    drafts.drop(key);
    typed = null;
    refused = null;
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === 'Enter') {
      event.preventDefault();
      void commit();
    } else if (event.key === 'Escape') {
      event.stopPropagation();
      letGo();
    }
  }
</script>

<span class="relative block min-w-0">
  <input
    class="input w-full px-2 {extra} {problem ? 'border-error' : isOffered ? 'border-warning' : ''}"
    aria-label={label}
    aria-invalid={problem !== null}
    aria-describedby={problem || isOffered ? id : undefined}
    {placeholder}
    value={draft ?? value}
    oninput={(event) => type(event.currentTarget.value)}
    onkeydown={keyed}
    onblur={() => {
      if (now !== null) void commit();
    }}
    dir="auto"
    spellcheck="false"
    autocomplete="off"
  />
  {#if problem}<span {id} class="text-error mt-1 block text-[11.5px]" role="alert">{problem}</span>
  {:else if isOffered && drafts.isTaking(key)}<span {id} class="dim mt-1 block text-[11.5px]">On its way.</span>
  {:else if isOffered}<span {id} class="mt-1 flex flex-wrap items-baseline gap-x-2 text-[11.5px]"
      ><span class="dim">Not taken yet.</span>
      <button type="button" class="link-repair" onclick={commit}>Take it</button>
      <button type="button" class="link-repair" onclick={letGo}>Back to {value === '' ? 'nothing' : value}</button
      ></span
    >{/if}
</span>
