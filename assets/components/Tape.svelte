<script lang="ts">
  /** A name that the operator gave, on tape; the roll is the colour of its tape. */
  let { name, roll = 'cream', class: extra = '' }: { name: string; roll?: string; class?: string } = $props();
</script>

<bdi class="tape {extra}" data-roll={roll} title={name}>{name}</bdi>
