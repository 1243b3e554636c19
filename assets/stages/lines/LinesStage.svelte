<script lang="ts">
  import type { ApiError } from '../../api/errors';
  import EditText from '../../components/EditText.svelte';
  import FindingList from '../../components/FindingList.svelte';
  import Tape from '../../components/Tape.svelte';
  import type { Change, Link } from '../../api/types';
  import { plural } from '../../lib/words';
  import { useBench } from '../../state/bench.svelte';
  import { useRig } from '../../state/rig.svelte';

  const KITS = ['Reed Link', 'Loon Pair'] as const;
  const session = useRig();
  useBench().leave();
  const rig = $derived(session.rig);
  const mine = $derived(rig.findings.filter((one) => one.stage === 'lines'));
  const onCable = $derived(rig.units.filter((one) => !one.linkId));

  let adding = $state(false);
  let kit = $state<(typeof KITS)[number]>(KITS[0]);
  let label = $state('Sender');
  let problem = $state<ApiError | null>(null);

  async function add(event: SubmitEvent) {
    event.preventDefault();
    problem = await session.change({ do: 'add-link', kit, label }, true);
    if (!problem) adding = false;
  }
  const behind = (link: Link) => rig.units.filter((one) => one.linkId === link.id);

  async function change(what: Change): Promise<string | null> {
    const told = await session.change(what, true);
    return told ? (told.at('label') ?? told.message) : null;
  }
  const remove = (link: Link) => session.change({ do: 'remove-link', link: link.id });
  const connect = (unit: string, link: string | null, receiver: string | null) =>
    session.change({ do: 'connect-unit', unit, link, receiver });
</script>

<svelte:head><title>Lines · {rig.name}</title></svelte:head>
<main class="grid min-h-0 grid-cols-[minmax(0,1fr)_340px]">
  <section class="scroll px-5 py-2.5">
    <div class="flex items-center gap-3 pb-2.5">
      <h2>Lines</h2>
      <span class="dim flex-1 text-[12.5px]"
        >{plural(rig.links.length, 'radio link')}, {plural(onCable.length, 'unit')} on cable</span
      >
      <button class="btn btn-primary" onclick={() => (adding = !adding)} aria-expanded={adding}>Add a radio link</button
      >
    </div>
    {#if adding}
      <form class="pane rule mb-3 flex items-start gap-3 rounded-md border p-3" onsubmit={add}>
        <label class="grid gap-1"
          ><span class="dim text-[12px]">Kit</span>
          <select class="select" bind:value={kit}
            >{#each KITS as one (one)}<option>{one}</option>{/each}</select
          >
        </label>
        <label class="grid gap-1"
          ><span class="dim text-[12px]">What you call the sender</span>
          <input class="input" bind:value={label} dir="auto" />
          {#if problem}<span class="text-error text-[11.5px]" role="alert"
              >{problem.at('label') ?? problem.message}</span
            >{/if}
        </label>
        <button class="btn btn-primary mt-[21px]">Add the sender</button>
      </form>
    {/if}
    <div class="rule grid grid-cols-[96px_1fr] border-t py-3">
      <div>
        <h3>Radio</h3>
        <span class="faint text-[11.5px]">sender and receiver must show the same name</span>
      </div>
      <div class="grid gap-5">
        {#each rig.links as link (link.id)}
          <div class="grid grid-cols-[210px_1fr] items-start gap-0">
            <div class="pane rule grid gap-1.5 rounded-md border p-2">
              <div class="flex items-center gap-1">
                <EditText
                  label="Name of the sender"
                  about={link.id}
                  class="h-7"
                  value={link.label}
                  onCommit={(text) => change({ do: 'rename-link', link: link.id, label: text })}
                />
                <button
                  class="btn btn-quiet h-7 px-2"
                  onclick={() => remove(link)}
                  aria-label="Remove sender {link.label}">Remove</button
                >
              </div>
              <label class="flex items-center gap-2 text-[12px]"
                ><span class="dim">{link.kit}, set to</span>
                <select
                  class="select h-7 flex-1"
                  value={link.name}
                  aria-label="Name that {link.label} sends on"
                  onchange={(event) => change({ do: 'tune-link', link: link.id, name: event.currentTarget.value })}
                >
                  {#each link.names as name (name)}<option>{name}</option>{/each}
                </select>
              </label>
            </div>
            <ul class="grid gap-2 pt-1.5">
              {#each behind(link) as unit (unit.id)}
                <li class="flex items-center gap-2">
                  <span class="air" class:broken={unit.silence} aria-hidden="true"></span>
                  <Tape name={unit.name} />
                  <label class="flex items-center gap-2 text-[12px]"
                    ><span class="dim whitespace-nowrap">receiver set to</span>
                    <select
                      class="select h-7"
                      value={unit.receiver ?? ''}
                      aria-label="Receiver of {unit.name}"
                      onchange={(event) => connect(unit.id, link.id, event.currentTarget.value || null)}
                    >
                      <option value="">not set</option>
                      {#each link.names as name (name)}<option>{name}</option>{/each}
                    </select>
                  </label>
                  <span class="text-[12px] {unit.silence ? 'text-error' : 'text-success'}"
                    >{unit.silence ? 'names differ' : 'linked'}</span
                  >
                  <button class="btn btn-quiet h-7" onclick={() => connect(unit.id, null, null)}>Put on cable</button>
                </li>
              {:else}
                <li class="flex items-center gap-2">
                  <span class="air broken" aria-hidden="true"></span><span class="text-warning text-[12.5px]"
                    >no receiver behind it</span
                  >
                </li>
              {/each}
              <li class="pl-[52px]">
                <select
                  class="select h-7 w-52"
                  aria-label="Put a unit behind {link.label}"
                  value=""
                  onchange={(event) => {
                    const id = event.currentTarget.value;
                    event.currentTarget.value = '';
                    if (id) void connect(id, link.id, null);
                  }}
                >
                  <option value="">Put a unit behind it…</option>
                  {#each rig.units.filter((one) => one.linkId !== link.id) as one (one.id)}<option value={one.id}
                      >{one.name}</option
                    >{/each}
                </select>
              </li>
            </ul>
          </div>
        {:else}
          <p class="dim text-[12.5px]">No radio here: every unit hangs on a cable.</p>
        {/each}
      </div>
    </div>
    <div class="rule grid grid-cols-[96px_1fr] border-t py-3">
      <div>
        <h3>Cable</h3>
        <span class="faint text-[11.5px]">in the order of the patch</span>
      </div>
      <div class="flex flex-wrap content-start items-start gap-2">
        {#each onCable as unit (unit.id)}<Tape name={unit.name} />{:else}<span class="dim text-[12.5px]">none</span
          >{/each}
      </div>
    </div>
  </section>
  <aside class="pane rule scroll border-l p-4">
    <h3 class="mb-2">
      {mine.some((one) => one.severity !== 'note') ? 'To fix' : rig.links.length ? 'All linked' : 'No radio link'}
    </h3>
    <FindingList
      findings={mine}
      empty={rig.links.length
        ? 'Every receiver hears its sender.'
        : rig.units.length
          ? 'Every unit hangs on a cable.'
          : 'Nothing hangs yet: what is wrong with links is told here.'}
    />
    <p class="dim rule mt-4 border-t pt-3 text-[12px]">
      One sender for each name. A unit that still listens to a hand remote will fight the desk.
    </p>
  </aside>
</main>

<style>
  .air {
    width: 44px;
    border-top: 2px dashed var(--color-success);
  }
  .broken {
    border-color: var(--color-error);
    opacity: 0.7;
    width: 26px;
    margin-right: 18px;
  }
</style>
