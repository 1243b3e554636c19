<script lang="ts">
  /** A name that the operator gave, on tape. */
  let { name, class: extra = '' }: { name: string; class?: string } = $props();
</script>

<bdi class="tape {extra}" title={name}>{name}</bdi>
