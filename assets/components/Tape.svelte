<script lang="ts">
  /** A name that the operator gave, on tape; the roll is the colour of its tape. */
  import { cutInTheMiddle } from '../lib/lamps';

  let {
    name,
    roll = 'cream',
    class: extra = '',
  }: { name: string; roll?: string | undefined; class?: string } = $props();
  const [head, tail] = $derived(cutInTheMiddle(name));
</script>

<bdi class="tape {extra}" class:cut={tail} data-roll={roll} title={name}
  >{#if tail}<span class="head">{head}</span><span class="tail">{tail}</span>{:else}{name}{/if}</bdi
>

<style>
  .cut {
    display: inline-flex;
    min-width: 0;
  }
  .head {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .tail {
    flex: none;
    white-space: pre;
  }
</style>
