<script lang="ts">
  import { answered, api } from '../api/client';
  import type { TypedValueBody as Body } from '../api/types';
  import { wordsOf } from '../api/errors';
  import { rangeAt } from '../lib/ranges';

  type Named = {
    from: number;
    to: number;
    label: string;
    function: string;
    start?: number | null;
    end?: number | null;
  };

  /** A value as it is typed at a desk: 0 to 255, "50%", "full", or the name of a range. */
  let {
    value,
    label,
    ranges = [],
    onCommit,
  }: { value: number; label: string; ranges?: readonly Named[]; onCommit: (value: number) => void } = $props();

  let draft = $state<string | null>(null);
  let problem = $state<string | null>(null);

  async function read(text: string): Promise<number> {
    const asked = ranges.map(({ from, to, label: words, function: does, start, end }) => ({
      from,
      to,
      label: words,
      function: does,
      start: start ?? null,
      end: end ?? null,
    }));
    const body = { text, ranges: asked as Body['ranges'] };
    return (await answered(api.POST('/api/typed-value', { body }))).value;
  }

  async function commit() {
    if (draft === null) return;
    try {
      onCommit(await read(draft));
      draft = null;
      problem = null;
    } catch (error) {
      problem = wordsOf(error);
    }
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === 'Enter') void commit();
    else if (event.key === 'Escape') {
      event.stopPropagation();
      draft = null;
      problem = null;
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      onCommit(Math.min(255, Math.max(0, value + (event.key === 'ArrowUp' ? 1 : -1))));
    }
  }
  const here = $derived(rangeAt(ranges, value));
</script>

<span class="relative">
  <input
    class="field mono"
    class:bad={problem}
    aria-label="{label}, value{here ? `, ${here.label}` : ''}"
    title={problem ?? undefined}
    aria-invalid={problem !== null}
    value={draft ?? String(value)}
    oninput={(event) => (draft = event.currentTarget.value)}
    onfocus={(event) => event.currentTarget.select()}
    onkeydown={keyed}
    onblur={commit}
    autocomplete="off"
  />
  {#if problem}<span class="why-not at-right" role="alert">{problem}</span>{/if}
</span>

<style>
  .field {
    width: 46px;
    height: 24px;
    padding: 0 3px;
    text-align: right;
    font-size: 12.5px;
    font-weight: 560;
    color: inherit;
    background: transparent;
    border: 1px solid transparent;
    border-radius: 4px;
  }
  .field:hover,
  .field:focus {
    border-color: var(--line);
    background: var(--color-base-100);
  }
  .bad {
    border-color: var(--color-error);
  }
</style>
