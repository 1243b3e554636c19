<script lang="ts">
  import EditText from '../../components/EditText.svelte';
  import LinkAir from './LinkAir.svelte';
  import { namedAlike } from '../../lib/receivers';
  import { baseOf } from '../../lib/words';
  import OwnReceiver from './OwnReceiver.svelte';
  import SettingSelect from './SettingSelect.svelte';
  import SharedReceiver from './SharedReceiver.svelte';
  import type { Change, Link } from '../../api/types';
  import { useRig } from '../../state/rig.svelte';

  /** Senders, and the units that listen to each: through receivers of their own, or one that several share. */
  const session = useRig();
  const rig = $derived(session.rig);
  const own = (link: Link) => rig.units.filter((one) => one.linkId === link.id && !one.receiverId);

  async function change(what: Change): Promise<string | null> {
    const told = await session.change(what, true);
    return told ? (told.at('label') ?? told.message) : null;
  }
  async function hears(channels: string): Promise<string | null> {
    const told = await session.change({ do: 'hear-house', channels }, true);
    return told ? (told.at('channels') ?? told.message) : null;
  }
  const remove = (link: Link) => session.change({ do: 'remove-link', link: link.id });
  const connect = (unit: string, link: string) => session.change({ do: 'connect-unit', unit, link });
  /** Units named alike, "Bulb 1" to "Bulb 12", go behind a sender at once. */
  const ALL = 'all of ';
  const apart = (link: Link) => rig.units.filter((one) => one.linkId !== link.id);
  const connectAll = (base: string, link: Link) =>
    session.change(
      apart(link)
        .filter((one) => baseOf(one.name) === base)
        .map((one) => ({ do: 'connect-unit' as const, unit: one.id, link: link.id })),
    );
  function share(link: Link) {
    const taken = new Set(rig.links.flatMap((one) => one.receivers.map((receiver) => receiver.label)));
    let nth = 1;
    while (taken.has(`Receiver ${nth}`)) nth += 1;
    return session.change({ do: 'add-receiver', link: link.id, label: `Receiver ${nth}` });
  }
</script>

<div class="grid gap-4">
  {#if rig.links.length}
    <div class="flex flex-wrap items-center gap-2 text-[12.5px]">
      <span class="dim">The house's own network is on channels</span>
      <span class="w-32"
        ><EditText
          label="Channels of the house network"
          class="h-7"
          value={rig.house.join(' ')}
          placeholder="1 6 11, or none"
          onCommit={hears}
        /></span
      >
    </div>
  {/if}
  {#each rig.links as link (link.id)}
    <div class="flex flex-wrap items-start gap-y-1">
      <div class="pane rule grid w-[236px] gap-1.5 rounded-md border p-2">
        <div class="flex items-center gap-1">
          <EditText
            label="Name of the sender"
            about={link.id}
            class="h-7"
            value={link.label}
            onCommit={(text) => change({ do: 'rename-link', link: link.id, label: text })}
          />
          <button class="btn btn-quiet h-7 px-2" onclick={() => remove(link)} aria-label="Remove sender {link.label}"
            >Remove</button
          >
        </div>
        <div class="flex items-center gap-2 text-[12px]">
          <span class="dim">{link.kit}, set to</span>
          <SettingSelect
            {link}
            value={link.name}
            label="Name that {link.label} sends on"
            onChoose={(name) => name && change({ do: 'tune-link', link: link.id, name })}
          />
        </div>
      </div>
      <ul class="grid min-w-0 flex-1 basis-[300px] gap-2 pt-1.5">
        {#each own(link) as unit (unit.id)}
          <li class="flex items-start gap-2">
            <span class="air mt-3.5 shrink-0" class:broken={unit.silence} aria-hidden="true"></span>
            <span class="flex min-w-0 flex-wrap items-center gap-2"><OwnReceiver {link} {unit} /></span>
          </li>
        {/each}
        {#each link.receivers as receiver (receiver.id)}
          <li class="flex items-start gap-2">
            <span class="air mt-5 shrink-0" class:broken={receiver.setting !== link.name} aria-hidden="true"></span>
            <SharedReceiver {link} {receiver} />
          </li>
        {/each}
        {#if !own(link).length && !link.receivers.length}
          <li class="flex items-center gap-2">
            <span class="air broken" aria-hidden="true"></span><span class="text-warning text-[12.5px]"
              >no receiver behind it</span
            >
          </li>
        {/if}
        <li class="flex flex-wrap gap-2 pl-[52px]">
          <select
            class="select h-7 w-52"
            aria-label="Put a unit behind {link.label}"
            value=""
            onchange={(event) => {
              const id = event.currentTarget.value;
              event.currentTarget.value = '';
              if (id.startsWith(ALL)) void connectAll(id.slice(ALL.length), link);
              else if (id) void connect(id, link.id);
            }}
          >
            <option value="">A unit with its own receiver…</option>
            {#each namedAlike(apart(link)) as [base, count] (base)}<option value={ALL + base}>all {count} {base}</option
              >{/each}
            {#each rig.units.filter((one) => one.linkId !== link.id) as one (one.id)}<option value={one.id}
                >{one.name}</option
              >{/each}
          </select>
          <button
            class="btn btn-quiet h-7"
            onclick={() => share(link)}
            aria-label="Add a shared receiver to {link.label}"
            title="For units chained behind one receiver, or on outputs of it">Add a shared receiver</button
          >
        </li>
      </ul>
      <LinkAir {link} />
    </div>
  {:else}
    <p class="dim text-[12.5px]">No radio here: every unit hangs on a cable.</p>
  {/each}
</div>

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
