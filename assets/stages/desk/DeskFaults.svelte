<script lang="ts">
  import FindingList from '../../components/FindingList.svelte';
  import { useRig } from '../../state/rig.svelte';

  /** What will surprise at this desk, each with its repair. */
  const session = useRig();
  const mine = $derived(session.rig.findings.filter((one) => one.stage === 'desk'));
  const wrong = $derived(mine.filter((one) => one.severity !== 'note'));
  const unreached = $derived(wrong.filter((one) => ['hidden', 'out_of_reach', 'other_universe'].includes(one.code)));
  const others = $derived(wrong.filter((one) => !unreached.includes(one)));
  const notes = $derived(mine.filter((one) => one.severity === 'note' && !one.knownId));
  const known = $derived(mine.filter((one) => one.knownId));
</script>

<h3 class="mb-2">What no fader reaches</h3>
<FindingList
  findings={unreached}
  empty={session.rig.units.length
    ? 'Every channel of every unit is on a fader.'
    : 'Nothing hangs yet: what the desk does not reach is told here.'}
/>
{#if others.length || known.length}
  <h3 class="rule mt-4 mb-2 border-t pt-3">{others.length ? 'To fix' : 'Nothing else to fix'}</h3>
  <FindingList findings={[...others, ...known]} empty="" />
{/if}
{#if notes.length}
  <h3 class="rule mt-4 mb-2 border-t pt-3">As it is meant</h3>
  <FindingList findings={notes} />
{/if}
<p class="dim rule mt-4 border-t pt-3 text-[12px]">
  Hands off a moving head that powers up: it sweeps to find its ends.
</p>
