<script lang="ts">
  import { ENDS } from '../../lib/runs';

  type Ends = (typeof ENDS)[number][0];
  let { label, value, onChoose }: { label: string; value: string; onChoose: (ends: Ends) => unknown } = $props();
</script>

<label class="grid gap-0.5 text-[12.5px]"
  ><span class="dim truncate">{label}</span>
  <select class="select h-8" {value} onchange={(event) => onChoose(event.currentTarget.value as Ends)}>
    {#each ENDS as [key, words] (key)}<option value={key}>{words}</option>{/each}
  </select></label
>
