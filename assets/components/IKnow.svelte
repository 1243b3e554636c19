<script lang="ts">
  import { focused } from '../lib/focus';
  import { drafts } from '../state/drafts.svelte';
  import { kept } from '../state/kept';

  /** "I know": a caution is accepted, with a word why for whoever likes. */
  let {
    draft,
    about,
    onKnow,
  }: {
    /** What the note is kept under until it is taken. */
    draft: string;
    /** What it is about, for whoever only hears it. */
    about: string;
    onKnow: (note: string) => Promise<void>;
  } = $props();
  let noting = $state(false);
  let busy = $state(false);
  let note = $state('');

  async function know(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    await onKnow(note);
    busy = false;
    drafts.drop(draft);
    [noting, note] = [false, ''];
  }
</script>

{#if noting}
  <form class="mt-1 flex basis-full gap-1.5" onsubmit={know}>
    <input
      class="input h-7 min-w-0 flex-1 px-2"
      placeholder="Why, if you like"
      aria-label="Note"
      bind:value={note}
      {@attach focused}
      {@attach kept(
        draft,
        'Why a finding is so',
        () => note,
        (text) => (note = text),
      )}
      onkeydown={(event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        noting = false;
      }}
    /><button class="btn h-7 px-2" disabled={busy}>Keep it</button>
  </form>
{:else}
  <button class="dim cursor-pointer hover:underline" aria-label="I know: {about}" onclick={() => (noting = true)}
    >I know</button
  >
{/if}
