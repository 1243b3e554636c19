<script lang="ts">
  import { calc } from '../api/client';
  import { wordsOf } from '../api/errors';
  import { rangeAt } from '../lib/ranges';

  type Named = { from: number; to: number; label: string; function: string };

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
    const typed = text.trim().toLowerCase();
    if (typed === 'full')
      return ranges.find((one) => one.function === 'intensity' || one.function === 'emitter')?.to ?? 255;
    const named =
      typed === ''
        ? undefined
        : ranges.find((one) => one.label.toLowerCase().startsWith(typed) || one.function === typed);
    if (named && Number.isNaN(Number(typed))) return Math.floor((named.from + named.to) / 2);
    const percent = typed.endsWith('%');
    const number = Number(percent ? typed.slice(0, -1) : typed);
    if (typed === '' || Number.isNaN(number))
      throw new Error('Type 0 to 255, a percent, "full" or the name of a range.');
    const answer = await calc<{ value: number }>('value.convert', {
      value: number,
      from: percent ? 'percent' : 'dmx',
      to: 'dmx',
    });
    return answer.value;
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
    color: var(--grease-ink);
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
