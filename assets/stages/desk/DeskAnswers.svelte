<script lang="ts">
  import type { Describing, LayoutKey, NumberField } from '../../state/describing.svelte';
  import DeskSketch from './DeskSketch.svelte';

  /** The questions about a desk; each answer that contradicts another says so under itself. */
  let { describing }: { describing: Describing } = $props();

  const LAYOUTS: [LayoutKey, string, string][] = [
    ['buttons', 'Fixture buttons', 'A key chooses a unit, the faders drive its channels'],
    ['flat', 'Plain faders', 'Each fader of each page is one address'],
    ['preset', 'Two presets', 'Two rows over the same addresses, cross faders between'],
    ['zones', 'Zone panel', 'Each zone has a few faders of its own'],
  ];
  const isZones = $derived(describing.layout === 'zones');
  const KEYS = $derived<[string, string][]>([
    ...(describing.asks('buttons') ? ([['button', isZones ? 'Zone' : 'Button']] as [string, string][]) : []),
    ...(describing.asks('pages') ? ([['page', 'Page']] as [string, string][]) : []),
    ['bank', 'Bank'],
    ['scene', 'Scene'],
    ['chase', 'Chase'],
    ['program', 'Program'],
    ['store', 'Store'],
    ['master', 'Master'],
    ['blackout', 'Blackout'],
    ...(describing.layout === 'preset'
      ? ([
          ['crossA', 'Cross fader A'],
          ['crossB', 'Cross fader B'],
        ] as [string, string][])
      : []),
  ]);
</script>

{#snippet number(field: NumberField, words: string, unit = '')}
  {#if describing.asks(field)}
    {@const wrong = describing.at(field)}
    <label class="answer">
      <span>{words}</span>
      <span class="flex items-center gap-1.5"
        ><input
          class="input mono h-8 w-20"
          class:border-error={wrong}
          inputmode="decimal"
          autocomplete="off"
          aria-invalid={!!wrong}
          bind:value={describing.typed[field]}
        />{#if unit}<span class="dim">{unit}</span>{/if}</span
      >
      {#if wrong}<span class="wrong" role="alert">{wrong}</span>{/if}
    </label>
  {/if}
{/snippet}

<form class="grid gap-4" onsubmit={(event) => event.preventDefault()}>
  <label class="answer max-w-[340px]">
    <span>What is it called?</span>
    <input
      class="input h-8 w-full"
      dir="auto"
      autocomplete="off"
      bind:value={describing.name}
      aria-invalid={!!describing.at('name')}
    />
    {#if describing.at('name')}<span class="wrong" role="alert">{describing.at('name')}</span>{/if}
  </label>
  <fieldset>
    <legend>What kind is it?</legend>
    <div class="grid grid-cols-4 gap-2 max-[1100px]:grid-cols-2" role="radiogroup" aria-label="What kind is it?">
      {#each LAYOUTS as [key, words, about] (key)}
        <label class="kind" class:on={describing.layout === key}>
          <input type="radio" class="sr-only" name="layout" value={key} bind:group={describing.layout} />
          <DeskSketch layout={key} small buttons={key === 'zones' ? 3 : 6} faders={key === 'zones' ? 3 : 6} pages={2} />
          <b>{words}</b><span class="dim">{about}</span>
        </label>
      {/each}
    </div>
  </fieldset>
  <fieldset>
    <legend>Count</legend>
    <div class="answers">
      {@render number('buttons', isZones ? 'Zones' : 'Fixture buttons')}
      {@render number(
        'faders',
        isZones ? 'Faders of a zone' : describing.layout === 'preset' ? 'Faders of one row' : 'Faders',
      )}
      {@render number('pages', 'Pages of faders')}
      {@render number('stride', isZones ? 'Addresses from zone to zone' : 'Addresses from button to button')}
      {@render number('first', 'First address')}
      {@render number('universe', 'Universe')}
      {@render number('banks', 'Banks')}
      {@render number('scenesPerBank', 'Scenes in a bank')}
      {@render number('chases', 'Chases')}
      {@render number('stepsPerChase', 'Steps of a chase')}
      {#if describing.asks('wide')}
        <label class="answer"
          ><span>Set to one wide row?</span><input
            type="checkbox"
            class="toggle toggle-sm"
            bind:checked={describing.wide}
          />
          {#if describing.at('wide')}<span class="wrong" role="alert">{describing.at('wide')}</span>{/if}</label
        >
      {/if}
    </div>
  </fieldset>
  <fieldset>
    <legend>Measure</legend>
    <div class="answers">
      {@render number('pitch', 'Fader to fader', 'mm')}
      {@render number('buttonPitch', isZones ? 'Zone to zone' : 'Button to button', 'mm')}
      {@render number('scenePitch', 'Scene key to scene key', 'mm')}
      {@render number('tapeHeight', 'Height there is for tape', 'mm')}
    </div>
    <p class="dim mt-1 text-[12px]">
      From the middle of the first cap to the middle of the last, divided by one less than there are.
    </p>
  </fieldset>
  <fieldset>
    <legend>Times that its own faders give</legend>
    <div class="answers">
      {@render number('fadeFrom', 'Fade, shortest', 's')}
      {@render number('fadeTo', 'Fade, longest', 's')}
      {@render number('holdFrom', 'Hold, shortest', 's')}
      {@render number('holdTo', 'Hold, longest', 's')}
    </div>
    {#each ['fade', 'hold'] as field (field)}{#if describing.at(field)}<p class="wrong" role="alert">
          {describing.at(field)}
        </p>{/if}{/each}
  </fieldset>
  <fieldset>
    <legend>How it behaves</legend>
    <div class="answers">
      <label class="answer"
        ><span>Its master moves</span><select class="select h-8" bind:value={describing.master}>
          <option value="">not known</option><option value="all">everything</option><option value="dimmers"
            >dimmers alone</option
          ><option value="none">it has no master</option>
        </select></label
      >
      <label class="answer"
        ><span>After program mode</span><select class="select h-8" bind:value={describing.afterProgram}>
          <option value="">not known</option><option value="faders">its faders are live</option><option value="dark"
            >it is dark</option
          ><option value="scene">the stored scene stands</option><option value="chase">a chase may run</option>
        </select></label
      >
      <label class="answer"
        ><span>Radio built in</span><select class="select h-8" bind:value={describing.radio}>
          <option value="">not known</option><option value="yes">yes</option><option value="no">no</option>
        </select></label
      >
    </div>
  </fieldset>
  <fieldset>
    <legend>What its keys are called, as printed on it</legend>
    <div class="answers">
      {#each KEYS as [key, usual] (key)}
        {@const wrong = describing.at(`keys.${key}`)}
        <label class="answer"
          ><span>{usual}</span><input
            class="input h-8 w-28"
            dir="auto"
            autocomplete="off"
            placeholder={usual}
            aria-invalid={!!wrong}
            value={describing.keyNames[key] ?? ''}
            oninput={(event) => (describing.keyNames = { ...describing.keyNames, [key]: event.currentTarget.value })}
          />{#if wrong}<span class="wrong" role="alert">{wrong}</span>{/if}</label
        >
      {/each}
      {#if describing.asks('pages')}
        <label class="answer"
          ><span>Names of the pages</span><input
            class="input h-8 w-36"
            autocomplete="off"
            placeholder="A, B"
            bind:value={describing.pageNames}
          />{#if describing.at('keys.pages')}<span class="wrong" role="alert">{describing.at('keys.pages')}</span
            >{/if}</label
        >
      {/if}
    </div>
  </fieldset>
  <fieldset>
    <legend>How is a scene stored? One step a line, in the desk's own words</legend>
    <textarea
      class="textarea w-full max-w-[640px] text-[12.5px]"
      rows="5"
      aria-label="How a scene is stored, one step a line"
      placeholder={(describing.check?.usual ?? []).join('\n')}
      bind:value={describing.store}></textarea>
    <p class="dim mt-1 max-w-[640px] text-[12px]">
      {'{look}, {bank}, {scene}'} stand for the look and its place. A line with {'{button}, {page} or {faders}'} is said once
      for each button and page that has something to set.
    </p>
    {#if describing.at('store')}<p class="wrong" role="alert">{describing.at('store')}</p>{/if}
  </fieldset>
</form>

<style>
  legend {
    font-weight: 620;
    margin-bottom: 6px;
  }
  .answers {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
  }
  .answer {
    display: grid;
    gap: 2px;
    align-content: start;
    justify-items: start;
    font-size: 12.5px;
    max-width: 210px;
  }
  .answer > span:first-child {
    color: var(--dim);
  }
  .wrong {
    color: var(--color-error);
    font-size: 12px;
  }
  .kind {
    display: grid;
    gap: 3px;
    align-content: start;
    padding: 7px;
    border: 1px solid var(--line);
    border-radius: 5px;
    font-size: 12px;
    cursor: pointer;
  }
  .kind.on {
    border-color: var(--color-primary);
  }
  .kind:focus-within {
    outline: 2px solid var(--color-primary);
    outline-offset: 1px;
  }
  .kind b {
    font-weight: 620;
    font-size: 13px;
  }
</style>
