<script lang="ts" module>
  import type { Change } from '../../api/types';

  type Light = Omit<Extract<Change, { do: 'light-units' }>, 'do' | 'look' | 'units'>;
  /** How a unit lights, copied from one cell for others. */
  let copied = $state.raw<Light | null>(null);
</script>

<script lang="ts">
  import { untrack } from 'svelte';
  import EditText from '../../components/EditText.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Look, LookIntent } from '../../api/types';
  import { farOff, saidColour, saidLevel } from '../../lib/colourWords';
  import { joined } from '../../lib/tapes';
  import { plural } from '../../lib/words';
  import { useFaders } from '../../state/faders.svelte';
  import { useRig } from '../../state/rig.svelte';
  import GamutPicker from './GamutPicker.svelte';
  import type { LookPick } from './lookPick.svelte';
  import { Mixing } from './mixing.svelte';

  /** What the picked units do in a look: said as it should be seen, whatever their channels are. */
  let { look, pick }: { look: Look; pick: LookPick } = $props();
  const session = useRig();
  const faders = useFaders();
  const mixing = new Mixing(untrack(() => session.id));

  const units = $derived(session.rig.units.filter((one) => pick.units.includes(one.id)));
  const cells = $derived(look.cells.filter((one) => pick.units.includes(one.unitId)));
  const intents = $derived(cells.flatMap((one) => (one.intent ? [one.intent] : [])));
  const isMeant = $derived(units.length > 0 && intents.length === units.length);
  /** What they have in common; "" where they differ or nobody has said. */
  function common<T>(of: (intent: LookIntent) => T): T | null {
    const all = intents.map(of);
    return isMeant && all.every((one) => one === all[0]) ? (all[0] ?? null) : null;
  }
  const level = $derived(common((one) => one.level));
  const colour = $derived(common((one) => one.colour));
  const recipe = $derived(common((one) => one.recipe));
  const flash = $derived(common((one) => one.flash));
  const ids = $derived(units.map((one) => one.id));
  /** What is typed and not taken stays with these units in this look. */
  const about = $derived([look.id, ...ids].join());
  const first = $derived(mixing.mix?.units[0] ?? null);

  /** Twins go along, and are named. */
  const nameOf = (id: string) =>
    session.rig.units
      .filter((one) => one.id === id || one.twinOf === id)
      .reduce((name, one) => (name ? joined(name, one.name) : one.name), '');

  const RECIPES: Record<string, [name: string, why: string]> = {
    brightest: ['Brightest', 'as much light as there can be'],
    'white-first': ['White first', 'kinder to faces and cloth'],
    three: ['Red, green, blue', 'to match plainer units'],
  };
  const percent = (share: number) => `${Math.round(share * 100)} %`;

  $effect(() => {
    const intent = intents[0];
    const asked = intent?.x != null && intent.y != null ? { x: intent.x, y: intent.y } : null;
    void mixing.ask(ids, asked);
  });

  /** @param quietly a field shows by itself what is wrong; a button leaves that to the stage */
  async function change(what: Change, quietly = false): Promise<string | null> {
    const problem = await session.change(what, quietly);
    // The strip shows the look as it is now.
    if (!problem) faders.recall(look);
    return problem?.firstWords ?? null;
  }
  const light = (what: Light, quietly = false) =>
    change({ do: 'light-units', look: look.id, units: ids, ...what }, quietly);
  const typed = (what: Light) => light(what, true);

  /** "20-80", "red to blue": from the first unit to the last. */
  const ends = (text: string) => text.split(/\s+to\s+|\s*(?:…|–)\s*|(?<=[\d%])\s*-\s*(?=\d)/);
  function setLevel(text: string): Promise<string | null> {
    const said = ends(text).map(saidLevel);
    const [from, to] = said;
    if (from == null || said.length > 2 || to === null)
      return Promise.resolve('Type 0 to 100 %, full or half; or 20 to 80 over all that are picked.');
    return typed({ level: from, ...(to === undefined ? {} : { levelTo: to }) });
  }
  function setColour(text: string): Promise<string | null> {
    if (text.trim() === '') return typed({ plain: true });
    const said = ends(text).map(saidColour);
    const [from, to] = said;
    if (!from || said.length > 2 || to === null)
      return Promise.resolve(
        'Type a colour: amber, #ff8600, 3200 K, or 0.31, 0.33; or red to blue over all that are picked.',
      );
    return typed({ colour: from, ...(to ? { colourTo: to } : {}) });
  }
  function setFlash(text: string): Promise<string | null> {
    const said = text.trim().toLowerCase();
    const number = said === 'steady' || said === '' ? 0 : Number(/^(\d+(?:\.\d+)?)\s*(?:hz)?$/.exec(said)?.[1] ?? NaN);
    return Number.isNaN(number) ? Promise.resolve('Type flashes a second, or steady.') : typed({ flash: number });
  }
  function copy() {
    const [one] = intents;
    if (!one) return;
    const how: Light = { level: one.level, recipe: one.recipe as 'brightest', flash: one.flash };
    copied = one.x != null && one.y != null ? { ...how, colour: { x: one.x, y: one.y } } : { ...how, plain: true };
  }
  const takeTried = () => {
    const tried = mixing.mix?.colour;
    if (tried) void light({ colour: { x: tried.x, y: tried.y } });
  };
</script>

<div class="mb-2 flex flex-wrap items-center gap-1.5">
  {#each units.slice(0, 4) as unit (unit.id)}<Tape name={nameOf(unit.id)} />{/each}
  {#if units.length > 4}<span class="dim">and {units.length - 4} more</span>{/if}
  <span class="dim">in</span><b class="font-[620]">{look.name}</b>
</div>
{#if !isMeant}<p class="dim mb-2 text-[12.5px]">
    {cells.length === 0
      ? `This look leaves ${units.length > 1 ? 'them' : 'it'} alone: what stands there stays.`
      : cells.length < units.length
        ? 'Some of these are left alone.'
        : intents.length > 0
          ? 'Some of these are meant, some stand as the faders were set.'
          : 'As the faders were set. Say what to see, and the values follow, whatever hangs there.'}
  </p>{/if}
<div class="grid grid-cols-[52px_1fr] items-start gap-x-2 gap-y-1.5">
  <span class="dim pt-1.5">Level</span>
  <EditText label="Level" {about} class="mono" value={level === null ? '' : percent(level)} onCommit={setLevel} />
  <span class="dim pt-1.5">Colour</span>
  <EditText
    label="Colour"
    {about}
    class="mono"
    placeholder="amber, #ff8600, 3200 K"
    value={colour ?? ''}
    onCommit={setColour}
  />
  <span class="dim pt-1.5">Flash</span>
  <EditText
    label="Flash"
    {about}
    class="mono"
    value={flash === null ? '' : flash === 0 ? 'steady' : `${flash} Hz`}
    onCommit={setFlash}
  />
</div>
{#if mixing.mix?.units.some((one) => one.corners.length > 1)}
  <div class="mt-3">
    <GamutPicker mix={mixing.mix} onTry={(u, v) => void mixing.ask(ids, { u, v })} onTake={takeTried} />
  </div>
{/if}
{#if first && first.ways.length > 1}
  <div class="mt-2 grid gap-1" role="group" aria-label="How it is mixed">
    {#each first.ways as way (way.recipe)}
      {@const [name, why] = RECIPES[way.recipe] ?? [way.recipe, '']}
      <button
        class="btn h-auto justify-between py-1 text-left"
        aria-pressed={recipe === way.recipe}
        disabled={session.busy}
        onclick={() => light({ recipe: way.recipe as 'brightest' })}
      >
        <span>{name} <span class="dim block text-[11px] font-[400]">{why}</span></span>
        <span class="mono">{percent(way.brightness)}</span>
      </button>
    {/each}
  </div>
{/if}
{#if mixing.mix?.colour}
  <ul class="mt-3 grid gap-1.5">
    {#each mixing.mix.units as one (one.unitId)}
      {@const way = one.ways.find((each) => each.recipe === recipe) ?? one.ways[0]}
      {#if way}
        <li class="rule border-t pt-1.5 text-[12.5px]">
          <div class="flex items-center gap-2">
            <Tape name={nameOf(one.unitId)} />
            {#if way.deltaUv != null}<span class="dim flex-1"
                >{farOff(way.deltaUv)}, off by <span class="mono">{way.deltaUv.toFixed(4)}</span></span
              >{/if}
          </div>
          {#if units.length === 1}
            <div class="mono dim mt-1 flex flex-wrap gap-x-3">
              {#each way.channels as channel (channel.label)}<span>{channel.label} {channel.value}</span>{/each}
            </div>
          {/if}
          {#each way.notes as note (note)}<p class="dim">{note}</p>{/each}
        </li>
      {/if}
    {/each}
  </ul>
{/if}
{#if mixing.mix?.meet}
  {@const meet = mixing.mix.meet}
  <button
    class="btn btn-primary mt-3 h-auto w-full justify-start gap-2 py-1.5 text-left"
    disabled={session.busy}
    onclick={() => light({ colour: { x: meet.colour.x, y: meet.colour.y } })}
  >
    <i class="spot" style:background={meet.colour.hex}></i>
    <span
      >Meet here: all within <span class="mono">{meet.worst.toFixed(4)}</span>
      <span class="block text-[11px] font-[400]">alike on all, and {meet.away.toFixed(3)} from what was asked</span
      ></span
    >
  </button>
{/if}
<div class="mt-3 flex flex-wrap gap-2">
  <button class="btn" disabled={intents.length === 0} onclick={copy}>Copy</button>
  <button class="btn" disabled={session.busy || !copied} onclick={() => copied && light(copied)}>Paste</button>
  <button
    class="btn"
    disabled={session.busy || cells.length === 0}
    onclick={() => change({ do: 'leave-out', look: look.id, units: ids })}
    >Leave {plural(units.length, 'unit')} out</button
  >
  {#if units.length > 1 && pick.units[0]}
    <button
      class="btn"
      disabled={session.busy}
      onclick={() => change({ do: 'give-looks', from: pick.units[0] ?? '', units: pick.units.slice(1) })}
      >Give all looks of {nameOf(pick.units[0])} to the {units.length > 2 ? 'others' : 'other'}</button
    >
  {/if}
  <button class="btn btn-quiet" onclick={() => pick.clear()}>Back to the look</button>
</div>

<style>
  .spot {
    width: 18px;
    height: 18px;
    flex: none;
    border-radius: 50%;
    border: 2px solid #000;
  }
</style>
