<script lang="ts">
  import ValueField from '../../components/ValueField.svelte';
  import Travel from './Travel.svelte';

  /** A fader of the desk itself: the master, or one of the cross faders. */
  let { name, value, onMove }: { name: string; value: number; onMove: (value: number) => void } = $props();
</script>

<div class="side">
  <ValueField {value} label={name} onCommit={onMove} />
  <Travel {value} label={name} {onMove} colour="var(--color-primary)" />
  <span class="now" class:low={value === 0}>{value === 255 ? 'full' : value === 0 ? 'at 0' : ''}</span>
  <span class="name" title={name}>{name}</span>
</div>

<style>
  .side {
    container: strip / inline-size;
    width: 58px;
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 3px;
    padding: 3px 0;
  }
  .now {
    height: 16px;
    font-size: 11px;
    color: var(--dim);
  }
  .low {
    color: var(--color-warning);
    font-weight: 620;
  }
  .name {
    max-width: 100%;
    height: 22px;
    font-size: 12px;
    font-weight: 620;
    font-stretch: 82%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
</style>
