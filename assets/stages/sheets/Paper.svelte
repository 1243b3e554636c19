<script lang="ts">
  import type { Fixture, Rig, Strip } from '../../api/types';
  import { pageName } from '../../lib/desk';
  import { addressText, threeDigits } from '../../lib/address';

  /** What the PDF will say, on screen. */
  let { rig }: { rig: Rig } = $props();
  const setting = (one: Fixture) =>
    [
      one.switches?.sum,
      one.display ? `Shows ${one.display}` : '',
      one.setup,
      one.linkId ? `Receiver on ${one.receiver ?? 'nothing yet'}` : '',
    ]
      .filter(Boolean)
      .join('; ');
  const groups = $derived.by(() => {
    const found: { head: string; strips: Strip[] }[] = [];
    for (const strip of rig.desk?.strips ?? []) {
      if (strip.fixtures.length === 0) continue;
      const parts = [
        strip.button ? `${rig.desk?.layout === 'zones' ? 'Zone' : 'Button'} ${strip.button}` : '',
        pageName(rig.desk, strip.page) ? `page ${pageName(rig.desk, strip.page)}` : '',
      ];
      const head = parts.filter(Boolean).join(', ') || 'Faders';
      let group = found.at(-1);
      if (group?.head !== head) found.push((group = { head, strips: [] }));
      group.strips.push(strip);
    }
    return found;
  });
</script>

<article class="paper">
  <h2><bdi>{rig.name}</bdi></h2>
  <p><bdi>{rig.venue}</bdi>{rig.desk ? ` · ${rig.desk.name}` : ''}</p>
  <h3>Patch list</h3>
  <table>
    <thead><tr><th>Name</th><th>Fixture, mode</th><th>Address</th><th>Set on the unit</th></tr></thead>
    <tbody>
      {#each rig.fixtures as one (one.id)}
        <tr
          ><td><b><bdi>{one.name}</bdi></b></td><td>{one.model}, {one.modeName}</td><td class="mono"
            >{addressText(one.universe, one.address)} to {threeDigits(one.last)}</td
          ><td>{setting(one)}</td></tr
        >
      {/each}
    </tbody>
  </table>
  <h3>Fader map</h3>
  {#each groups as group, index (index)}
    <p class="mono"><b>{group.head}</b> {group.strips.map((one) => `${one.fader} ${one.label}`).join(' · ')}</p>
  {:else}<p>No desk is chosen.</p>{/each}
  <h3>Programming steps</h3>
  {#each rig.looks as look (look.id)}
    <p>
      <b>{look.bank}.{look.number} <bdi>{look.name}</bdi></b>
      {look.problem ?? look.lines.join(' · ')}
    </p>
  {:else}<p>No look is recorded.</p>{/each}
</article>

<style>
  .paper {
    max-width: 640px;
    margin: 0 auto;
    padding: 30px 34px;
    background: #fff;
    color: #111;
    font-size: 12px;
  }
  h3 {
    margin: 16px 0 5px;
    border-bottom: 1px solid #111;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th,
  td {
    text-align: left;
    padding: 2px 8px 2px 0;
    border-bottom: 1px solid #ccc;
    vertical-align: top;
  }
  td:not(:last-child) {
    white-space: nowrap;
  }
  p {
    margin: 2px 0;
  }
  .mono {
    font-size: 10.5px;
  }
</style>
