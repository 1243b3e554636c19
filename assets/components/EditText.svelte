<script lang="ts">
  /**
   * A text that is changed in place: Enter or leaving takes it, Esc puts it back. What cannot be taken stays in the
   * field with the reason under it.
   */
  let {
    value,
    label,
    onCommit,
    class: extra = '',
    placeholder = '',
  }: {
    value: string;
    label: string;
    /** @returns null when it was taken, else why not */
    onCommit: (text: string) => Promise<string | null>;
    class?: string;
    placeholder?: string;
  } = $props();

  let draft = $state<string | null>(null);
  let problem = $state<string | null>(null);
  const id = $props.id();

  async function commit() {
    if (draft === null || draft === value) {
      draft = null;
      problem = null;
      return;
    }
    problem = await onCommit(draft);
    if (problem === null) draft = null;
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === 'Enter') {
      event.preventDefault();
      void commit();
    } else if (event.key === 'Escape') {
      event.stopPropagation();
      draft = null;
      problem = null;
    }
  }
</script>

<span class="relative block min-w-0">
  <input
    class="input w-full px-2 {extra} {problem ? 'border-error' : ''}"
    aria-label={label}
    aria-invalid={problem !== null}
    aria-describedby={problem ? id : undefined}
    {placeholder}
    value={draft ?? value}
    oninput={(event) => (draft = event.currentTarget.value)}
    onkeydown={keyed}
    onblur={commit}
    dir="auto"
    spellcheck="false"
    autocomplete="off"
  />
  {#if problem}<span {id} class="text-error mt-1 block text-[11.5px]" role="alert">{problem}</span>{/if}
</span>
