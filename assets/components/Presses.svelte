<script lang="ts">
  import { answered, api } from '../api/client';
  import { wordsOf } from '../api/errors';
  import type { Unit } from '../api/types';

  /** How often to press which key, counted from what the unit's display shows now. */
  let { rig, unit }: { rig: string; unit: Unit } = $props();
  let shown = $state('');
  let words = $state('');
  let isWrong = $state(false);

  async function count() {
    if (shown.trim() === '') return void (words = '');
    const body = { from: Number(shown.replace(/^\D+/, '')) };
    const path = { rig, id: unit.id };
    try {
      words = (await answered(api.POST('/api/rigs/{rig}/units/{id}/presses', { params: { path }, body }))).words;
      isWrong = false;
    } catch (error) {
      [words, isWrong] = [wordsOf(error), true];
    }
  }
</script>

<p class="mt-2 flex flex-wrap items-center gap-2 text-[12.5px]">
  <label class="flex items-center gap-3"
    ><span class="dim">It shows now</span><input
      class="input mono h-7 w-16 px-2"
      aria-label="What {unit.name} shows now"
      inputmode="numeric"
      bind:value={shown}
      oninput={count}
    /></label
  >
  <span class:text-error={isWrong} aria-live="polite">{words}</span>
</p>
