<script lang="ts">
  import { answered, api } from '../api/client';
  import { wordsOf } from '../api/errors';
  import type { Unit } from '../api/types';

  /** What the unit's display says, letter by letter, and from there how often to press which key. */
  let { rig, unit }: { rig: string; unit: Unit } = $props();
  let shown = $state('');
  let words = $state('');
  let tone = $state('');
  const TONES: Record<string, string> = {
    right: 'text-success',
    address: '',
    mode: 'text-warning',
    state: 'text-warning',
    sign: 'text-warning',
    unknown: 'text-error',
  };
  let turn = 0;

  async function read() {
    const mine = ++turn;
    if (shown.trim() === '') return void (words = '');
    const path = { rig, id: unit.id };
    try {
      const answer = await answered(
        api.POST('/api/rigs/{rig}/units/{id}/presses', { params: { path }, body: { shown: shown.trim() } }),
      );
      if (mine === turn) [words, tone] = [answer.words, TONES[answer.kind] ?? ''];
    } catch (error) {
      if (mine === turn) [words, tone] = [wordsOf(error), 'text-error'];
    }
  }
</script>

<p class="mt-2 flex flex-wrap items-center gap-2 text-[12.5px]">
  <label class="flex items-center gap-3"
    ><span class="dim whitespace-nowrap">It shows now</span><input
      class="input mono h-7 w-20 px-2"
      aria-label="What {unit.name} shows now"
      autocapitalize="off"
      autocomplete="off"
      spellcheck="false"
      bind:value={shown}
      oninput={read}
    /></label
  >
  <span class={tone} aria-live="polite">{words}</span>
</p>
