<script lang="ts">
  import { answered, api } from '../../api/client';
  import EditText from '../../components/EditText.svelte';
  import Switches from '../../components/Switches.svelte';
  import type { Fixture } from '../../api/types';
  import { addressText } from '../../lib/address';
  import { useRig } from '../../state/rig.svelte';
  import { createQuery } from '@tanstack/svelte-query';
  import { chartQuery } from '../../api/queries';

  /** What to set on the selected unit, in its own words or switches. */
  let { fixture }: { fixture: Fixture } = $props();
  const session = useRig();
  const chart = createQuery(() => chartQuery(fixture.typeId, fixture.revision));
  const modes = $derived((chart.data?.chart.modes ?? []).filter((one) => one.channels.length > 0));

  const remove = () =>
    session.write((version) =>
      answered(
        api.POST('/api/rigs/{rig}/fixtures/{id}/remove', {
          params: { path: { rig: session.id, id: fixture.id } },
          body: { version },
        }),
      ),
    );
  async function hang(position: string): Promise<string | null> {
    const problem = await session.changeFixture(fixture.id, { position }, true);
    return problem ? (problem.at('position') ?? problem.message) : null;
  }
  async function rename(name: string): Promise<string | null> {
    const problem = await session.changeFixture(fixture.id, { name }, true);
    return problem ? (problem.at('name') ?? problem.message) : null;
  }
</script>

<div>
  <div class="mb-2 flex items-center gap-2">
    <h3 class="flex-1">Set on the unit</h3>
    <button class="btn btn-quiet h-7" onclick={remove} disabled={session.busy}>Take it down</button>
  </div>
  <div class="mb-3 grid grid-cols-[1fr_1fr_1.2fr] gap-2">
    <EditText label="Name on the tape" class="h-7" value={fixture.name} onCommit={rename} />
    <EditText
      label="Where it hangs"
      class="h-7"
      placeholder="front beam, left"
      value={fixture.position ?? ''}
      onCommit={hang}
    />
    <select
      class="select h-7 w-full"
      aria-label="Mode of {fixture.name}"
      value={fixture.mode}
      onchange={(event) => session.changeFixture(fixture.id, { mode: event.currentTarget.value })}
    >
      {#each modes as one (one.key)}<option value={one.key}>{one.name}, {one.channels.length} ch</option>{/each}
    </select>
  </div>
  {#if fixture.switches}
    {#key `${fixture.id}/${fixture.address}`}<Switches switches={fixture.switches} />{/key}
  {:else if fixture.display}
    <p class="flex items-center gap-3">
      <span class="display">{fixture.display}</span><span class="dim text-[12px]"
        >on its display, for {addressText(fixture.universe, fixture.address)}</span
      >
    </p>
  {:else}
    <p class="text-[12.5px]">Address <b class="mono">{addressText(fixture.universe, fixture.address)}</b></p>
  {/if}
  {#if fixture.setup}<p class="dim mt-2 text-[12.5px]">{fixture.setup}</p>{/if}
  {#if fixture.setting.length}
    <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[12px]" aria-label="What it is like to set">
      {#each fixture.setting as line (line.about + line.words)}<dt class="faint">{line.about}</dt>
        <dd class="dim">{line.words}</dd>{/each}
    </dl>
  {/if}
</div>

<style>
  .display {
    font: 600 20px 'Martian Mono Variable';
    letter-spacing: 0.06em;
    padding: 3px 12px;
    color: oklch(0.93 0.012 85);
    background: oklch(0.12 0.008 65);
    border: 1px solid oklch(0.34 0.012 65);
    border-radius: 4px;
  }
</style>
