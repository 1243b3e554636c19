<script lang="ts">
  import Dialog from '../components/Dialog.svelte';
  import { route } from '../state/navigation';

  let { open = $bindable() }: { open: boolean } = $props();

  const everywhere = [
    ['/', 'find anything'],
    ['?', 'these keys'],
    ['Ctrl Z', 'undo'],
    ['Ctrl Shift Z', 'redo'],
    ['Tab, Shift Tab', 'from field to field; the first Tab offers to skip to the work'],
    ['← → ↑ ↓', 'inside a group of keys, or of stages'],
    ['Enter / Esc', 'take what is typed / put it back'],
  ];
  const byStage: Record<string, string[][]> = {
    fixtures: [
      ['← → , PgUp PgDn', 'move the ladder that has the focus'],
      ['↑ ↓', 'in a range’s first or last value: one up, one down; neighbours follow'],
      ['Alt ↑ ↓', 'on a channel’s number: to another place'],
      ['Tab', 'takes the word that is offered while a range is typed'],
      ['1 … 9, Enter, ⌫', 'finding by fader: said before, the same again, take back'],
      ['24-210 strobe 0.8-16', 'a range: values, what they do, quantity, then a label if you like'],
      ['0-255 red', 'an emitter of the fixture'],
      ['0-118 dimmer', 'a dimmer that is full at 118'],
      ['60-79 preset #ff8600 Amber', 'a built-in colour'],
      ['15-29 wheel 1 #ff3020 Red', 'a slot of a colour wheel'],
      ['0-255 pan -270-270', 'a travel in degrees'],
      ['+ Shutter', 'a new channel of that name, then go on with its ranges'],
    ],
    patch: [
      ['1/37, 1.037 or 37', 'an address, with its universe or without'],
      ['← → ↑ ↓', 'on a piece of tape: nudge it; Enter drops it, Esc puts it back'],
    ],
    desk: [
      ['↑ ↓ , PgUp PgDn', 'move the fader that has the focus'],
      ['← →', 'to the next fader'],
      ['wheel, Shift wheel', 'over a fader: five at a time, one at a time'],
      ['Shift + a button', 'holds it down beside the others: a fader then moves all of them'],
      ['128, 50%, full, open', 'a value, a percent, the top of the dimmer, or the name of a range'],
    ],
    looks: [
      ['← → ↑ ↓', 'from cell to cell'],
      ['Enter, Ctrl Enter', 'picks the cell; adds it to what is picked'],
      ['Shift ↑ ↓', 'picks from the last one to here'],
      ['8 0 Enter', 'a level: 80 %'],
      ['amber Enter', 'a colour: its name, #ff8600, or 3200 K'],
      ['20 to 80, red to blue', 'spread over all that are picked, from the first to the last'],
    ],
  };
  const stage = $derived(route.pathname.split('/')[3] ?? '');
</script>

<Dialog title="Keys of this page" bind:open>
  <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5 text-[12.5px]">
    {#each [...(byStage[stage] ?? []), ...everywhere] as [key, words] (words)}
      <dt><kbd>{key}</kbd></dt>
      <dd class="dim">{words}</dd>
    {/each}
  </dl>
</Dialog>
